/// The program: the window that opens, and how it is started.
///
/// [onebeat.desktop.Main] is started by the launcher; [onebeat.desktop.OneBeat] opens a camp and shows the
/// [onebeat.desktop.shell.Shell]; each station has a package of its own.
@NullMarked
package onebeat.desktop;

import org.jspecify.annotations.NullMarked;
