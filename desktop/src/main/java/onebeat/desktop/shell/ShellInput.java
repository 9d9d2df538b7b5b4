package onebeat.desktop.shell;

import java.util.List;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.callline.CallLine;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.command.Scope;
import onebeat.desktop.text.Texts;

/// What the keys of the window do: with the form that lies open, with the call line, with the commands.
final class ShellInput implements ShellKeys.Window {

    private final CampSession app;
    private final Shell shell;
    private final ShellLine line;
    private final CallLine field;
    private final ShellCommands commands;

    ShellInput(CampSession app, Shell shell, ShellLine line, CallLine field, ShellCommands commands) {
        this.app = app;
        this.shell = shell;
        this.line = line;
        this.field = field;
        this.commands = commands;
    }

    @Override
    public boolean hasForm() {
        return shell.hasForm();
    }

    @Override
    public void closeForm() {
        shell.closeForm();
    }

    @Override
    public boolean isTyping() {
        return field.isTyping();
    }

    @Override
    public boolean isUnsettled() {
        return line.isUnsettled();
    }

    @Override
    public void leaveLine() {
        shell.leaveLine();
    }

    @Override
    public void enterLine() {
        shell.enterLine();
    }

    @Override
    public boolean chooseFound(int step) {
        return shell.chooseFound(step);
    }

    @Override
    public List<BoundCommand> commands() {
        return commands.all();
    }

    @Override
    public List<Scope> scopes() {
        return commands.scopes();
    }

    @Override
    public OwnKeys ownKeys() {
        return commands.ownKeys();
    }

    @Override
    public void cannot(BoundCommand command) {
        app.say(Texts.of("command.cannot", command.command().fullName()));
    }

    @Override
    public void done() {
        shell.changed();
    }
}
