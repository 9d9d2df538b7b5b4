package onebeat.desktop.command;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/// The coach's own keys, clicker and pedal: for some commands a key beside the usual ones, which stay.
///
/// @param keys by the id of the command
public record OwnKeys(Map<String, KeyPress> keys) {

    public static final OwnKeys NONE = new OwnKeys(Map.of());

    public OwnKeys {
        keys = Map.copyOf(keys);
    }

    /// With this key for a command; whatever else had it loses it.
    public OwnKeys with(String id, KeyPress key) {
        Map<String, KeyPress> more = new TreeMap<>(keys);
        more.values().removeIf(key::equals);
        more.put(id, key);
        return new OwnKeys(more);
    }

    /// Without an own key for a command.
    public OwnKeys without(String id) {
        Map<String, KeyPress> fewer = new TreeMap<>(keys);
        fewer.remove(id);
        return new OwnKeys(fewer);
    }

    /// The own key of a command.
    public Optional<KeyPress> of(String id) {
        return Optional.ofNullable(keys.get(id));
    }

    /// The key that is shown for a command: the own one, else the first of the usual ones.
    public Optional<KeyPress> shown(Command<?, ?> command) {
        return of(command.id()).or(() -> command.keys().stream().findFirst());
    }

    /// Whether a key gives a command. An own key of another command of the same scope comes first.
    boolean gives(Command<?, ?> command, KeyPress key, List<BoundCommand> all) {
        if (of(command.id()).filter(key::equals).isPresent()) {
            return true;
        }
        boolean taken = all.stream()
                .anyMatch(other -> other.command().scope() == command.scope()
                        && of(other.id()).filter(key::equals).isPresent());
        return !taken && command.keys().contains(key);
    }

    /// As one line, for example `floor.clean=Page Down;floor.late=B`.
    public String written() {
        return new TreeMap<>(keys)
                .entrySet().stream()
                        .map(e -> e.getKey() + "=" + e.getValue().written())
                        .collect(Collectors.joining(";"));
    }

    /// The keys of one line; what cannot be read is left out.
    public static OwnKeys of(List<String> written) {
        Map<String, KeyPress> keys = new TreeMap<>();
        for (String one : written) {
            int at = one.indexOf('=');
            if (at > 0) {
                try {
                    keys.put(one.substring(0, at), KeyPress.of(one.substring(at + 1)));
                } catch (IllegalArgumentException _) {
                    // A key of another machine: the usual one is still there.
                }
            }
        }
        return new OwnKeys(keys);
    }
}
