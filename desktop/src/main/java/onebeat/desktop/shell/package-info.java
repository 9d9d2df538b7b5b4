/// The window: the hanging rope of stations, the camp's cord to fight night, the station in the middle, and the call
/// line that is on every station.
///
/// [onebeat.desktop.shell.Shell] puts them together and sends keys where they belong.
@NullMarked
package onebeat.desktop.shell;

import org.jspecify.annotations.NullMarked;
