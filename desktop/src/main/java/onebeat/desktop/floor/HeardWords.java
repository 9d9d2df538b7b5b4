package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.book.Judgement;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardRound;
import onebeat.desktop.floor.FloorState.Listening;
import onebeat.desktop.text.Texts;

/// What was heard, in few words.
final class HeardWords {

    private HeardWords() {}

    /// The repetition that was heard last: one word, and how long after the feed its answer came.
    static String last(FloorState state) {
        Optional<Integer> round = state.clock().lastCall().map(call -> call.round());
        return round.flatMap(r -> Optional.ofNullable(state.listening().heard().get(r)))
                .filter(heard -> !heard.repetitions().isEmpty())
                .map(heard -> word(heard.repetitions().getLast()))
                .orElse("");
    }

    private static String word(HeardRepetition one) {
        String word = one.judged()
                .map(judged -> Texts.of("floor.heard." + judged))
                .map(said -> HeardJudgements.isTaken(one) ? said : Texts.of("floor.heard.unsure", said))
                .orElse(Texts.of("floor.heard.none"));
        return one.oneBeatMs()
                .map(ms -> ms == 0
                        ? Texts.of("floor.heard.together", word)
                        : Texts.of("floor.heard.gap", word, Math.round(ms)))
                .orElse(word);
    }

    /// What was heard of a round, and how much of it can be taken with a key.
    static String round(FloorState state, int round) {
        HeardRound heard = state.listening().heard().get(round);
        if (heard == null) {
            return "";
        }
        Map<Judgement, Integer> counts = new EnumMap<>(Judgement.class);
        int taken = 0;
        for (HeardRepetition one : heard.repetitions()) {
            if (HeardJudgements.isTaken(one)) {
                counts.merge(one.judged().orElseThrow(), 1, Integer::sum);
                taken++;
            }
        }
        if (taken == 0) {
            return Texts.of("floor.heard.few");
        }
        List<String> words = new ArrayList<>();
        counts.forEach((judgement, count) -> words.add(Texts.of("judged." + judgement, count)));
        return Texts.of(
                "floor.heard.round",
                String.join(", ", words),
                taken,
                heard.repetitions().size());
    }

    /// How loud it is heard, from 0 to 1. Below 0 where nobody listens.
    static double level(FloorState state) {
        return state.listening().isOn() ? state.listening().level() : -1;
    }

    /// What is said of the microphone; nothing while nobody listens.
    static String microphone(Listening listening) {
        return switch (listening.mode()) {
            case OFF -> "";
            case ON -> Texts.of("floor.listen.on");
            case STAND_IN -> Texts.of("floor.listen.standin");
            case NONE -> Texts.of("floor.listen.none");
            case BROKEN -> Texts.of("floor.listen.broken");
        };
    }
}
