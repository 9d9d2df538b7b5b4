/// The rope: One Beat's own drawing of an exchange.
///
/// Two strands run left to right over the beats, the partner's above and the athlete's below; the gap between them is
/// the distance, to scale. Everything drawn comes from the played states of the core; nothing is decoration. Open
/// [onebeat.desktop.rope.RopeView] first; [onebeat.desktop.rope.RopeScale] knows where things are.
@NullMarked
package onebeat.desktop.rope;

import org.jspecify.annotations.NullMarked;
