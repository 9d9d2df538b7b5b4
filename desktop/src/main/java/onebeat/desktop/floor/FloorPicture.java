package onebeat.desktop.floor;

import java.util.List;
import onebeat.desktop.text.Texts;

/// Everything that the floor shows at one moment.
///
/// @param head for example `ROUND 2 OF 4`
/// @param about the drill and its tempo
/// @param clock the big numbers
/// @param lastTen whether the whole screen changes for the last ten seconds
/// @param used how much of the round's rope is used up, 0 to 1
/// @param lastTenFrom where on the rope the last ten seconds begin, 0 to 1
/// @param call the running call, word by word
/// @param beats how many beats a repetition has; 0 hides them
/// @param beat the beat that sounds, from 0; -1 between repetitions
/// @param count the running repetition and how many there are
/// @param tally judgements so far
/// @param next what comes next
/// @param cautions what is said before and after
/// @param feeder the feeder's next cue, for their corner; empty hides it
/// @param whips the bursts on the rope
/// @param heard what was heard of the last repetition, in a word or two; may be empty
/// @param level how loud the microphone hears, from 0 to 1; below 0 where nobody listens
record FloorPicture(
        String head,
        String about,
        String clock,
        boolean lastTen,
        double used,
        double lastTenFrom,
        List<Word> call,
        int beats,
        int beat,
        String count,
        String tally,
        String nextLabel,
        String next,
        String sound,
        String cautions,
        String feeder,
        List<Whip> whips,
        String heard,
        double level) {

    /// Steps of the rope that can be told apart: about a pixel. Between two of them nothing has to be drawn.
    private static final double STEPS = 1_200;

    FloorPicture {
        used = Math.round(used * STEPS) / STEPS;
        call = List.copyOf(call);
        whips = List.copyOf(whips);
    }

    /// Nobody listens.
    FloorPicture(
            String head,
            String about,
            String clock,
            boolean lastTen,
            double used,
            double lastTenFrom,
            List<Word> call,
            int beats,
            int beat,
            String count,
            String tally,
            String nextLabel,
            String next,
            String sound,
            String cautions,
            String feeder,
            List<Whip> whips) {
        this(
                head,
                about,
                clock,
                lastTen,
                used,
                lastTenFrom,
                call,
                beats,
                beat,
                count,
                tally,
                nextLabel,
                next,
                sound,
                cautions,
                feeder,
                whips,
                "",
                -1);
    }

    /// Nothing runs: a head, a clock and the cautions.
    static FloorPicture still(String head, String clock, String tally, String sound) {
        return new FloorPicture(
                head,
                "",
                clock,
                false,
                1,
                1,
                List.of(),
                0,
                -1,
                "",
                tally,
                "",
                "",
                sound,
                Texts.of("caution.floor"),
                "",
                List.of());
    }

    /// A burst on the round's rope, where it is whipped thicker; from 0 to 1.
    record Whip(double from, double to) {}

    /// The same with the feeder's corner.
    FloorPicture withFeeder(String words) {
        return new FloorPicture(
                head,
                about,
                clock,
                lastTen,
                used,
                lastTenFrom,
                call,
                beats,
                beat,
                count,
                tally,
                nextLabel,
                next,
                sound,
                cautions,
                words,
                whips,
                heard,
                level);
    }

    /// The same with what is heard.
    FloorPicture withHeard(String word, double loud) {
        return new FloorPicture(
                head,
                about,
                clock,
                lastTen,
                used,
                lastTenFrom,
                call,
                beats,
                beat,
                count,
                tally,
                nextLabel,
                next,
                sound,
                cautions,
                feeder,
                whips,
                word,
                loud);
    }

    /// A word of a call and whose it is.
    record Word(String text, boolean partner) {}
}
