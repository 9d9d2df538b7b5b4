package onebeat.desktop.film;

/// What the keys of the player do.
final class PlayerControls {

    private PlayerControls() {}

    static void use(Playback playback, FilmEffect.Player player) {
        switch (player) {
            case TOGGLE -> playback.toggle();
            case PAUSE -> playback.pause();
            case HALF_SPEED -> playback.speed(playback.speed().halved());
            case SLOWER -> playback.speed(playback.speed().slower());
            case FASTER -> playback.speed(playback.speed().faster());
            case SHARP_BACK -> playback.toSharp(false);
            case SHARP_ON -> playback.toSharp(true);
            case MAGNIFY -> playback.screen().magnify(true);
            case LESS -> playback.screen().magnify(false);
            case MIRROR -> playback.screen().mirror();
            case LOOK_LEFT -> playback.screen().look(-1, 0);
            case LOOK_RIGHT -> playback.screen().look(1, 0);
            case LOOK_UP -> playback.screen().look(0, -1);
            case LOOK_DOWN -> playback.screen().look(0, 1);
            case LOOP -> playback.loop();
            case MARK_BEGIN -> playback.mark(playback.marks().beginAt(playback.timeS()));
            case MARK_END -> playback.mark(playback.marks().endAt(playback.timeS()));
            case UNMARK -> playback.mark(Marks.NONE);
        }
    }
}
