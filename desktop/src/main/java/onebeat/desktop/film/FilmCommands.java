package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.core.film.Outcome;
import onebeat.desktop.app.Situation;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;
import onebeat.desktop.film.FilmAction.Do;
import onebeat.desktop.film.FilmAction.Judge;
import onebeat.desktop.film.FilmAction.Play;
import onebeat.desktop.film.FilmAction.SeenAgain;
import onebeat.desktop.film.FilmAction.TakeLine;

/// The commands of Film.
final class FilmCommands {

    private FilmCommands() {}

    /// Lines are taken with these function keys.
    private static final int FIRST_LINE = 2;

    private static final int LAST_LINE = 9;

    static final List<Command<Situation<FilmState>, FilmAction>> TABLE = table();

    private static List<Command<Situation<FilmState>, FilmAction>> table() {
        List<Command<Situation<FilmState>, FilmAction>> all = new ArrayList<>();
        all.addAll(playing());
        all.addAll(looking());
        all.addAll(working());
        for (int key = FIRST_LINE; key <= LAST_LINE; key++) {
            all.add(of(Group.WORK, "film.line", new TakeLine(key), "F" + key).when(FilmCommands::hasLines));
        }
        for (int number = 1; number <= FilmState.OFFERED; number++) {
            all.add(of(Group.WORK, "film.seen", new SeenAgain(number), "Alt+" + number)
                    .when(FilmCommands::hasReel));
        }
        for (Outcome outcome : Outcome.values()) {
            all.add(Command.<Situation<FilmState>, FilmAction>of(
                            Scope.OUTCOME,
                            Group.JUDGE,
                            "film.outcome." + outcome.name().toLowerCase(Locale.ROOT),
                            new Judge(outcome),
                            key(outcome))
                    .bar());
        }
        all.addAll(arrival());
        return List.copyOf(all);
    }

    /// Along the film.
    private static List<Command<Situation<FilmState>, FilmAction>> playing() {
        return List.of(
                of(Group.PLAY, "film.play", Play.PLAY, "Space")
                        .when(FilmCommands::hasReel)
                        .bar(),
                of(Group.PLAY, "film.back", Play.STEP_BACK, "Left").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.on", Play.STEP_ON, "Right").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.second.back", Play.SECOND_BACK, "Shift+Left")
                        .when(FilmCommands::hasReel),
                of(Group.PLAY, "film.second.on", Play.SECOND_ON, "Shift+Right").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.seconds.back", Play.SECONDS_BACK, "Alt+Left")
                        .when(FilmCommands::hasReel),
                of(Group.PLAY, "film.seconds.on", Play.SECONDS_ON, "Alt+Right").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.far.back", Play.FAR_BACK, "Alt+Shift+Left").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.far.on", Play.FAR_ON, "Alt+Shift+Right").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.sharp.back", Play.SHARP_BACK, "Shift+K").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.sharp.on", Play.SHARP_ON, "K").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.half", Play.HALF_SPEED, "H").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.slower", Play.SLOWER, "Minus").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.faster", Play.FASTER, "Equals").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.loop", Play.LOOP, "L").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.mark.begin", Play.MARK_BEGIN, "Open Bracket")
                        .when(FilmCommands::hasReel),
                of(Group.PLAY, "film.mark.end", Play.MARK_END, "Close Bracket").when(FilmCommands::hasReel),
                of(Group.PLAY, "film.unmark", Play.UNMARK, "Back Slash").when(FilmCommands::hasReel),
                of(Group.CHOOSE, "film.exchange.before", Do.EXCHANGE_BEFORE, "Up")
                        .when(FilmCommands::hasReel),
                of(Group.CHOOSE, "film.exchange.after", Do.EXCHANGE_AFTER, "Down")
                        .when(FilmCommands::hasReel),
                of(Group.CHOOSE, "film.row.up", Do.ROW_UP, "Shift+Up"),
                of(Group.CHOOSE, "film.row.down", Do.ROW_DOWN, "Shift+Down"),
                of(Group.CHOOSE, "film.reel.before", Do.REEL_BEFORE, "Page Up").when(FilmCommands::hasReel),
                of(Group.CHOOSE, "film.reel.after", Do.REEL_AFTER, "Page Down").when(FilmCommands::hasReel));
    }

    /// How the picture is looked at.
    private static List<Command<Situation<FilmState>, FilmAction>> looking() {
        return List.of(
                of(Group.SHOW, "film.magnify", Play.MAGNIFY, "Z").when(FilmCommands::hasReel),
                of(Group.SHOW, "film.less", Play.LESS, "Shift+Z").when(FilmCommands::hasReel),
                of(Group.SHOW, "film.mirror", Play.MIRROR, "M").when(FilmCommands::hasReel),
                of(Group.SHOW, "film.look.left", Play.LOOK_LEFT, "J").when(FilmCommands::hasReel),
                of(Group.SHOW, "film.look.right", Play.LOOK_RIGHT, "Shift+J").when(FilmCommands::hasReel),
                of(Group.SHOW, "film.look.up", Play.LOOK_UP, "U").when(FilmCommands::hasReel),
                of(Group.SHOW, "film.look.down", Play.LOOK_DOWN, "Shift+U").when(FilmCommands::hasReel));
    }

    /// What is done with what is seen.
    private static List<Command<Situation<FilmState>, FilmAction>> working() {
        return List.of(
                of(Group.WORK, "film.bench", Do.TO_BENCH, "B")
                        .when(FilmCommands::hasExchange)
                        .bar(),
                of(Group.SHOW, "film.ideas", Do.IDEAS, "I")
                        .when(FilmCommands::hasReel)
                        .bar(),
                of(Group.SHOW, "film.plan", Do.PLAN, "F")
                        .when(FilmCommands::hasReel)
                        .bar(),
                of(Group.SHOW, "film.behind", Do.PLAY_BEHIND, "E")
                        .when(FilmCommands::hasBehind)
                        .bar(),
                of(Group.SHOW, "film.habits", Do.HABITS_OVER, "T").when(FilmCommands::hasReel),
                of(Group.WORK, "film.amend", Do.AMEND, "A")
                        .when(FilmCommands::hasExchange)
                        .bar(),
                of(Group.WORK, "film.again", Do.AGAIN, "R").when(FilmCommands::hasExchange),
                of(Group.WORK, "film.on.answer", Do.GOES_ON, "N").when(FilmCommands::hasExchange),
                of(Group.WORK, "film.round.here", Do.ROUND_HERE, "Shift+N").when(FilmCommands::hasReel),
                of(Group.CHANGE, "film.remove", Do.REMOVE, "Delete", "Backspace")
                        .when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.earlier", Do.EARLIER, "Comma").when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.later", Do.LATER, "Period").when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.lands", Do.LANDS_HERE, "D").when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.begins", Do.BEGINS_HERE, "Shift+D").when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.stance", Do.PARTNER_STANCE, "S").when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.stance.athlete", Do.ATHLETE_STANCE, "Shift+S")
                        .when(FilmCommands::hasExchange),
                of(Group.CHANGE, "film.range", Do.RANGE, "G").when(FilmCommands::hasExchange),
                of(Group.FILES, "film.open", Do.OPEN_FILE, "O").bar(),
                of(Group.FILES, "film.reel", Do.REEL, "W").when(FilmCommands::hasReel),
                of(Group.FILES, "film.print", Do.PRINT, "Alt+P").when(FilmCommands::hasReel),
                of(Group.FILES, "film.find", Do.FIND_FILMS, "Y").when(FilmCommands::hasReel),
                of(Group.FILES, "film.along", Do.TAKE_ALONG, "Shift+Y").when(FilmCommands::hasReel),
                of(Group.FILES, "film.cut", Do.CUT, "V").when(FilmCommands::hasBehind),
                of(Group.WORK, "film.bells", Do.ROUNDS_FROM_BELLS, "Alt+N").when(FilmCommands::hasReel),
                of(Group.WORK, "film.collect", Do.COLLECT, "Q").when(FilmCommands::hasExchange),
                of(Group.WORK, "film.collect.none", Do.COLLECT_NONE, "Shift+Q").when(FilmCommands::hasCollected),
                of(Group.FILES, "film.still", Do.STILL, "Shift+V").when(FilmCommands::hasExchange),
                of(Group.FILES, "film.write", Do.WRITE, "X").when(FilmCommands::hasReel));
    }

    /// While a log has come in and is looked at.
    private static List<Command<Situation<FilmState>, FilmAction>> arrival() {
        return List.of(
                Command.<Situation<FilmState>, FilmAction>of(
                                Scope.ARRIVAL, Group.WORK, "film.log.take", Do.TAKE_LOG, "Enter")
                        .bar(),
                Command.<Situation<FilmState>, FilmAction>of(
                                Scope.ARRIVAL, Group.WORK, "film.log.leave", Do.LEAVE_LOG, "Esc")
                        .bar());
    }

    private static Command<Situation<FilmState>, FilmAction> of(
            Group group, String id, FilmAction action, String... keys) {
        return Command.of(Scope.FILM, group, id, action, keys);
    }

    private static String key(Outcome outcome) {
        return switch (outcome) {
            case CLEAN -> "C";
            case PARTIAL -> "P";
            case BLOCKED -> "B";
            case MISSED -> "M";
            case COUNTERED -> "X";
            case HURT -> "H";
            case NONE -> "N";
        };
    }

    private static boolean hasReel(Situation<FilmState> here) {
        return here.state().reel(here.camp()).isPresent();
    }

    private static boolean hasExchange(Situation<FilmState> here) {
        return here.state().exchange(here.camp()).isPresent();
    }

    private static boolean hasBehind(Situation<FilmState> here) {
        return !here.state().behind().isEmpty() || hasCollected(here);
    }

    private static boolean hasCollected(Situation<FilmState> here) {
        return !here.state().collected().isEmpty();
    }

    private static boolean hasLines(Situation<FilmState> here) {
        return here.state().lines();
    }
}
