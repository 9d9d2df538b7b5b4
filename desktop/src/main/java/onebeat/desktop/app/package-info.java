/// The running program: [onebeat.desktop.app.CampSession] holds the open camp and the one way to change it,
/// [onebeat.desktop.app.Navigator] leads between the stations, [onebeat.desktop.app.BackgroundQuestion] works
/// out what takes long. Open [onebeat.desktop.app.CampSession] first.
@NullMarked
package onebeat.desktop.app;

import org.jspecify.annotations.NullMarked;
