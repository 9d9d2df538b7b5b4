package onebeat.desktop.weeks;

import java.util.List;
import onebeat.desktop.app.Situation;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;
import onebeat.desktop.weeks.WeeksAction.Do;

/// The commands of the camp's weeks.
final class WeeksCommands {

    private WeeksCommands() {}

    static final List<Command<Situation<WeeksState>, WeeksAction>> TABLE = List.of(
            of(Group.WORK, "weeks.take", Do.TAKE, "Enter")
                    .when(here -> here.state().canTake())
                    .bar(),
            of(Group.WORK, "weeks.leave", Do.LEAVE, "Backspace")
                    .when(here -> here.state().offer().isPresent())
                    .bar(),
            of(Group.WORK, "weeks.stop", Do.STOP, "S")
                    .when(here -> here.state().canStop())
                    .bar(),
            of(Group.WORK, "weeks.look", Do.LOOK, "L")
                    .when(here -> !here.state().isLooking())
                    .bar(),
            of(Group.WORK, "weeks.tonight", Do.INTO_TONIGHT, "R").bar(),
            of(Group.WORK, "weeks.anew", Do.ANEW, "N")
                    .when(here -> !here.state().isLooking()),
            of(Group.CHANGE, "weeks.notime", Do.NO_TIME, "M").bar(),
            of(Group.CHANGE, "weeks.pin", Do.PIN, "P").bar(),
            of(Group.CHANGE, "weeks.forbid", Do.FORBID, "O").bar(),
            of(Group.CHANGE, "weeks.moveon", Do.MOVE_ON, "Shift+Right"),
            of(Group.CHANGE, "weeks.ready", Do.MUST_BE_READY, "B"),
            of(Group.CHANGE, "weeks.longer", Do.LONGER, "Plus", "Equals"),
            of(Group.CHANGE, "weeks.shorter", Do.SHORTER, "Minus"),
            of(Group.CHANGE, "weeks.day", Do.DAY, "E"),
            of(Group.CHANGE, "weeks.rules", Do.RULES, "K"),
            of(Group.CHANGE, "weeks.noweekday", Do.NO_WEEKDAY, "W"),
            of(Group.CHOOSE, "weeks.back", Do.DAY_BACK, "Left"),
            of(Group.CHOOSE, "weeks.on", Do.DAY_ON, "Right"),
            of(Group.CHOOSE, "weeks.weekback", Do.WEEK_BACK, "Page Up"),
            of(Group.CHOOSE, "weeks.weekon", Do.WEEK_ON, "Page Down"),
            of(Group.CHOOSE, "weeks.up", Do.LINE_UP, "Up"),
            of(Group.CHOOSE, "weeks.down", Do.LINE_DOWN, "Down"),
            of(Group.FILES, "weeks.calendar", Do.GYM_CALENDAR, "G"),
            of(Group.FILES, "weeks.other", Do.OTHER_CAMP, "Shift+G"),
            of(Group.FILES, "weeks.print", Do.PRINT, "Alt+P"),
            of(Group.FILES, "weeks.write", Do.WRITE, "X").bar());

    private static Command<Situation<WeeksState>, WeeksAction> of(
            Group group, String id, WeeksAction action, String... keys) {
        return Command.of(Scope.WEEKS, group, id, action, keys);
    }
}
