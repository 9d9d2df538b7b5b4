package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.core.film.Outcome;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;
import onebeat.desktop.film.FilmAction.Do;
import onebeat.desktop.film.FilmAction.Judge;
import onebeat.desktop.film.FilmAction.TakeLine;

/// The commands of Film.
final class FilmCommands {

    private FilmCommands() {}

    /// Lines are taken with these function keys.
    private static final int FIRST_LINE = 2;

    private static final int LAST_LINE = 9;

    static final List<Command<FilmScene, FilmAction>> TABLE = table();

    private static List<Command<FilmScene, FilmAction>> table() {
        List<Command<FilmScene, FilmAction>> all = new ArrayList<>(List.of(
                of(Group.PLAY, "film.play", Do.PLAY, "Space")
                        .when(FilmScene::reel)
                        .bar(),
                of(Group.PLAY, "film.back", Do.STEP_BACK, "Left").when(FilmScene::reel),
                of(Group.PLAY, "film.on", Do.STEP_ON, "Right").when(FilmScene::reel),
                of(Group.PLAY, "film.second.back", Do.SECOND_BACK, "Shift+Left").when(FilmScene::reel),
                of(Group.PLAY, "film.second.on", Do.SECOND_ON, "Shift+Right").when(FilmScene::reel),
                of(Group.PLAY, "film.half", Do.HALF_SPEED, "H").when(FilmScene::reel),
                of(Group.PLAY, "film.loop", Do.LOOP, "L").when(FilmScene::reel),
                of(Group.PLAY, "film.mark.begin", Do.MARK_BEGIN, "Open Bracket").when(FilmScene::reel),
                of(Group.PLAY, "film.mark.end", Do.MARK_END, "Close Bracket").when(FilmScene::reel),
                of(Group.PLAY, "film.unmark", Do.UNMARK, "Back Slash").when(FilmScene::reel),
                of(Group.CHOOSE, "film.exchange.before", Do.EXCHANGE_BEFORE, "Up")
                        .when(FilmScene::reel),
                of(Group.CHOOSE, "film.exchange.after", Do.EXCHANGE_AFTER, "Down")
                        .when(FilmScene::reel),
                of(Group.CHOOSE, "film.row.up", Do.ROW_UP, "Shift+Up"),
                of(Group.CHOOSE, "film.row.down", Do.ROW_DOWN, "Shift+Down"),
                of(Group.CHOOSE, "film.reel.before", Do.REEL_BEFORE, "Page Up").when(FilmScene::reel),
                of(Group.CHOOSE, "film.reel.after", Do.REEL_AFTER, "Page Down").when(FilmScene::reel)));
        all.addAll(List.of(
                of(Group.WORK, "film.bench", Do.TO_BENCH, "B")
                        .when(FilmScene::exchange)
                        .bar(),
                of(Group.SHOW, "film.ideas", Do.IDEAS, "I")
                        .when(FilmScene::reel)
                        .bar(),
                of(Group.SHOW, "film.plan", Do.PLAN, "F").when(FilmScene::reel).bar(),
                of(Group.SHOW, "film.behind", Do.PLAY_BEHIND, "E")
                        .when(FilmScene::behind)
                        .bar(),
                of(Group.SHOW, "film.habits", Do.HABITS_OVER, "T").when(FilmScene::reel),
                of(Group.WORK, "film.amend", Do.AMEND, "A")
                        .when(FilmScene::exchange)
                        .bar(),
                of(Group.WORK, "film.again", Do.AGAIN, "R").when(FilmScene::exchange),
                of(Group.CHANGE, "film.remove", Do.REMOVE, "Delete", "Backspace")
                        .when(FilmScene::exchange),
                of(Group.CHANGE, "film.earlier", Do.EARLIER, "Comma").when(FilmScene::exchange),
                of(Group.CHANGE, "film.later", Do.LATER, "Period").when(FilmScene::exchange),
                of(Group.CHANGE, "film.stance", Do.PARTNER_STANCE, "S").when(FilmScene::exchange),
                of(Group.CHANGE, "film.stance.athlete", Do.ATHLETE_STANCE, "Shift+S")
                        .when(FilmScene::exchange),
                of(Group.CHANGE, "film.range", Do.RANGE, "G").when(FilmScene::exchange),
                of(Group.FILES, "film.open", Do.OPEN_FILE, "O").bar(),
                of(Group.FILES, "film.reel", Do.REEL, "W").when(FilmScene::reel),
                of(Group.FILES, "film.print", Do.PRINT, "Alt+P").when(FilmScene::reel),
                of(Group.FILES, "film.write", Do.WRITE, "X").when(FilmScene::reel)));
        for (int key = FIRST_LINE; key <= LAST_LINE; key++) {
            all.add(of(Group.WORK, "film.line", new TakeLine(key), "F" + key).when(FilmScene::lines));
        }
        for (Outcome outcome : Outcome.values()) {
            all.add(Command.of(
                    Scope.OUTCOME,
                    Group.JUDGE,
                    "film.outcome." + outcome.name().toLowerCase(Locale.ROOT),
                    new Judge(outcome),
                    key(outcome)));
        }
        all.add(Command.<FilmScene, FilmAction>of(Scope.ARRIVAL, Group.WORK, "film.log.take", Do.TAKE_LOG, "Enter")
                .bar());
        all.add(Command.<FilmScene, FilmAction>of(Scope.ARRIVAL, Group.WORK, "film.log.leave", Do.LEAVE_LOG, "Esc")
                .bar());
        return List.copyOf(all);
    }

    private static Command<FilmScene, FilmAction> of(Group group, String id, FilmAction action, String... keys) {
        return Command.of(Scope.FILM, group, id, action, keys);
    }

    private static String key(Outcome outcome) {
        return switch (outcome) {
            case CLEAN -> "C";
            case PARTIAL -> "P";
            case BLOCKED -> "B";
            case MISSED -> "M";
            case COUNTERED -> "X";
            case NONE -> "N";
        };
    }
}
