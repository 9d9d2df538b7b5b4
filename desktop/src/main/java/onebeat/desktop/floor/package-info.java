/// The floor: the session runs, seen from five metres and driven by one key.
///
/// [onebeat.desktop.floor.Floor] is the station; [onebeat.desktop.floor.Run] follows one schedule for picture and
/// sound; [onebeat.desktop.floor.FloorView] draws it.
@NullMarked
package onebeat.desktop.floor;

import org.jspecify.annotations.NullMarked;
