package onebeat.core.play;

import java.util.Comparator;
import java.util.List;
import onebeat.core.exchange.GapChange;

/// In which order a way's actions are played: on one beat the feet go first, then what is fed, then what meets it, then
/// what is thrown. A step in on the beat of a feed answers it and goes behind it: the feed is thrown from where it
/// reaches.
record PlayOrder(Way way) {

    private static final int FEET = 0;
    private static final int RHYTHM = 1;
    private static final int FED = 2;
    private static final int DEFENCE = 3;
    private static final int CLINCH = 4;
    private static final int THROWN = 5;
    private static final int REACTION = 6;

    List<Placed> sorted() {
        return way.actions().stream()
                .sorted(Comparator.comparing(Placed::beat)
                        .thenComparingInt(this::rank)
                        .thenComparingInt(Placed::index))
                .toList();
    }

    private int rank(Placed placed) {
        return switch (placed.technique().kind()) {
            case FEET -> answersWithAStepIn(placed) ? DEFENCE : FEET;
            case RHYTHM -> RHYTHM;
            case DEFENCE -> DEFENCE;
            case CLINCH -> CLINCH;
            case STRIKE -> placed.who() == Who.PARTNER ? FED : THROWN;
            case REACTION -> REACTION;
        };
    }

    private boolean answersWithAStepIn(Placed step) {
        return step.who() == Who.ATHLETE
                && step.technique().gap() instanceof GapChange.By(double cm)
                && cm < 0
                && way.actions().stream()
                        .anyMatch(other -> other.who() == Who.PARTNER
                                && other.technique().isStrike()
                                && other.beat().equals(step.beat()));
    }
}
