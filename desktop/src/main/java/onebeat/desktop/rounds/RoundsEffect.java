package onebeat.desktop.rounds;

import onebeat.desktop.app.Effect;

/// What only Rounds does.
enum RoundsEffect implements Effect.OfStation {
    PRINT_SHEET
}
