package onebeat.core.hearing;

import onebeat.core.play.Who;

/// A contact that should be heard.
///
/// @param repetition the repetition it belongs to, from 0
/// @param beat its beat within the repetition, from 0
/// @param ms when it is planned, in milliseconds from the bell
/// @param who whose strike it is
/// @param oneBeatMs for the first answer to a feed, how long after the feed it is planned, in milliseconds; below 0
///     for any other contact
public record PlannedContact(int repetition, double beat, double ms, Who who, double oneBeatMs) {

    /// Whether it answers a feed.
    public boolean isAnswer() {
        return oneBeatMs >= 0;
    }
}
