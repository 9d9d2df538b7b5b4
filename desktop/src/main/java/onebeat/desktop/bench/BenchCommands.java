package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import onebeat.desktop.bench.BenchAction.Do;
import onebeat.desktop.bench.BenchAction.TakeLine;
import onebeat.desktop.bench.BenchAction.Weigh;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;

/// The commands of the bench.
final class BenchCommands {

    private BenchCommands() {}

    private static final int MOST_CUES = 9;

    static final List<Command<BenchScene, BenchAction>> TABLE = table();

    private static List<Command<BenchScene, BenchAction>> table() {
        List<Command<BenchScene, BenchAction>> all = new ArrayList<>(List.of(
                of(Group.WORK, "bench.rounds", Do.TO_ROUNDS, "R")
                        .when(BenchScene::line)
                        .bar(),
                of(Group.WORK, "bench.new", Do.NEW, "N").bar(),
                of(Group.SHOW, "bench.answers", Do.ANSWERS, "A")
                        .when(BenchScene::line)
                        .bar(),
                of(Group.SHOW, "bench.holder", Do.HOLDER, "H")
                        .when(BenchScene::line)
                        .bar(),
                of(Group.SHOW, "bench.ladder", Do.LADDER, "L")
                        .when(BenchScene::line)
                        .bar(),
                of(Group.SHOW, "bench.variants", Do.VARIANTS, "V")
                        .when(BenchScene::line)
                        .bar(),
                of(Group.SHOW, "bench.weapon", Do.WEAPON, "W")
                        .when(BenchScene::line)
                        .bar(),
                of(Group.SHOW, "bench.compare", Do.COMPARE, "K").when(BenchScene::line),
                of(Group.SHOW, "bench.mirror", Do.MIRROR, "M").when(BenchScene::line),
                of(Group.SHOW, "bench.film", Do.BY_FILM, "F"),
                of(Group.CHOOSE, "bench.line.up", Do.LINE_UP, "Up").when(BenchScene::lines),
                of(Group.CHOOSE, "bench.line.down", Do.LINE_DOWN, "Down").when(BenchScene::lines),
                of(Group.CHOOSE, "bench.back", Do.BACK, "Left").when(BenchScene::line),
                of(Group.CHOOSE, "bench.on", Do.ON, "Right").when(BenchScene::line),
                of(Group.CHOOSE, "bench.way.before", Do.WAY_BEFORE, "Page Up").when(BenchScene::ways),
                of(Group.CHOOSE, "bench.way.after", Do.WAY_AFTER, "Page Down").when(BenchScene::ways),
                of(Group.CHANGE, "bench.faster", Do.FASTER, "Plus", "Equals", "Shift+Equals", "Add", "Close Bracket"),
                of(Group.CHANGE, "bench.slower", Do.SLOWER, "Minus", "Subtract", "Open Bracket"),
                of(Group.CHANGE, "bench.odds.film", Do.ODDS_BY_FILM, "Alt+O").when(BenchScene::reads),
                of(Group.CHANGE, "bench.odds.even", new Weigh(0), "Alt+0").when(BenchScene::reads),
                of(Group.FILES, "bench.print", Do.PRINT, "Alt+P").when(BenchScene::line)));
        for (int key = Page.FIRST_KEY; key <= Page.LAST_KEY; key++) {
            all.add(of(Group.WORK, "bench.take", new TakeLine(key), "F" + key).when(BenchScene::offers));
        }
        for (int cue = 1; cue <= MOST_CUES; cue++) {
            all.add(of(Group.CHANGE, "bench.odds", new Weigh(cue), "Alt+" + cue).when(BenchScene::reads));
        }
        return List.copyOf(all);
    }

    private static Command<BenchScene, BenchAction> of(Group group, String id, BenchAction action, String... keys) {
        return Command.of(Scope.BENCH, group, id, action, keys);
    }
}
