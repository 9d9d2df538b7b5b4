package onebeat.core.hearing;

import java.util.List;
import java.util.Optional;
import onebeat.core.book.Judgement;

/// A repetition as it was heard.
///
/// @param number from 0
/// @param startMs when its first beat is planned, in milliseconds from the bell
/// @param contacts what was heard of each planned contact, in time
/// @param oneBeatMs how long after the feed its first answer was heard, in milliseconds; empty where either was
///     not, or nothing is answered
/// @param plannedMs how long after it that is planned
/// @param reactionMs how long after the feed, or where there is none after the call, the athlete's first contact
///     was heard, in milliseconds; empty where that was not
/// @param judged what is proposed; empty where nothing was heard of it: skipped, or done without a sound
/// @param sure how sure that is, from 0 to 1
public record HeardRepetition(
        int number,
        double startMs,
        List<HeardContact> contacts,
        Optional<Double> oneBeatMs,
        Optional<Double> plannedMs,
        Optional<Double> reactionMs,
        Optional<Judgement> judged,
        double sure) {

    /// From here on a proposal is called certain.
    public static final double CERTAIN = 0.9;

    public HeardRepetition {
        contacts = List.copyOf(contacts);
    }

    public boolean isCertain() {
        return judged.isPresent() && sure >= CERTAIN;
    }

    /// How many of its contacts were heard.
    public int heard() {
        return (int) contacts.stream().filter(c -> c.heardMs().isPresent()).count();
    }
}
