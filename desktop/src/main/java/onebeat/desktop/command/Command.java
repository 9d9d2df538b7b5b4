package onebeat.desktop.command;

import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/// One thing that can be done.
///
/// @param <S> what decides whether it can be done now
/// @param <A> what it sets off
/// @param id for example `rounds.add`; its words stand under it
/// @param keys that give it, the first of them shown
/// @param applies whether it can be done now
/// @param onBar whether it stands on the action bar where there is room
/// @param which which one it is of several with the same words, for example a number; empty where it is the only one
public record Command<S, A>(
        String id,
        Scope scope,
        Group group,
        List<KeyPress> keys,
        Predicate<S> applies,
        A action,
        boolean onBar,
        String which) {

    public Command {
        keys = List.copyOf(keys);
    }

    /// A command that can always be done.
    ///
    /// @param keys as [KeyPress#of(String)] reads them
    public static <S, A> Command<S, A> of(Scope scope, Group group, String id, A action, String... keys) {
        return new Command<>(
                id, scope, group, Arrays.stream(keys).map(KeyPress::of).toList(), _ -> true, action, false, "");
    }

    /// The same, only where this holds.
    public Command<S, A> when(Predicate<S> holds) {
        return new Command<>(id, scope, group, keys, holds, action, onBar, which);
    }

    /// The same, on the action bar.
    public Command<S, A> bar() {
        return new Command<>(id, scope, group, keys, applies, action, true, which);
    }

    /// The same, as one of several with the same words.
    public Command<S, A> one(String of) {
        return new Command<>(id, scope, group, keys, applies, action, onBar, of);
    }

    /// What it is called, in two or three words.
    public String name() {
        return CommandWords.of(id);
    }

    /// What it is called where it stands beside the others with its words.
    public String fullName() {
        return which.isEmpty() ? name() : name() + ": " + which;
    }

    /// What it does, in a sentence.
    public String help() {
        return CommandWords.of(id + ".help");
    }
}
