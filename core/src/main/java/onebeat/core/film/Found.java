package onebeat.core.film;

import java.util.List;

/// What the finder found.
///
/// @param looked how many lines it looked at
/// @param skipped how many it could leave out, since they could not be among the best
/// @param whole whether it looked through everything; not where it was stopped, or there was too much to look at
/// @param answers the best first
public record Found(long looked, long skipped, boolean whole, List<Answer> answers) {

    public Found {
        answers = List.copyOf(answers);
    }
}
