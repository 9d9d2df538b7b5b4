/// The call line: where a coach types calls. It is on every station.
///
/// [onebeat.desktop.callline.CallLine] is the control: it underlines what cannot be read, in place, and names the
/// nearest word.
@NullMarked
package onebeat.desktop.callline;

import org.jspecify.annotations.NullMarked;
