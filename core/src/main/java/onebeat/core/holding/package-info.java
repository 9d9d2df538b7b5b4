/// The partner's side: what they hold, with which hand, when, and what it costs them.
///
/// [onebeat.core.holding.Holding#plan] gives every contact of a played way a target from the gear at hand
/// ([onebeat.core.holding.PadPlan]): one hand in one place at a time, home from its feed, there before the
/// contact, with the least movement. What has no target is touched only. [onebeat.core.holding.Contact]
/// counts touches on pads and on persons. It stands after `opening` and before `review`.
@NullMarked
package onebeat.core.holding;

import org.jspecify.annotations.NullMarked;
