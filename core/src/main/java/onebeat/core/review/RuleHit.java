package onebeat.core.review;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import onebeat.core.play.Step;

/// What a rule found in one way, before it is numbered and its mends are tried.
///
/// @param instead a severity that holds here in place of the usual one
/// @param steps the steps concerned, the one to point at first
/// @param text the reason
/// @param mends lines to try as mends, the best first; asked for only when mends are wanted
record RuleHit(Code code, Optional<Severity> instead, List<Step> steps, String text, Supplier<List<String>> mends) {

    RuleHit(Code code, List<Step> steps, String text, Supplier<List<String>> mends) {
        this(code, Optional.empty(), steps, text, mends);
    }

    /// The same as a note where it is near its bound: no cliff (J12).
    RuleHit noteIf(boolean near) {
        return near ? new RuleHit(code, Optional.of(Severity.NOTE), steps, text, mends) : this;
    }
}
