package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.book.Fault;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.Situation;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;
import onebeat.desktop.floor.FloorAction.Do;
import onebeat.desktop.floor.FloorAction.NameFault;

/// The commands of the floor. The first five can be given by a clicker or a pedal.
final class FloorCommands {

    private FloorCommands() {}

    private static final int MOST_DIGIT = 9;

    static final List<Command<Situation<FloorState>, FloorAction>> TABLE = table();

    /// What a clicker or pedal is taught, in the order in which it is asked for.
    static final List<String> TAUGHT =
            List.of("floor.bell", "floor.clean", "floor.late", "floor.wrong", "floor.stopped");

    private static List<Command<Situation<FloorState>, FloorAction>> table() {
        List<Command<Situation<FloorState>, FloorAction>> all = new ArrayList<>(List.of(
                of(Group.PLAY, "floor.bell", Do.BELL, "Space")
                        .when(FloorCommands::goesOn)
                        .bar(),
                of(Group.JUDGE, "floor.clean", Do.CLEAN, "C")
                        .when(FloorCommands::hasSession)
                        .bar(),
                of(Group.JUDGE, "floor.late", Do.LATE, "L")
                        .when(FloorCommands::hasSession)
                        .bar(),
                of(Group.JUDGE, "floor.wrong", Do.WRONG, "W")
                        .when(FloorCommands::hasSession)
                        .bar(),
                of(Group.JUDGE, "floor.stopped", Do.STOPPED, "S")
                        .when(FloorCommands::hasSession)
                        .bar(),
                of(Group.PLAY, "floor.skip", Do.SKIP, "N")
                        .when(FloorCommands::goesOn)
                        .bar(),
                of(Group.GO, "floor.leave", Do.ROUNDS, "Esc").bar(),
                of(Group.PLAY, "floor.again", Do.AGAIN, "R").when(FloorCommands::hasSession),
                of(Group.PLAY, "floor.longer", Do.LONGER, "Plus", "Equals", "Shift+Equals", "Add")
                        .when(FloorCommands::hasSession),
                of(Group.SHOW, "floor.feeder", Do.FEEDER, "F"),
                of(Group.SHOW, "floor.said", Do.SAID_TO, "V"),
                of(Group.SHOW, "floor.calls", Do.CALLS, "Shift+V"),
                of(Group.FILES, "floor.recording", Do.RECORDING, "O"),
                of(Group.FILES, "floor.teach", Do.TEACH, "K"),
                of(Group.WORK, "floor.listen", Do.LISTEN, "H")
                        .when(FloorCommands::hasSession)
                        .bar(),
                of(Group.JUDGE, "floor.take", Do.TAKE_HEARD, "T").when(FloorCommands::hasHeard),
                of(Group.GO, "floor.book", Do.BOOK, "B").bar()));
        for (int number = 1; number <= Math.min(MOST_DIGIT, Fault.all().size()); number++) {
            all.add(of(Group.JUDGE, "floor.fault", new NameFault(number), "" + number, "Numpad " + number)
                    .one(Fault.all().get(number - 1).words())
                    .when(FloorCommands::hasJudged));
        }
        for (int said = 0; said <= Session.MOST_EFFORT; said++) {
            String[] keys = said > MOST_DIGIT ? new String[] {"X"} : new String[] {"" + said, "Numpad " + said};
            all.add(Command.<Situation<FloorState>, FloorAction>of(
                            Scope.EFFORT, Group.JUDGE, "floor.effort", new FloorAction.Effort(said), keys)
                    .one("" + said)
                    .bar());
        }
        return List.copyOf(all);
    }

    private static Command<Situation<FloorState>, FloorAction> of(
            Group group, String id, FloorAction action, String... keys) {
        return Command.of(Scope.FLOOR, group, id, action, keys);
    }

    /// Whether all rounds are over, nobody said yet how hard it was, and no fault is asked for.
    static boolean asksEffort(Situation<FloorState> here) {
        return isOver(here)
                && !here.state().told().equals(FloorUpdate.faults())
                && here.camp()
                        .sessionOn(here.today())
                        .filter(session -> session.effort().isEmpty())
                        .isPresent();
    }

    /// Whether the last round has ended.
    private static boolean isOver(Situation<FloorState> here) {
        FloorState state = here.state();
        return state.schedule()
                .filter(s -> !s.rounds().isEmpty())
                .filter(s -> state.clock().atMs() >= s.rounds().getLast().endMs())
                .isPresent();
    }

    private static boolean goesOn(Situation<FloorState> here) {
        return hasSession(here) && here.state().clock().state() != Run.State.DONE;
    }

    private static boolean hasSession(Situation<FloorState> here) {
        return here.state().schedule().isPresent();
    }

    private static boolean hasHeard(Situation<FloorState> here) {
        return !here.state().listening().heard().isEmpty();
    }

    private static boolean hasJudged(Situation<FloorState> here) {
        return here.state().last().isPresent();
    }
}
