package onebeat.desktop.command;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// Finds the command that a key gives.
///
/// While somebody types, every plain key types and every editing key edits; then a station's key is given with Alt held
/// down, or with Ctrl where that edits nothing. Held so, they work while nobody types too.
public final class KeyDispatch {

    private KeyDispatch() {}

    /// Who is asked.
    ///
    /// @param all the commands of the program and of the station that is shown
    /// @param scopes those that are on, the first asked first
    /// @param typing whether a field is being typed in
    public record Asked(List<BoundCommand> all, List<Scope> scopes, OwnKeys own, boolean typing) {

        public Asked {
            all = List.copyOf(all);
            scopes = List.copyOf(scopes);
        }
    }

    /// The command that a key gives, whether it can be done now or not; where several could, one that can be done.
    public static Optional<BoundCommand> find(KeyPress key, Asked asked) {
        if (asked.typing && (key.isTyping() || key.isEditing())) {
            return Optional.empty();
        }
        Optional<BoundCommand> exact = given(key, asked);
        boolean held = !key.isPlain() && !key.isEditing();
        return exact.isEmpty() && held ? given(key.plain(), asked) : exact;
    }

    private static Optional<BoundCommand> given(KeyPress key, Asked asked) {
        for (Scope scope : asked.scopes) {
            List<BoundCommand> here = asked.all.stream()
                    .filter(c -> c.command().scope() == scope && asked.own.gives(c.command(), key, asked.all))
                    .toList();
            Optional<BoundCommand> possible =
                    here.stream().filter(BoundCommand::isPossible).findFirst();
            if (possible.isPresent() || !here.isEmpty()) {
                return possible.or(() -> here.stream().findFirst());
            }
        }
        return Optional.empty();
    }

    /// Keys that one scope gives to two commands; empty in a sound table.
    public static Set<String> clashes(List<? extends Command<?, ?>> table) {
        Set<String> clashes = new TreeSet<>();
        for (int i = 0; i < table.size(); i++) {
            for (Command<?, ?> other : table.subList(i + 1, table.size())) {
                Command<?, ?> one = table.get(i);
                one.keys().stream()
                        .filter(key ->
                                one.scope() == other.scope() && other.keys().contains(key))
                        .forEach(key -> clashes.add(key.words() + ": " + one.id() + ", " + other.id()));
            }
        }
        return clashes;
    }
}
