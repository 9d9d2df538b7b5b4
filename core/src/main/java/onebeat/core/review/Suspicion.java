package onebeat.core.review;

import java.util.List;
import java.util.function.Supplier;
import onebeat.core.play.Step;

/// What a rule found in one way, before it is numbered and its mends are tried.
///
/// @param steps the steps concerned, the one to point at first
/// @param text the reason
/// @param mends lines to try as mends, the best first; asked for only when mends are wanted
record Suspicion(Code code, List<Step> steps, String text, Supplier<List<String>> mends) {}
