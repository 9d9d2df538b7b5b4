package onebeat.desktop.film;

/// What the keys of the player do.
final class PlayerControls {

    private static final double SECOND_S = 1;
    private static final double SECONDS_S = 5;
    private static final double FAR_S = 30;

    private PlayerControls() {}

    /// Stands still so many seconds on, or back where that is below 0.
    private static void jump(Playback playback, double seconds) {
        playback.pause();
        playback.seek(playback.timeS() + seconds);
    }

    static void use(Playback playback, FilmAction.Play control) {
        switch (control) {
            case PLAY -> playback.toggle();
            case STEP_BACK -> playback.step(-1);
            case STEP_ON -> playback.step(1);
            case SECOND_BACK -> jump(playback, -SECOND_S);
            case SECOND_ON -> jump(playback, SECOND_S);
            case SECONDS_BACK -> jump(playback, -SECONDS_S);
            case SECONDS_ON -> jump(playback, SECONDS_S);
            case FAR_BACK -> jump(playback, -FAR_S);
            case FAR_ON -> jump(playback, FAR_S);
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
