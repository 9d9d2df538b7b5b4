package onebeat.desktop.command;

import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;

/// A command of the running program: whether it can be done now, and doing it.
public record BoundCommand(Command<?, ?> command, BooleanSupplier applies, Runnable run) {

    /// Ties a table to what is shown now and to where its actions go.
    public static <S, A> List<BoundCommand> all(List<Command<S, A>> table, Supplier<S> now, Consumer<A> dispatch) {
        return table.stream()
                .map(c -> new BoundCommand(c, () -> c.applies().test(now.get()), () -> dispatch.accept(c.action())))
                .toList();
    }

    public String id() {
        return command.id();
    }

    /// Whether it can be done now.
    public boolean isPossible() {
        return applies.getAsBoolean();
    }
}
