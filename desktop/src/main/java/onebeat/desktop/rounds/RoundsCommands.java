package onebeat.desktop.rounds;

import static onebeat.desktop.rounds.RoundsAction.Do;

import java.util.List;
import onebeat.core.camp.Camp;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Situation;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;

/// The commands of Rounds.
final class RoundsCommands {

    private RoundsCommands() {}

    static final List<Command<Situation<RoundsState>, RoundsAction>> TABLE = List.of(
            of(Group.WORK, "rounds.add", Do.ADD, "Enter", "Insert")
                    .when(RoundsCommands::hasLines)
                    .bar(),
            of(Group.WORK, "rounds.fill", Do.FILL, "A")
                    .when(RoundsCommands::hasLines)
                    .bar(),
            of(Group.WORK, "rounds.floor", Do.FLOOR, "F")
                    .when(RoundsCommands::hasRound)
                    .bar(),
            of(Group.WORK, "rounds.remove", Do.REMOVE, "Delete", "Backspace")
                    .when(RoundsCommands::hasRound)
                    .bar(),
            of(Group.CHOOSE, "rounds.line.up", Do.LINE_UP, "Up").when(RoundsCommands::hasLines),
            of(Group.CHOOSE, "rounds.line.down", Do.LINE_DOWN, "Down").when(RoundsCommands::hasLines),
            of(Group.CHOOSE, "rounds.round.before", Do.ROUND_BEFORE, "Left").when(RoundsCommands::hasRound),
            of(Group.CHOOSE, "rounds.round.after", Do.ROUND_AFTER, "Right").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.faster", Do.FASTER, "Plus", "Equals", "Shift+Equals", "Add", "Close Bracket")
                    .when(RoundsCommands::hasRound)
                    .bar(),
            of(Group.CHANGE, "rounds.slower", Do.SLOWER, "Minus", "Subtract", "Open Bracket")
                    .when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.climb", Do.CLIMB, "L")
                    .when(RoundsCommands::hasRound)
                    .bar(),
            of(Group.CHANGE, "rounds.back", Do.STEP_BACK, "Shift+L").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.gap.wider", Do.WIDER_GAP, "G").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.gap.narrower", Do.NARROWER_GAP, "Shift+G").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.bursts", Do.BURSTS, "U").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.earlier", Do.EARLIER, "Shift+Left").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.later", Do.LATER, "Shift+Right").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.worker", Do.OTHER_WORKS, "W").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.turns", Do.TAKE_TURNS, "Shift+W").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.redraw", Do.REDRAW, "D").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.runs", Do.LONGER_RUNS, "N").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.spread", Do.WIDER_SPREAD, "V").when(RoundsCommands::hasRound),
            of(Group.CHANGE, "rounds.scheme", Do.SCHEME, "S").when(RoundsCommands::hasSession),
            of(Group.CHANGE, "rounds.template", Do.TEMPLATE, "T").when(RoundsCommands::hasSession),
            of(Group.CHANGE, "rounds.minutes.more", Do.MORE_MINUTES, "M").when(RoundsCommands::hasSession),
            of(Group.CHANGE, "rounds.minutes.fewer", Do.FEWER_MINUTES, "Shift+M")
                    .when(RoundsCommands::hasSession),
            of(Group.FILES, "rounds.print", Do.PRINT, "Alt+P")
                    .when(RoundsCommands::hasRound)
                    .bar());

    private static Command<Situation<RoundsState>, RoundsAction> of(
            Group group, String id, RoundsAction action, String... keys) {
        return Command.of(Scope.ROUNDS, group, id, action, keys);
    }

    private static boolean hasLines(Situation<RoundsState> here) {
        return here.camp().drills().size() > 0;
    }

    private static boolean hasSession(Situation<RoundsState> here) {
        return here.camp().sessionOn(here.today()).isPresent();
    }

    private static boolean hasRound(Situation<RoundsState> here) {
        Camp camp = here.camp();
        List<RoundPlan> plans = camp.sessionOn(here.today())
                .map(Session::id)
                .map(camp::roundsOf)
                .orElse(List.of());
        return !plans.isEmpty();
    }
}
