package onebeat.desktop.rounds;

import java.util.List;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.rounds.Calls;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Effect;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Situation;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationLoop;
import onebeat.desktop.app.StationName;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.print.Print;
import onebeat.desktop.rounds.RoundsAction.Enter;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// Rounds: lines are chosen for tonight, put in order and set to a tempo.
public final class Rounds implements Station {

    private final CampSession app;
    private final StationLoop<RoundsState, RoundsAction> loop;
    private final RoundsView view;
    private final List<BoundCommand> commands;
    private final RoundsAhead ahead;
    private @Nullable Shown shown;

    /// What the last picture was worked out from, but for the chosen line.
    private record Shown(Camp camp, int round, RoundsPicture picture) {}

    public Rounds(CampSession app, Navigator navigator, RoundsAhead ahead) {
        this.app = app;
        this.ahead = ahead;
        this.loop = new StationLoop<>(
                StationName.ROUNDS,
                app,
                navigator,
                RoundsState.FIRST,
                RoundsUpdate::update,
                this::render,
                this::perform);
        this.view = new RoundsView(loop::dispatch, line -> app.words().first(line));
        this.commands = BoundCommand.all(RoundsCommands.TABLE, loop::situation, loop::dispatch);
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return RoundsCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.ROUNDS;
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
    public void open() {
        loop.render();
        ahead.entered();
    }

    private void render(Situation<RoundsState> here) {
        Shown before = shown;
        RoundsPicture picture = before != null
                        && before.camp.equals(here.camp())
                        && before.round == here.state().round()
                ? before.picture.atLine(here.state().line())
                : RoundsPicture.of(here);
        shown = new Shown(here.camp(), here.state().round(), picture);
        view.render(picture);
    }

    private void perform(Effect.OfStation effect) {
        if (effect == RoundsEffect.PRINT_SHEET) {
            app.tonight().ifPresent(s -> Print.session(app, s, app.schedules().of(app.camp(), s, Calls.NONE)));
        }
    }

    @Override
    public void entered(Seen seen) {
        seen.review()
                .ifPresentOrElse(
                        review -> loop.dispatch(new Enter(review.canonical())),
                        () -> app.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing"))));
    }
}
