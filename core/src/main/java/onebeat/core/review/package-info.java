/// The review: what a good coach would say about a line, with the reason and the mend.
///
/// [onebeat.core.review.Review#of] plays the line and asks every [onebeat.core.review.Rule], one class for each
/// [onebeat.core.review.Code]. A rule looks at one way through the line and reports what is off, with candidates for a
/// mend; a mend is only offered when the mended line was reviewed too, no longer has the finding and has no new `stop`.
/// Findings are data, never exceptions. Open [onebeat.core.review.Review] first; a new finding is one new class and its
/// test.
@NullMarked
package onebeat.core.review;

import org.jspecify.annotations.NullMarked;
