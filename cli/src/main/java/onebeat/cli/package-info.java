/// The command line, for batches and for checks: no window, and no interface code is loaded.
///
/// [onebeat.cli.Main] is the program; each command is a class. It uses `core` and `formats`.
@NullMarked
package onebeat.cli;

import org.jspecify.annotations.NullMarked;
