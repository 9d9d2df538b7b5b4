/// The desk that all stations share: the open camp, what is chosen, and what is being reviewed.
///
/// [onebeat.desktop.desk.Desk] holds the camp and the one way to change it; [onebeat.desktop.desk.LineWatch] reviews
/// what is typed away from the interface thread; [onebeat.desktop.desk.Texts] holds all words on screen. Open
/// [onebeat.desktop.desk.Desk] first.
@NullMarked
package onebeat.desktop.desk;

import org.jspecify.annotations.NullMarked;
