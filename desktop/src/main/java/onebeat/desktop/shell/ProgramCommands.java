package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import onebeat.desktop.app.StationName;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.Scope;
import onebeat.desktop.shell.ProgramAction.Do;
import onebeat.desktop.shell.ProgramAction.Go;

/// The commands that can be given at every station.
final class ProgramCommands {

    private ProgramCommands() {}

    static final List<Command<ProgramScene, ProgramAction>> TABLE = table();

    /// Those of the menu at the program's name, in this order.
    static final List<String> CAMP_MENU = List.of(
            "program.new",
            "program.open",
            "program.take",
            "program.copy",
            "program.file",
            "program.card",
            "program.school",
            "program.partners",
            "program.settings",
            "program.walk",
            "program.help",
            "program.about");

    private static List<Command<ProgramScene, ProgramAction>> table() {
        List<Command<ProgramScene, ProgramAction>> all = new ArrayList<>();
        for (StationName name : StationName.values()) {
            String id = "program." + name.name().toLowerCase(Locale.ROOT);
            all.add(of(Group.GO, id, new Go(name), "Ctrl+" + name.number()));
        }
        all.addAll(List.of(
                of(Group.WORK, "program.line", Do.WRITE_LINE, "Slash"),
                of(Group.WORK, "program.search", Do.SEARCH, "Shift+Slash").when(ProgramScene::isDesk),
                of(Group.CHANGE, "program.undo", Do.UNDO, "Ctrl+Z"),
                of(Group.CHANGE, "program.redo", Do.REDO, "Ctrl+Y", "Ctrl+Shift+Z"),
                of(Group.CHANGE, "program.partner", Do.NEXT_PARTNER, "Ctrl+P"),
                of(Group.CHANGE, "program.partners", Do.PARTNERS, "Ctrl+Shift+P")
                        .when(ProgramScene::isDesk),
                of(Group.CHANGE, "program.card", Do.CARD, "Ctrl+E").when(ProgramScene::isDesk),
                of(Group.CHANGE, "program.school", Do.SCHOOL, "Ctrl+K").when(ProgramScene::isDesk),
                of(Group.FILES, "program.file", Do.CAMP_FILE, "Ctrl+O").when(ProgramScene::isDesk),
                of(Group.FILES, "program.new", Do.NEW_CAMP).when(ProgramScene::isDesk),
                of(Group.FILES, "program.open", Do.OPEN_CAMP).when(ProgramScene::isDesk),
                of(Group.FILES, "program.take", Do.TAKE_FROM).when(ProgramScene::isDesk),
                of(Group.FILES, "program.copy", Do.SAVE_COPY).when(ProgramScene::isDesk),
                of(Group.FILES, "program.save", Do.SAVE_AGAIN, "Ctrl+S"),
                of(Group.SHOW, "program.settings", Do.SETTINGS, "Ctrl+Comma").when(ProgramScene::isDesk),
                of(Group.SHOW, "program.walk", Do.WALK).when(ProgramScene::isDesk),
                of(Group.SHOW, "program.help", Do.HELP, "F1"),
                of(Group.SHOW, "program.about", Do.ABOUT).when(ProgramScene::isDesk),
                of(Group.SHOW, "program.menu", Do.CAMP_MENU, "F10").when(ProgramScene::isDesk),
                of(Group.SHOW, "program.here", Do.HERE_MENU, "Shift+F10", "Context Menu")));
        return List.copyOf(all);
    }

    private static Command<ProgramScene, ProgramAction> of(
            Group group, String id, ProgramAction action, String... keys) {
        return Command.of(Scope.PROGRAM, group, id, action, keys);
    }
}
