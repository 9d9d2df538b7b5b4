/// The words on screen, from the bundles. Knows nothing of windows.
@NullMarked
package onebeat.desktop.text;

import org.jspecify.annotations.NullMarked;
