/// The call line: how a coach writes down calls.
///
/// [onebeat.core.notation.Notation] reads a call line into a [onebeat.core.notation.Line] and prints a line in its
/// one canonical form; `print(read(x))` is stable. What cannot be read becomes a [onebeat.core.notation.Misread]
/// that names the place, what stood there, what was expected and the nearest known word: nothing is ever thrown.
/// The syntax tree is the sealed family under [onebeat.core.notation.Item]. Beats are not known here; `play` places
/// the actions in time. Open [onebeat.core.notation.Notation] first.
@NullMarked
package onebeat.core.notation;

import org.jspecify.annotations.NullMarked;
