package onebeat.desktop.shell;

import onebeat.desktop.app.StationName;

/// What decides which commands of the program can be given now.
///
/// @param unsaved whether something is in memory only
record ProgramScene(StationName here, boolean unsaved) {

    /// On the floor nothing is laid over the clock.
    boolean isDesk() {
        return here != StationName.FLOOR;
    }
}
