package onebeat.desktop.floor;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.LongSupplier;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.core.rounds.Template;
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
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.command.Scope;
import onebeat.desktop.floor.FloorAction.Begin;
import onebeat.desktop.floor.FloorAction.Teach;
import onebeat.desktop.floor.FloorAction.Tell;
import onebeat.desktop.floor.FloorAction.Tick;
import onebeat.desktop.floor.FloorEffect.Ask;
import onebeat.desktop.floor.FloorEffect.Jump;
import onebeat.desktop.floor.FloorEffect.Learn;
import onebeat.desktop.floor.FloorEffect.Note;
import onebeat.desktop.floor.FloorState.Clock;
import onebeat.desktop.floor.FloorState.Listening.Mode;
import onebeat.desktop.floor.FloorState.SeenBy;
import onebeat.desktop.floor.Run.State;
import onebeat.desktop.sound.Microphone;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// The floor: tonight's session runs. One key is bell and pause; four judge a repetition. What is judged is saved at
/// once, so that nothing is lost when the machine dies in mid-round.
public final class Floor implements Station {

    private static final String AT = "floor at";
    private static final String PEDAL = "floor keys";

    private final CampSession app;
    private final Navigator navigator;
    private final Sounding sounding;
    private final LongSupplier clockMs;
    private final FloorView view = new FloorView();
    private final FloorWords words;
    private final RoundListening listening;
    private final StationLoop<FloorState, FloorAction> loop;
    private final List<BoundCommand> commands;
    private @Nullable FeederWindow window;
    private @Nullable Run run;

    /// When the screen last followed the run. The machine's own time, not that of the run, which a test may move.
    private long tickedMs;

    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            tick();
        }
    };

    /// @param clockMs a monotonic clock in milliseconds
    public Floor(CampSession app, Sounds sounds, Microphone microphone, LongSupplier clockMs, Navigator navigator) {
        this.app = app;
        this.navigator = navigator;
        this.clockMs = clockMs;
        this.sounding = new Sounding(app, sounds, clockMs);
        this.words = new FloorWords(app, sounding::isByNumber);
        this.loop = new StationLoop<>(
                StationName.FLOOR, app, navigator, FloorState.FIRST, FloorUpdate::update, this::render, this::perform);
        this.listening = new RoundListening(
                microphone,
                new RoundListening.Told(
                        level -> loop.dispatch(new FloorAction.Level(level)),
                        _ -> loop.dispatch(new FloorAction.Level(1)),
                        (round, heard) -> loop.dispatch(new FloorAction.Heard(round, heard)),
                        () -> loop.dispatch(new FloorAction.Listens(Mode.BROKEN))));
        this.commands = BoundCommand.all(FloorCommands.TABLE, loop::situation, this::dispatch);
        OwnKeys known = app.settings().get().ownKeys();
        OwnKeys withPedal = TaughtPedal.with(known, app.draft(PEDAL));
        if (!withPedal.equals(known)) {
            app.settings().change(s -> s.with(withPedal));
        }
    }

    /// Where nothing was done for longer, the machine slept or the program was stopped: not even a bell would be given
    /// out so late.
    private static final long STOOD_STILL_MS = 4_000;

    /// All commands of this station.
    public static List<? extends Command<?, ?>> table() {
        return FloorCommands.TABLE;
    }

    @Override
    public StationName name() {
        return StationName.FLOOR;
    }

    @Override
    public Region view() {
        return view;
    }

    /// After the last round single keys say how hard the evening was.
    @Override
    public List<Scope> scopes() {
        return FloorCommands.asksEffort(loop.situation()) ? List.of(Scope.EFFORT, Scope.FLOOR) : List.of(Scope.FLOOR);
    }

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    @Override
    public void open() {
        if (run == null || run.state() == State.READY || run.state() == State.DONE) {
            Optional<Schedule> schedule = app.tonight().map(this::stillToRun);
            run = schedule.map(s -> new Run(s, clockMs)).orElse(null);
            loop.dispatch(new Begin(schedule, app.draft(AT)));
        }
        timer.start();
        tick();
    }

    /// Tonight's rounds that have not run yet; all of them where all have run.
    private Schedule stillToRun(Session session) {
        Camp camp = app.camp();
        Schedule whole = app.schedules().of(camp, session, sounding.calls());
        List<Part> left = whole.rounds().stream()
                .map(Stretch::part)
                .filter(p -> camp.runs().all().stream()
                        .noneMatch(r -> r.roundId().equals(p.plan().id())))
                .toList();
        return left.isEmpty() || left.size() == whole.rounds().size()
                ? whole
                : Schedule.of(Template.rest(session, whole.rounds().size(), left.size()), left, sounding.calls());
    }

    @Override
    public void leave() {
        if (run != null && run.state() == State.RUNNING) {
            perform(Ask.START_OR_PAUSE);
        }
        timer.stop();
        listen(Mode.OFF);
        closeWindow();
    }

    @Override
    public void close() {
        sounding.quiet();
        listening.close();
    }

    @Override
    public void entered(Seen seen) {
        // Nothing is typed on the floor.
    }

    /// What is done is done at the moment of the clock.
    private void dispatch(FloorAction action) {
        tick();
        loop.dispatch(action);
        tick();
    }

    private void tick() {
        if (run == null) {
            loop.render();
            return;
        }
        long now = TimeUnit.NANOSECONDS.toMillis(System.nanoTime());
        if (run.state() == State.RUNNING && now - tickedMs > STOOD_STILL_MS) {
            long lost = run.stoodStill();
            follow(run);
            loop.dispatch(new Tell(Texts.of("floor.stood", Math.round(lost / 1000.0))));
        }
        tickedMs = now;
        var due = run.due();
        loop.dispatch(new Tick(new Clock(run.atMs(), run.state(), run.lastCall()), due));
    }

    private void perform(Effect.OfStation effect) {
        switch ((FloorEffect) effect) {
            case Ask ask -> asked(ask);
            case Jump jump -> {
                if (run != null) {
                    run.jumpTo(jump.ms());
                    follow(run);
                }
            }
            case Note note -> app.keepDraft(AT, note.words());
            case Learn learn -> navigator.nextKey(key -> learned(learn.at(), key));
        }
    }

    private void asked(Ask ask) {
        switch (ask) {
            case START_OR_PAUSE -> {
                if (run != null) {
                    run.startOrPause();
                    follow(run);
                }
            }
            case NEXT_HEARERS -> sounding.nextSaidTo();
            case NEXT_CALLS -> loop.dispatch(new Tell(Texts.of("floor.scheme." + sounding.nextScheme())));
            case TAKE_RECORDING ->
                navigator
                        .choose(Texts.of("choose.wav"), "*.wav")
                        .ifPresent(file -> loop.dispatch(new Tell(sounding.take(file))));
            case LISTEN -> {
                boolean on = loop.situation().state().listening().isOn();
                listen(on ? Mode.OFF : listening.isStandIn() ? Mode.STAND_IN : Mode.ON);
            }
            case CLOSE_FEEDERS_WINDOW -> closeWindow();
        }
    }

    /// Sound goes out, and pads are listened to, from where the run is.
    private void follow(Run now) {
        sounding.follow(now);
        if (loop.situation().state().listening().isOn()) {
            listen(loop.situation().state().listening().mode());
        }
    }

    /// Before the bell the level is heard too, so that the coach sees that the microphone hears.
    private void listen(Mode mode) {
        listening.pause();
        boolean wanted = mode != Mode.OFF && run != null;
        boolean hears = wanted && run != null && listening.follow(run);
        loop.dispatch(new FloorAction.Listens(wanted && !hears ? Mode.NONE : mode));
    }

    /// Escape ends the learning; what was learned stays.
    private void learned(int at, KeyPress key) {
        if (key.code() == KeyCode.ESCAPE) {
            loop.dispatch(new Teach(FloorCommands.TAUGHT.size()));
        } else {
            app.settings().change(s -> s.with(s.ownKeys().with(FloorCommands.TAUGHT.get(at), key)));
            loop.dispatch(new Teach(at + 1));
        }
    }

    private void render(Situation<FloorState> here) {
        FloorState state = here.state();
        Optional<Feeder> feeder =
                run == null || run.state() == State.DONE ? Optional.empty() : Feeder.at(run.schedule(), run.atMs());
        String corner = feeder.filter(_ -> state.seenBy() == SeenBy.CORNER)
                .map(Feeder::words)
                .filter(said -> !said.isEmpty())
                .map(said -> Texts.of("floor.feeder") + ":  " + said)
                .orElse("");
        String hears = HeardWords.microphone(state.listening());
        FloorPicture picture = words.of(run, hears.isEmpty() ? sounding.words() : hears)
                .withFeeder(corner)
                .withHeard(HeardWords.last(state), HeardWords.level(state));
        view.show(picture, state.told());
        if (state.seenBy() == SeenBy.WINDOW && timerRuns()) {
            if (window == null) {
                window = new FeederWindow(view.getScene());
            }
            window.show(feeder.orElse(new Feeder("", Texts.of("floor.feeder.wait"))));
        }
    }

    /// While the floor is not on screen it opens no window.
    private boolean timerRuns() {
        return navigator.here() == StationName.FLOOR && view.getScene() != null;
    }

    private void closeWindow() {
        if (window != null) {
            window.close();
            window = null;
        }
    }
}
