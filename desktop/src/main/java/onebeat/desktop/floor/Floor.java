package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.LongUnaryOperator;
import java.util.stream.LongStream;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import onebeat.core.book.Fault;
import onebeat.core.book.Judgement;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.Tonight;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Between;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.core.rounds.Template;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Station;
import onebeat.desktop.app.StationName;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.CommandWords;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.floor.FloorAction.Do;
import onebeat.desktop.floor.FloorAction.NameFault;
import onebeat.desktop.floor.Run.State;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// The floor: tonight's session runs. Space is bell and pause; four keys judge a repetition. What is judged
/// is saved at once, so that nothing is lost when the machine dies in mid-round.
public final class Floor implements Station {

    /// So much longer each press makes a rest.
    private static final long LONGER_MS = 15_000;

    /// How far a session is gets written down so often: what a machine that dies in a round may lose of the
    /// clock.
    private static final long NOTE_EVERY_MS = 2_000;

    /// Where a session that was broken off goes on: so much before it stopped.
    private static final long BACK_MS = 3_000;

    private static final String AT = "floor at";

    private final CampSession app;
    private final Navigator navigator;
    private final Sounding sounding;
    private final LongSupplier clockMs;
    private final FloorView view = new FloorView();
    private SeenBy seenBy = SeenBy.CORNER;
    private @Nullable FeederWindow window;
    private final FloorWords words;
    private final Judging judging;
    private final SettingsStore settings;
    private final List<BoundCommand> commands;
    private String told = "";
    private long notedMs;
    private @Nullable Run run;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            tick();
        }
    };

    /// @param clockMs a monotonic clock in milliseconds
    public Floor(CampSession app, Sounds sounds, LongSupplier clockMs, Navigator navigator) {
        this.app = app;
        this.sounding = new Sounding(app, sounds, clockMs);
        this.clockMs = clockMs;
        this.navigator = navigator;
        this.words = new FloorWords(app, sounding::isByNumber);
        this.judging = new Judging(app);
        this.settings = app.settings();
        this.commands = BoundCommand.all(FloorCommands.TABLE, this::scene, this::dispatch);
    }

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

    @Override
    public List<BoundCommand> commands() {
        return commands;
    }

    private FloorScene scene() {
        return new FloorScene(run != null, judging.hasJudged());
    }

    @Override
    public void open() {
        if (run == null || run.state() == State.READY || run.state() == State.DONE) {
            run = app.tonight()
                    .map(this::stillToRun)
                    .map(s -> new Run(s, clockMs))
                    .orElse(null);
            judging.clear();
            goOnWhereItStopped();
        }
        timer.start();
        show();
    }

    /// A session that was broken off in a round, by a machine that died, waits where it stopped.
    private void goOnWhereItStopped() {
        String[] at = app.draft(AT).split(" ", -1);
        if (run == null || at.length != 3 || !at[0].equals(app.today().toString()) || !at[2].matches("\\d{1,9}")) {
            return;
        }
        for (Stretch stretch : run.schedule().rounds()) {
            if (stretch.part().plan().id().equals(at[1])) {
                run.jumpTo(Math.max(stretch.startMs(), stretch.startMs() + Long.parseLong(at[2]) - BACK_MS));
                told = Texts.of("floor.resumed");
            }
        }
    }

    /// Writes down how far the round is.
    private void note() {
        if (run == null || Math.abs(run.atMs() - notedMs) < NOTE_EVERY_MS) {
            return;
        }
        notedMs = run.atMs();
        long now = run.atMs();
        Schedule schedule = run.schedule();
        app.keepDraft(
                AT,
                schedule.roundAt(now)
                        .map(r -> schedule.rounds().get(r))
                        .map(s -> app.today() + " " + s.part().plan().id() + " " + (now - s.startMs()))
                        .orElse(""));
    }

    /// Tonight's rounds that have not run yet; all of them where all have run.
    private Schedule stillToRun(Session session) {
        Camp camp = app.camp();
        Schedule whole = Tonight.schedule(camp, session, sounding.calls(), app.ladders());
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
            startOrPause();
        }
        timer.stop();
        closeWindow();
    }

    @Override
    public void close() {
        sounding.quiet();
    }

    private void tick() {
        if (run == null) {
            return;
        }
        for (Event event : run.due()) {
            if (event.kind() == Kind.END) {
                noteRun(run.schedule().rounds().get(event.round()), event.round());
            }
        }
        if (run.state() == State.RUNNING) {
            note();
        }
        show();
    }

    private void noteRun(Stretch stretch, int round) {
        RoundPlan plan = stretch.part().plan();
        int called = (int) (run == null ? List.<Event>of() : run.schedule().events())
                .stream().filter(e -> e.opensRepetition() && e.round() == round).count();
        app.save(Edit.add(
                Place.RUNS,
                new RoundRun(
                        app.camp().runs().nextId("n"),
                        plan.id(),
                        plan.drillId(),
                        app.today(),
                        plan.bpm(),
                        (int) (stretch.lengthMs() / 1000),
                        called,
                        plan.rung(),
                        plan.worker())));
    }

    @Override
    public void entered(Seen seen) {
        // Nothing is typed on the floor.
    }

    private void dispatch(FloorAction action) {
        switch (action) {
            case NameFault fault -> nameFault(fault.number());
            case Do one -> done(one);
        }
    }

    private void done(Do one) {
        switch (one) {
            case BELL -> startOrPause();
            case CLEAN -> judge(Judgement.CLEAN);
            case LATE -> judge(Judgement.LATE);
            case WRONG -> judge(Judgement.WRONG);
            case STOPPED -> judge(Judgement.STOPPED);
            case SKIP -> jump(this::nextStart);
            case AGAIN -> jump(this::again);
            case LONGER -> longer();
            case FEEDER -> nextSeenBy();
            case SAID_TO -> voiceKey(false);
            case CALLS -> voiceKey(true);
            case RECORDING -> takeRecording();
            case TEACH -> teach(0);
            case BOOK -> navigator.go(StationName.BOOK);
            case ROUNDS -> navigator.go(StationName.ROUNDS);
        }
    }

    private void nameFault(int number) {
        judging.fault(number).ifPresent(f -> told = Texts.of("floor.fault", f.words()));
        show();
    }

    /// A clicker or pedal is pressed once for each thing that it is to do; Escape ends it.
    private void teach(int at) {
        boolean more = at < FloorCommands.TAUGHT.size();
        told = more ? Texts.of("floor.teach", CommandWords.of(FloorCommands.TAUGHT.get(at))) : Texts.of("floor.taught");
        show();
        if (more) {
            navigator.nextKey(key -> taught(at, key));
        }
    }

    private void taught(int at, KeyPress key) {
        if (key.code() == KeyCode.ESCAPE) {
            told = Texts.of("floor.taught");
            show();
        } else {
            settings.change(s -> s.with(s.ownKeys().with(FloorCommands.TAUGHT.get(at), key)));
            teach(at + 1);
        }
    }

    private void startOrPause() {
        if (run != null) {
            run.startOrPause();
            told = "";
            sounding.follow(run);
            show();
        }
    }

    /// Goes to another place of the session; a round that is left unfinished is not in the book as run.
    private void jump(LongUnaryOperator to) {
        if (run != null && run.state() != State.DONE) {
            run.jumpTo(to.applyAsLong(run.atMs()));
            sounding.follow(run);
            show();
        }
    }

    /// Where the next stretch begins.
    private long nextStart(long now) {
        return starts().filter(s -> s > now).min().orElse(now);
    }

    /// Where the stretch began that runs now.
    private long sameStart(long now) {
        return starts().filter(s -> s <= now).max().orElse(0);
    }

    /// Where what runs now is begun again; in a rest that is the round before it.
    private long again(long now) {
        if (run == null) {
            return now;
        }
        boolean rests = run.schedule()
                .betweenAt(now)
                .map(b -> b.block().kind() == Block.Kind.REST)
                .orElse(false);
        LongStream rounds = run.schedule().rounds().stream().mapToLong(Stretch::startMs);
        return rests ? rounds.filter(s -> s <= now).max().orElse(0) : sameStart(now);
    }

    private LongStream starts() {
        if (run == null) {
            return LongStream.empty();
        }
        return LongStream.concat(
                run.schedule().rounds().stream().mapToLong(Stretch::startMs),
                run.schedule().between().stream().mapToLong(Between::startMs));
    }

    /// The rest goes on for longer: the clock goes back in it.
    private void longer() {
        if (run != null
                && run.schedule().betweenAt(run.atMs()).isPresent()
                && run.schedule().roundAt(run.atMs()).isEmpty()) {
            jump(now -> Math.max(sameStart(now), now - LONGER_MS));
        }
    }

    private void judge(Judgement judgement) {
        if (run != null) {
            judging.judge(run, judgement);
            told = judging.asksForFault() ? faults() : "";
        }
        show();
    }

    private static String faults() {
        List<String> all = new ArrayList<>();
        for (Fault fault : Fault.all()) {
            all.add((all.size() + 1) + " " + fault.words());
        }
        return String.join("   ", all);
    }

    private void show() {
        Optional<Feeder> feeder =
                run == null || run.state() == State.DONE ? Optional.empty() : Feeder.at(run.schedule(), run.atMs());
        String corner = feeder.filter(_ -> seenBy == SeenBy.CORNER)
                .map(Feeder::words)
                .filter(words -> !words.isEmpty())
                .map(words -> Texts.of("floor.feeder") + ":  " + words)
                .orElse("");
        String sound = sounding.words();
        view.show(words.of(run, sound).withFeeder(corner), told);
        if (seenBy == SeenBy.WINDOW) {
            if (window == null) {
                window = new FeederWindow(view.getScene());
            }
            window.show(feeder.orElse(new Feeder("", Texts.of("floor.feeder.wait"))));
        }
    }

    /// Where the feeder sees his next cue.
    private enum SeenBy {
        NOWHERE,
        CORNER,
        WINDOW
    }

    private void nextSeenBy() {
        seenBy = switch (seenBy) {
            case NOWHERE -> SeenBy.CORNER;
            case CORNER -> SeenBy.WINDOW;
            case WINDOW -> SeenBy.NOWHERE;
        };
        if (seenBy != SeenBy.WINDOW) {
            closeWindow();
        }
        app.say(Texts.of("floor.seen." + seenBy));
        show();
    }

    private void closeWindow() {
        if (window != null) {
            window.close();
            window = null;
        }
    }

    /// Strikes are called by number or by name; what is called is said to nobody, both or the feeder.
    private void voiceKey(boolean scheme) {
        if (scheme) {
            told = Texts.of("floor.scheme." + sounding.nextScheme());
        } else {
            sounding.nextSaidTo();
        }
        show();
    }

    /// A recording of the coach's own is taken in, by the name of its file.
    private void takeRecording() {
        navigator.choose(Texts.of("choose.wav"), "*.wav").ifPresent(file -> told = sounding.take(file));
        show();
    }
}
