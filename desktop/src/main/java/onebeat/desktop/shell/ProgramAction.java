package onebeat.desktop.shell;

import onebeat.desktop.app.StationName;

/// What can be done from everywhere.
public sealed interface ProgramAction {

    /// Done by a key or a button.
    enum Do implements ProgramAction {
        WRITE_LINE,
        SEARCH,
        UNDO,
        REDO,
        CARD,
        SCHOOL,
        NEXT_PARTNER,
        PARTNERS,
        CAMP_FILE,
        SAVE_AGAIN,
        OPEN_CAMP,
        TAKE_FROM,
        NEW_CAMP,
        SAVE_COPY,
        SETTINGS,
        HELP,
        ABOUT,
        WALK,
        CAMP_MENU,
        HERE_MENU
    }

    /// Leads to a station.
    record Go(StationName station) implements ProgramAction {}
}
