package onebeat.core.hearing;

import java.util.List;
import java.util.Optional;
import onebeat.core.book.Judgement;
import onebeat.core.exchange.Constants;
import onebeat.core.play.Who;
import onebeat.core.rounds.Event;

/// What follows for one repetition from what was heard of it.
///
/// Clean: every contact was heard, and the answer came within its time of the feed, or of its beat where nothing
/// is fed. Late: every one was heard, and it came later. Stopped: the first ones were heard and the last ones
/// were not. A hole in the middle is unsure. The wrong answer cannot be told by its sound and is never proposed.
final class RepetitionHearing {

    private static final Constants NUMBERS = Constants.of(RoundPlacing.class, "alignment.csv", "number");
    private static final double LATE_MS = NUMBERS.get("late_ms");
    private static final double SOFT_MS = NUMBERS.get("late_soft_ms");

    private static final double WITH_BEAT_MS = NUMBERS.get("with_beat_ms");
    private static final double ON_CLICK_MS = NUMBERS.get("on_click_ms");
    private static final double SOFTER_DB = NUMBERS.get("softer_db");
    private static final double UNSURE = NUMBERS.get("sure_hole");
    private static final double EXTRA = NUMBERS.get("sure_extra");
    private static final double SOFTER = NUMBERS.get("sure_softer");
    private static final double AS_ONE = NUMBERS.get("sure_as_one");
    private static final double ONE_MISSING = NUMBERS.get("sure_one_missing");
    private static final double MORE_MISSING = NUMBERS.get("sure_more_missing");

    private RepetitionHearing() {}

    private record Told(Optional<Judgement> judged, double sure) {}

    /// @param extra hits that were heard about then and not planned
    static HeardRepetition of(
            PlannedRound round, int number, List<HeardContact> contacts, long extra, Placement placed) {
        Optional<HeardContact> answer =
                contacts.stream().filter(c -> c.planned().isAnswer()).findFirst();
        // One hit for feed and answer far off the beat is more likely the late answer alone: it tells no gap.
        Optional<Double> gap = answer.filter(a -> !isAlone(a, contacts)).flatMap(a -> gap(a, contacts));
        Told told = judged(contacts, answer, gap, placed.bySound());
        double start = round.starts().get(number);
        return new HeardRepetition(
                number,
                start,
                contacts,
                gap,
                answer.map(a -> a.planned().oneBeatMs()),
                reaction(round, number, contacts),
                told.judged,
                told.sure * placed.sure() * (extra > 0 ? EXTRA : 1));
    }

    private static Optional<Double> gap(HeardContact answer, List<HeardContact> contacts) {
        double fedAt = answer.planned().ms() - answer.planned().oneBeatMs();
        return contacts.stream()
                .filter(c ->
                        c.planned().who() == Who.PARTNER && Math.abs(c.planned().ms() - fedAt) < 1)
                .findFirst()
                .flatMap(feed -> feed.heardMs().flatMap(fed -> answer.heardMs().map(answered -> answered - fed)));
    }

    private static Optional<Double> reaction(PlannedRound round, int number, List<HeardContact> contacts) {
        Optional<Double> own = contacts.stream()
                .filter(c -> c.planned().who() == Who.ATHLETE)
                .findFirst()
                .flatMap(HeardContact::heardMs);
        Optional<Double> fed = contacts.stream()
                .filter(c -> c.planned().who() == Who.PARTNER)
                .findFirst()
                .flatMap(HeardContact::heardMs);
        Optional<Double> called = round.sounds().stream()
                .filter(s -> s.kind() == Event.Kind.CALL && s.repetition() == number)
                .map(KnownSound::ms)
                .findFirst();
        return own.flatMap(at -> fed.filter(feed -> feed <= at).or(() -> called).map(cue -> at - cue));
    }

    /// @param bySound whether the recording is placed by what is heard: else nothing can be told from the beat
    private static Told judged(
            List<HeardContact> contacts, Optional<HeardContact> answer, Optional<Double> gap, boolean bySound) {
        List<HeardContact> own =
                contacts.stream().filter(c -> c.planned().who() == Who.ATHLETE).toList();
        List<HeardContact> counted = own.isEmpty() ? contacts : own;
        int last = -1;
        int heard = 0;
        double clear = 1;
        for (int i = 0; i < counted.size(); i++) {
            if (counted.get(i).heardMs().isPresent()) {
                last = i;
                heard++;
                clear = Math.min(clear, clarity(counted.get(i)));
            }
        }
        if (heard == 0) {
            boolean fed = contacts.stream().anyMatch(c -> c.heardMs().isPresent());
            // A feed and no answer: the athlete stopped, or what answered made no sound.
            return fed ? new Told(Optional.of(Judgement.STOPPED), UNSURE) : new Told(Optional.empty(), 0);
        }
        if (last + 1 < counted.size()) {
            boolean hole = heard < last + 1;
            return new Told(Optional.of(Judgement.STOPPED), hole ? UNSURE : clear * stoppedFor(contacts));
        }
        double later =
                gap.map(ms -> ms - answer.orElseThrow().planned().oneBeatMs()).orElseGet(() -> offBeat(counted));
        Judgement judgement = later > LATE_MS ? Judgement.LATE : Judgement.CLEAN;
        double sure = clear * (1 - Math.exp(-Math.abs(later - LATE_MS) / SOFT_MS));
        sure *= answer.map(a -> apart(a, contacts)).orElse(1.0);
        boolean fromBeat = answer.isEmpty() && bySound;
        boolean whole = heard == counted.size() && (fromBeat || gap.isPresent());
        return new Told(Optional.of(judgement), whole ? sure : Math.min(sure, UNSURE));
    }

    /// How clearly a contact was heard: as a hit, and not just when the program clicks.
    private static double clarity(HeardContact contact) {
        double heard = contact.onset().map(onset -> 0.5 + 0.5 * onset.sure()).orElse(0.0);
        boolean onClick =
                contact.offMs().filter(ms -> Math.abs(ms) < ON_CLICK_MS).isPresent();
        return onClick ? Math.min(heard, AS_ONE) : heard;
    }

    /// How sure it can be of an answer that was heard as one hit with its feed, or much softer than it.
    private static double apart(HeardContact answer, List<HeardContact> contacts) {
        boolean softer = contacts.stream()
                .filter(c -> c.planned().who() == Who.PARTNER)
                .flatMap(c -> c.onset().stream())
                .anyMatch(feed -> answer.onset()
                        .filter(own -> own.loudness() < feed.loudness() - SOFTER_DB)
                        .isPresent());
        return (isAsOne(answer, contacts) ? AS_ONE : 1) * (softer ? SOFTER : 1);
    }

    private static boolean isAsOne(HeardContact answer, List<HeardContact> contacts) {
        return answer.onset().isPresent()
                && contacts.stream()
                        .anyMatch(c -> !c.planned().equals(answer.planned())
                                && c.onset().equals(answer.onset()));
    }

    private static boolean isAlone(HeardContact answer, List<HeardContact> contacts) {
        return isAsOne(answer, contacts)
                && answer.offMs().filter(ms -> Math.abs(ms) > WITH_BEAT_MS).isPresent();
    }

    /// One contact that is missing at the end may have been missed by the ear; two are hardly.
    private static double stoppedFor(List<HeardContact> contacts) {
        long missing = contacts.reversed().stream()
                .takeWhile(c -> c.heardMs().isEmpty())
                .count();
        return missing >= 2 ? MORE_MISSING : ONE_MISSING;
    }

    /// How much later than their beats contacts are in the mean, in milliseconds.
    private static double offBeat(List<HeardContact> counted) {
        return counted.stream()
                .flatMap(c -> c.offMs().stream())
                .mapToDouble(Double::doubleValue)
                .average()
                .orElse(0);
    }
}
