package onebeat.desktop.rounds;

import java.util.Map;

/// What is chosen at Rounds.
///
/// @param round the place of the chosen round tonight, from 0
/// @param line the place of the chosen line among the camp's
/// @param reasons why rounds were put in by the program, by their ids
record RoundsState(int round, int line, Map<String, String> reasons) {

    static final RoundsState FIRST = new RoundsState(0, 0, Map.of());

    RoundsState {
        reasons = Map.copyOf(reasons);
    }

    RoundsState atRound(int place) {
        return new RoundsState(Math.max(0, place), line, reasons);
    }

    RoundsState atLine(int place) {
        return new RoundsState(round, Math.max(0, place), reasons);
    }

    RoundsState because(Map<String, String> more) {
        return new RoundsState(round, line, more);
    }

    String reason(String id) {
        return reasons.getOrDefault(id, "");
    }
}
