package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.book.Judgement;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardRound;
import onebeat.core.hearing.HeardTotals;
import onebeat.core.hearing.PlannedRound;
import onebeat.desktop.floor.FloorState.Listening;
import onebeat.desktop.text.GapWords;
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
        List<HeardRepetition> sure =
                heard.repetitions().stream().filter(HeardJudgements::isTaken).toList();
        String judged = sure.isEmpty()
                ? Texts.of("floor.heard.few")
                : Texts.of(
                        "floor.heard.round",
                        counts(sure),
                        sure.size(),
                        heard.repetitions().size());
        return state.schedule()
                .map(schedule -> HeardTotals.of(PlannedRound.of(schedule, round), heard))
                .map(totals -> judged + " " + totals(totals))
                .orElse(judged);
    }

    /// How it was done, as far as it was heard.
    private static String totals(HeardTotals totals) {
        List<String> words = new ArrayList<>();
        totals.gap().ifPresent(gap -> words.add(Texts.of("floor.heard.answers", GapWords.ms(gap.medianMs()))));
        totals.tempo().ifPresent(bpm -> words.add(Texts.of("floor.heard.tempo", Math.round(bpm))));
        totals.unevenMs().ifPresent(ms -> words.add(Texts.of("floor.heard.uneven", Math.round(ms))));
        if (totals.gap().isEmpty()) {
            totals.reactionMs().ifPresent(ms -> words.add(Texts.of("floor.heard.reaction", GapWords.ms(ms))));
        }
        if (totals.pauses() > 0) {
            words.add(Texts.of("floor.heard.pauses", totals.pausesKept(), totals.pauses()));
        }
        if (totals.skipped() > 0) {
            words.add(Texts.of("floor.heard.skipped", totals.skipped()));
        }
        return words.isEmpty() ? "" : Texts.of("floor.heard.totals", String.join(", ", words));
    }

    /// What was taken, and what of the round is left to the coach: those that are not clean are unsure more often.
    static String taken(HeardJudgements taken, HeardRound heard) {
        List<HeardRepetition> left = heard.repetitions().stream()
                .filter(one -> taken.isLeft(one.number()))
                .toList();
        return left.isEmpty()
                ? Texts.of("floor.heard.taken", taken.taken())
                : Texts.of("floor.heard.left", taken.taken(), counts(left));
    }

    private static String counts(List<HeardRepetition> repetitions) {
        Map<Judgement, Integer> counts = new EnumMap<>(Judgement.class);
        repetitions.forEach(one -> one.judged().ifPresent(judged -> counts.merge(judged, 1, Integer::sum)));
        List<String> words = new ArrayList<>();
        counts.forEach((judgement, count) -> words.add(Texts.of("judged." + judgement, count)));
        long unheard =
                repetitions.stream().filter(one -> one.judged().isEmpty()).count();
        if (unheard > 0) {
            words.add(Texts.of("floor.heard.unheard", unheard));
        }
        return String.join(", ", words);
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
