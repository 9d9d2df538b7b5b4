package onebeat.desktop.command;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/// The page of all keys, as Markdown, for the docs.
public final class KeysPage {

    private KeysPage() {}

    /// The page for these commands, scope by scope in the order in which they come.
    public static String of(List<? extends Command<?, ?>> commands) {
        StringBuilder page = new StringBuilder("""
                # Keys

                Every command has a name and can be given with the mouse: from the bar at the foot of the window, from the
                menu behind "More" or a right click, or by typing `?` and a word into the call line. While the call line is
                typed in, hold Alt with a station's key. Own keys, a clicker or a pedal: Settings (Ctrl+,).
                """);
        for (Scope scope : Scope.values()) {
            Map<String, List<Command<?, ?>>> byId = new LinkedHashMap<>();
            for (Command<?, ?> command : commands) {
                if (command.scope() == scope) {
                    byId.computeIfAbsent(command.id(), _ -> new ArrayList<>()).add(command);
                }
            }
            if (!byId.isEmpty()) {
                page.append("\n## ")
                        .append(CommandWords.of(scope.key()))
                        .append("\n\n| key | command | what it does |\n|---|---|---|\n");
                byId.values().forEach(same -> page.append(row(same)));
            }
        }
        return page.toString();
    }

    private static String row(List<Command<?, ?>> same) {
        Command<?, ?> first = same.getFirst();
        String keys = same.stream()
                .flatMap(c -> c.keys().stream())
                .map(k -> "`" + k.words().replace("|", "\\|") + "`")
                .distinct()
                .collect(Collectors.joining(" "));
        return "| " + keys + " | " + first.name() + " | " + first.help() + " |\n";
    }
}
