package onebeat.desktop.app;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;

/// The one way round of a station: an action comes in, the update gives the next state and the effects, the effects
/// are done, and the view is shown anew.
///
/// @param <S> the state
/// @param <A> the actions
public final class StationLoop<S, A> {

    private final StationName station;
    private final CampSession app;
    private final Navigator navigator;
    private final BiFunction<Situation<S>, A, Next<S>> update;
    private final Consumer<Situation<S>> render;
    private final Consumer<Effect.OfStation> own;
    private S state;

    /// @param own does what only the station can do
    public StationLoop(
            StationName station,
            CampSession app,
            Navigator navigator,
            S first,
            BiFunction<Situation<S>, A, Next<S>> update,
            Consumer<Situation<S>> render,
            Consumer<Effect.OfStation> own) {
        this.station = station;
        this.app = app;
        this.navigator = navigator;
        this.state = first;
        this.update = update;
        this.render = render;
        this.own = own;
    }

    /// What updates and views look at now.
    public Situation<S> situation() {
        return new Situation<>(state, app.camp(), app.today(), app.schedules());
    }

    /// Does what an action asks for, and shows what came of it.
    public void dispatch(A action) {
        Next<S> next = update.apply(situation(), action);
        state = next.state();
        run(next.effects());
        if (navigator.here() == station) {
            render();
        }
    }

    /// Shows the camp as it is.
    public void render() {
        render.accept(situation());
    }

    private void run(List<Effect> effects) {
        effects.forEach(this::run);
    }

    private void run(Effect effect) {
        switch (effect) {
            case Effect.Save save -> {
                if (app.save(save.edit())) {
                    run(save.then());
                }
            }
            case Effect.Say say -> app.say(say.words());
            case Effect.Warn warn -> app.warn(warn.words());
            case Effect.Go go -> navigator.go(go.station());
            case Effect.PutLine put -> navigator.type(put.line());
            case Effect.Write write -> navigator.write(write.line());
            case Effect.Lay lay -> app.drillProperty().set(lay.drill());
            case Effect.PutOn on -> app.reelProperty().set(on.reel());
            case Effect.OfStation station -> own.accept(station);
        }
    }
}
