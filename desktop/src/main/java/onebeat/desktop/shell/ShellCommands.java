package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import onebeat.desktop.app.Station;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.command.Scope;
import onebeat.desktop.settings.SettingsStore;

/// The commands that can be given in the window: those of the station that is on, and those of the program.
///
/// @param program the program's own
/// @param station the one that is on
record ShellCommands(List<BoundCommand> program, Supplier<Station> station, SettingsStore settings) {

    ShellCommands {
        program = List.copyOf(program);
    }

    /// All of them, the station's first.
    List<BoundCommand> all() {
        List<BoundCommand> all = new ArrayList<>(station.get().commands());
        all.addAll(program);
        return all;
    }

    /// Those of the station whose keys are on now; what answers a question comes first.
    List<BoundCommand> here() {
        List<BoundCommand> all = station.get().commands();
        return station.get().scopes().stream()
                .flatMap(scope -> all.stream().filter(c -> c.command().scope() == scope))
                .toList();
    }

    /// Whose keys are on, the first asked first.
    List<Scope> scopes() {
        List<Scope> all = new ArrayList<>();
        all.add(Scope.PROGRAM);
        all.addAll(station.get().scopes());
        return all;
    }

    OwnKeys ownKeys() {
        return settings.get().ownKeys();
    }
}
