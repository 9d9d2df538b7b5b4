package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.core.holding.Choices;
import onebeat.core.review.StrikeChange;
import onebeat.desktop.app.Situation;
import onebeat.desktop.bench.BenchAction.Change;
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

    static final List<Command<Situation<BenchState>, BenchAction>> TABLE = table();

    private static List<Command<Situation<BenchState>, BenchAction>> table() {
        List<Command<Situation<BenchState>, BenchAction>> all = new ArrayList<>(plain());
        for (int key = Page.FIRST_KEY; key <= Page.LAST_KEY; key++) {
            all.add(of(Group.WORK, "bench.take", new TakeLine(key), "F" + key).when(BenchCommands::hasLine));
        }
        for (int cue = 1; cue <= MOST_CUES; cue++) {
            all.add(of(Group.CHANGE, "bench.odds", new Weigh(cue), "Alt+" + cue).when(BenchCommands::hasReads));
        }
        all.addAll(strikes());
        return List.copyOf(all);
    }

    private static List<Command<Situation<BenchState>, BenchAction>> plain() {
        return List.of(
                of(Group.WORK, "bench.rounds", BenchAction.Ask.TO_ROUNDS, "R")
                        .when(BenchCommands::hasLine)
                        .bar(),
                of(Group.WORK, "bench.new", Do.NEW, "N").bar(),
                of(Group.SHOW, "bench.answers", Do.ANSWERS, "A").bar(),
                of(Group.SHOW, "bench.holder", Do.HOLDER, "H").bar(),
                of(Group.SHOW, "bench.ladder", Do.LADDER, "L").bar(),
                of(Group.SHOW, "bench.variants", Do.VARIANTS, "V").bar(),
                of(Group.SHOW, "bench.weapon", Do.WEAPON, "W").bar(),
                of(Group.SHOW, "bench.compare", Do.COMPARE, "K"),
                of(Group.SHOW, "bench.mirror", Do.MIRROR, "M"),
                of(Group.SHOW, "bench.film", Do.BY_FILM, "F"),
                of(Group.CHOOSE, "bench.line.up", Do.LINE_UP, "Up").when(BenchCommands::hasLines),
                of(Group.CHOOSE, "bench.line.down", Do.LINE_DOWN, "Down").when(BenchCommands::hasLines),
                of(Group.CHOOSE, "bench.back", Do.BACK, "Left").when(BenchCommands::hasLine),
                of(Group.CHOOSE, "bench.on", Do.ON, "Right").when(BenchCommands::hasLine),
                of(Group.CHOOSE, "bench.way.before", Do.WAY_BEFORE, "Page Up").when(BenchCommands::hasWays),
                of(Group.CHOOSE, "bench.way.after", Do.WAY_AFTER, "Page Down").when(BenchCommands::hasWays),
                of(Group.CHANGE, "bench.faster", Do.FASTER, "Plus", "Equals", "Shift+Equals", "Add", "Close Bracket"),
                of(Group.CHANGE, "bench.slower", Do.SLOWER, "Minus", "Subtract", "Open Bracket"),
                of(Group.CHANGE, "bench.odds.film", Do.ODDS_BY_FILM, "Alt+O").when(BenchCommands::hasReads),
                of(Group.CHANGE, "bench.odds.even", new Weigh(0), "Alt+0").when(BenchCommands::hasReads),
                of(Group.FILES, "bench.print", Do.PRINT, "Alt+P").when(BenchCommands::hasLine));
    }

    /// What can be done with what lies at the mark.
    private static List<Command<Situation<BenchState>, BenchAction>> strikes() {
        List<Command<Situation<BenchState>, BenchAction>> all = new ArrayList<>();
        for (StrikeChange change : StrikeChange.values()) {
            all.add(of(
                            Group.STRIKE,
                            "bench.strike." + change.name().toLowerCase(Locale.ROOT),
                            new Change(change),
                            key(change))
                    .when(here -> here.state()
                            .changed(change, here.camp().vocabulary())
                            .isPresent()));
        }
        return all;
    }

    private static Command<Situation<BenchState>, BenchAction> of(
            Group group, String id, BenchAction action, String... keys) {
        return Command.of(Scope.BENCH, group, id, action, keys);
    }

    private static String key(StrikeChange change) {
        return switch (change) {
            case OUT -> "Alt+X";
            case FEINT -> "Alt+T";
            case LEVEL -> "Alt+E";
            case SIDE -> "Alt+G";
            case WEIGHT -> "Alt+J";
        };
    }

    private static boolean hasLine(Situation<BenchState> here) {
        return here.state().review().isPresent();
    }

    private static boolean hasLines(Situation<BenchState> here) {
        return here.camp().drills().size() > 0;
    }

    private static boolean hasWays(Situation<BenchState> here) {
        return here.state().ways() > 1;
    }

    private static boolean hasReads(Situation<BenchState> here) {
        return here.state().drill(here.camp()).isPresent()
                && here.state()
                        .review()
                        .filter(r -> !Choices.reads(r.read().line()).isEmpty())
                        .isPresent();
    }
}
