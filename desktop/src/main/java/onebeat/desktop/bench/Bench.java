package onebeat.desktop.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.review.Context;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationLoop;
import onebeat.desktop.app.StationName;
import onebeat.desktop.bench.BenchAction.Enter;
import onebeat.desktop.bench.BenchAction.Laid;
import onebeat.desktop.bench.BenchAction.Looked;
import onebeat.desktop.bench.BenchAction.ToRounds;
import onebeat.desktop.bench.BenchEffect.LookAgain;
import onebeat.desktop.bench.BenchEffect.PrintCards;
import onebeat.desktop.bench.BenchEffect.SwitchFilm;
import onebeat.desktop.bench.BenchEffect.Take;
import onebeat.desktop.bench.BenchEffect.Turn;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.print.Print;
import onebeat.desktop.text.Texts;

/// The bench: what is typed is drawn as a rope, with the corner's findings beside it.
public final class Bench implements Station {

    private final CampSession app;
    private final Navigator navigator;
    private final Supplier<String> typed;
    private final StationLoop<BenchState, BenchAction> loop;
    private final BenchView view;
    private final List<BoundCommand> commands;

    /// @param typed the line as it stands in the call line now, which may be newer than the one last looked at
    public Bench(CampSession app, Navigator navigator, Supplier<String> typed) {
        this.app = app;
        this.navigator = navigator;
        this.typed = typed;
        BenchState first = BenchState.first(LineWatch.see("", app.camp().context()))
                .laid(app.drillProperty().get());
        this.loop = new StationLoop<>(
                StationName.BENCH, app, navigator, first, BenchUpdate::update, this::render, this::perform);
        this.view = new BenchView(loop::dispatch, app::warn, line -> app.words().first(line));
        this.commands = BoundCommand.all(BenchCommands.TABLE, loop::situation, this::dispatch);
        app.drillProperty().addListener((_, _, now) -> loop.dispatch(new Laid(now)));
    }

    /// What goes into tonight is the line as it stands now, not as it was last looked at.
    private void dispatch(BenchAction action) {
        loop.dispatch(action instanceof BenchAction.Ask ? new ToRounds(seenNow()) : action);
    }

    private Seen seenNow() {
        return LineWatch.see(typed.get(), context(app.camp()));
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return BenchCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.BENCH;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    @Override
    public Context context(Camp camp) {
        BenchState state = loop.situation().state();
        return camp.context().with(state.setting(camp)).with(app.model()).at(state.bpm());
    }

    @Override
    public void open() {
        loop.render();
    }

    @Override
    public void lineSeen(Seen seen) {
        loop.dispatch(new Looked(seen));
    }

    @Override
    public void entered(Seen seen) {
        loop.dispatch(new Enter(seen));
    }

    private void render(Situation<BenchState> here) {
        view.render(new BenchView.Shown(here.state(), here.camp(), context(here.camp()), app.learned(), typed.get()));
    }

    private void perform(Effect.OfStation effect) {
        switch ((BenchEffect) effect) {
            case Turn turn -> view.turn(turn.page(), typed.get());
            case Take take -> take(take.functionKey());
            case LookAgain() -> navigator.type(typed.get());
            case SwitchFilm() -> app.switchFilm();
            case PrintCards() -> print();
        }
    }

    private void take(int functionKey) {
        boolean fix = view.takesFixes();
        Optional<String> line = view.lineOf(functionKey);
        line.ifPresent(taken -> {
            navigator.type(taken);
            app.say(Texts.of(fix ? "bench.mended" : "bench.taken"));
        });
    }

    /// Prints the partner's and the athlete's card of the line.
    private void print() {
        BenchState state = loop.situation().state();
        String name = state.drill(app.camp()).map(d -> d.name()).orElse(Texts.of("bench.untitled"));
        state.review().ifPresent(r -> Print.cards(app, r, state.shownWay(), name, state.odds(app.camp())));
    }

    @Override
    public void close() {
        view.close();
    }
}
