/// A campaign of faults against the program: kills, spoilt files, a full disk, random hands on the window. Each part
/// prints how many it tried and how many failed; a failure prints the seed that repeats it.
///
/// Open [onebeat.soak.Main] first.
@NullMarked
package onebeat.soak;

import org.jspecify.annotations.NullMarked;
