package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.film.Seized;
import onebeat.core.review.Context;
import onebeat.desktop.app.CampPaths;
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
import onebeat.desktop.command.Scope;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;
import org.jspecify.annotations.Nullable;

/// Film: typing a call line while it plays logs an exchange; the next single key is its outcome. Beside it stands
/// what the exchanges add up to.
public final class Film implements Station {

    /// What cameras and film logs end in; anything else can be dropped here.
    private static final String[] FILES = {
        "*.mp4", "*.m4v", "*.mov", "*.mkv", "*.webm", "*.avi", "*.mts", "*.m2ts", "*.3gp", "*.mpg", "*.wmv", "*.flv",
        "*.csv", "*.json"
    };

    private final CampSession app;
    private final Navigator navigator;
    private final Playback playback;
    private final Pages pages;
    private final FilmCut cut;
    private final FilmStill still;
    private final FilmFiles films;
    private final StationLoop<FilmState, FilmAction> loop;
    private final FilmView view;
    private final List<BoundCommand> commands;
    private @Nullable Shown shown;

    /// What the player and the pages were given last.
    private record Shown(Camp camp, Optional<String> reel) {}

    public Film(CampSession app, Navigator navigator) {
        this.app = app;
        this.navigator = navigator;
        this.playback = new Playback(app, this::moved, this::lengthKnown);
        this.pages = new Pages(app, this::open);
        this.cut = new FilmCut(app);
        this.still = new FilmStill(app);
        this.films = new FilmFiles(app);
        this.loop = new StationLoop<>(
                StationName.FILM,
                app,
                navigator,
                FilmState.FIRST.on(app.reelProperty().get()),
                FilmUpdate::update,
                this::render,
                this::perform);
        this.view = new FilmView(
                playback.screen(),
                pages,
                playback::seek,
                this::take,
                this::openFile,
                number -> loop.dispatch(new FilmAction.SeenAgain(number)));
        this.commands = BoundCommand.all(FilmCommands.TABLE, this::situation, loop::dispatch);
        app.reelProperty().addListener((_, _, now) -> loop.dispatch(new FilmAction.PutOn(now)));
    }

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return FilmCommands.TABLE;
    }

    private Situation<FilmState> situation() {
        Situation<FilmState> now = loop.situation();
        return now.with(now.state().beside(pages.behind(), pages.hasLines()));
    }

    private FilmState state() {
        return loop.situation().state();
    }

    @Override
    public StationName name() {
        return StationName.FILM;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String prompt() {
        FilmState state = state();
        return state.reel(app.camp()).isEmpty()
                ? ""
                : state.amended(app.camp())
                        .map(e -> Texts.of("film.prompt.amend", Texts.filmTime(e.timeS())))
                        .orElseGet(() -> Texts.filmTime(playback.timeS()));
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    /// While a log comes in, and right after an exchange was logged, single keys mean something else.
    @Override
    public List<Scope> scopes() {
        List<Scope> scopes = new ArrayList<>();
        if (pages.arrives()) {
            scopes.add(Scope.ARRIVAL);
        }
        if (state().awaits().isPresent()) {
            scopes.add(Scope.OUTCOME);
        }
        scopes.add(Scope.FILM);
        return scopes;
    }

    /// Film shows the opponent, whoever is tonight's partner.
    @Override
    public Context context(Camp camp) {
        return camp.againstOpponent().with(app.model());
    }

    @Override
    public void open() {
        shown = null;
        loop.render();
        moved();
    }

    @Override
    public void leave() {
        loop.dispatch(new FilmAction.Leave());
    }

    @Override
    public void close() {
        playback.close();
        cut.close();
        still.close();
        films.close();
        pages.close();
    }

    @Override
    public void entered(Seen seen) {
        seen.review()
                .ifPresentOrElse(
                        review -> loop.dispatch(new FilmAction.Enter(review.canonical())),
                        () -> app.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing"))));
    }

    /// What is typed next is no outcome.
    @Override
    public void typed(String text) {
        if (state().awaits().isPresent() && !text.isEmpty()) {
            loop.dispatch(new FilmAction.Typing());
        }
    }

    private void moved() {
        loop.dispatch(new FilmAction.At(playback.timeS()));
    }

    private void lengthKnown(Reel reel, double seconds) {
        films.know(reel);
        loop.dispatch(new FilmAction.Length(reel.id(), seconds));
    }

    private void render(Situation<FilmState> here) {
        Shown now = new Shown(here.camp(), here.state().reel());
        if (!now.equals(shown)) {
            shown = now;
            playback.show(here.state().reel(here.camp()));
            pages.show();
        }
        view.render(
                here.state(),
                here.camp(),
                new FilmView.Plays(
                        playback.words(), playback.cannot().orElse(""), playback.marks(), playback.glance()));
        navigator.prompt(prompt());
    }

    private void perform(Effect.OfStation effect) {
        switch ((FilmEffect) effect) {
            case FilmEffect.Player player -> PlayerControls.use(playback, player.control());
            case FilmEffect.Beside beside -> turn(beside);
            case FilmEffect.Ask ask -> asked(ask);
            case FilmEffect.Seek seek -> playback.seek(seek.seconds());
            case FilmEffect.Bench bench -> bench(bench.exchange());
            case FilmEffect.TakeLine take ->
                pages.line(take.functionKey())
                        .ifPresent(t -> loop.dispatch(new FilmAction.ToBench(t.name(), t.line(), t.odds(), "")));
            case FilmEffect.ReelForm form -> reelForm(form.reel());
        }
    }

    private void turn(FilmEffect.Beside beside) {
        switch (beside) {
            case IDEAS -> pages.turnToIdeas();
            case PLAN -> pages.turnToPlan();
            case HABITS_OVER -> pages.turnHabitsOver();
            case ROW_UP -> pages.choose(-1);
            case ROW_DOWN -> pages.choose(1);
            case PRINT_PLAN -> pages.print();
            case TAKE_LOG -> pages.decide(true);
            case LEAVE_LOG -> pages.decide(false);
            case PLAY_BEHIND -> playback.playInARow(together());
        }
    }

    /// What was collected, or what is behind what is chosen beside the film.
    private List<Exchange> together() {
        return situation().state().together(app.camp());
    }

    /// What that shows.
    private List<String> told() {
        int collected = state().collected().size();
        return collected == 0 ? pages.told() : List.of(Texts.of("film.collected.title", collected));
    }

    private void asked(FilmEffect.Ask ask) {
        switch (ask) {
            case OPEN_FILE -> openFile();
            case WRITE_OUT -> FilmOut.write(app);
            case CUT -> cut.toggle(together(), told());
            case ROUNDS_FROM_BELLS ->
                loop.dispatch(new FilmAction.RoundsHeard(playback.glance().roundStarts()));
            case STILL -> state().exchange(app.camp()).ifPresent(still::write);
            case FIND_FILMS -> films.findIn(() -> navigator.chooseFolder(Texts.of("choose.films")));
            case TAKE_ALONG -> films.takeAlong();
            case CLOSE_FORM -> navigator.closeForm();
            case PAUSE -> playback.pause();
            case PROMPT -> navigator.prompt(prompt());
        }
    }

    /// Makes a drill of the exchange: the opponent's part becomes the feed, the athlete's part the answer, and the
    /// other
    /// responses on film the reads.
    private void bench(Exchange exchange) {
        Seized seized = pages.seized(exchange);
        loop.dispatch(new FilmAction.ToBench(
                Texts.of("film.drill", Texts.filmTime(exchange.timeS())), seized.line(), seized.odds(), exchange.id()));
    }

    private void reelForm(Reel before) {
        ReelForm form = new ReelForm(before, app.camp().card().opponent().name(), after -> {
            if (after.equals(before)) {
                navigator.closeForm();
            } else {
                loop.dispatch(new FilmAction.ReelChanged(before, after));
            }
        });
        navigator.open(form);
        form.begin();
    }

    private void openFile() {
        navigator.choose(Texts.of("choose.film"), FILES).ifPresent(this::take);
    }

    /// Takes a file in: a film log by its ending, anything else as a film.
    public void take(Path file) {
        String name = String.valueOf(file.getFileName());
        String low = name.toLowerCase(Locale.ROOT);
        if (low.endsWith(CampFile.ENDING) || FilmFiles.isTheCamp(app, file)) {
            app.warn(Texts.of("film.camp", name));
        } else if (low.endsWith(".csv") || low.endsWith(".json")) {
            pages.read(file);
        } else {
            boolean moved = playback.cannot().isPresent()
                    && state().reel(app.camp())
                            .filter(r -> String.valueOf(Path.of(r.file()).getFileName())
                                    .equals(name))
                            .isPresent();
            loop.dispatch(new FilmAction.Opened(name, CampPaths.seenFrom(app.folder(), file), moved));
        }
    }
}
