package onebeat.desktop.app;

import java.util.List;

/// What an action leads to: the state that follows, and what is to be done in the world, in this order.
public record Next<S>(S state, List<Effect> effects) {

    public Next {
        effects = List.copyOf(effects);
    }

    /// A state with effects.
    public static <S> Next<S> of(S state, Effect... effects) {
        return new Next<>(state, List.of(effects));
    }
}
