/// What the coach sets once for all camps: the size of letters, how lines are shown, own keys. Kept beside the camps in
/// the program's folder, as plain text.
@NullMarked
package onebeat.desktop.settings;

import org.jspecify.annotations.NullMarked;
