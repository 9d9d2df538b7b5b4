package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.LongSupplier;
import java.util.function.LongUnaryOperator;
import java.util.stream.LongStream;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
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
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.floor.Run.State;
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
    private static final String KEYS = "floor keys";

    private final CampSession app;
    private final Navigator navigator;
    private final Sounding sounding;
    private final LongSupplier clockMs;
    private final FloorView view = new FloorView();
    private SeenBy seenBy = SeenBy.CORNER;
    private @Nullable FeederWindow window;
    private final FloorWords words;
    private final Judging judging;
    private FloorKeys floorKeys;
    private Optional<FloorKeys.Does> teaches = Optional.empty();
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
        this.words = new FloorWords(app);
        this.judging = new Judging(app);
        this.floorKeys = FloorKeys.of(app.draft(KEYS));
    }

    @Override
    public Name name() {
        return Name.FLOOR;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String keys() {
        return "";
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
    public String entered(Seen seen) {
        return seen.text();
    }

    @Override
    public boolean pressed(KeyEvent key, boolean typing) {
        if (typing || key.isControlDown() || key.isAltDown()) {
            return false;
        }
        KeyCode code = key.getCode();
        if (teaches.isPresent()) {
            return teach(code);
        }
        Optional<FloorKeys.Does> does = floorKeys.of(code);
        if (does.isPresent()) {
            return done(does.get());
        }
        if (code.isDigitKey()) {
            judging.fault(Integer.parseInt(code.getName().replaceAll("\\D", "")))
                    .ifPresent(f -> told = Texts.of("floor.fault", f.words()));
            show();
            return true;
        }
        return switch (code) {
            case B -> toBook();
            case F -> nextSeenBy();
            case V -> voiceKey(key.isShiftDown());
            case N -> jump(this::nextStart);
            case R -> jump(this::again);
            case PLUS, ADD, EQUALS -> longer();
            case K -> startTeaching();
            case O -> takeRecording();
            case ESCAPE -> {
                navigator.go(Name.ROUNDS);
                yield true;
            }
            default -> false;
        };
    }

    private boolean done(FloorKeys.Does does) {
        return switch (does) {
            case BELL -> startOrPause();
            case CLEAN -> judge(Judgement.CLEAN);
            case LATE -> judge(Judgement.LATE);
            case WRONG -> judge(Judgement.WRONG);
            case STOPPED -> judge(Judgement.STOPPED);
        };
    }

    private boolean startTeaching() {
        teaches = Optional.of(FloorKeys.Does.BELL);
        told = Texts.of("floor.teach", Texts.of("floor.does." + FloorKeys.Does.BELL));
        show();
        return true;
    }

    /// The key that was pressed does what was asked for; Escape ends it.
    private boolean teach(KeyCode code) {
        FloorKeys.Does does = teaches.orElseThrow();
        List<FloorKeys.Does> all = List.of(FloorKeys.Does.values());
        int at = all.indexOf(does);
        if (code != KeyCode.ESCAPE) {
            floorKeys = floorKeys.with(does, code);
            app.keepDraft(KEYS, floorKeys.words());
        }
        teaches = code == KeyCode.ESCAPE || at + 1 == all.size() ? Optional.empty() : Optional.of(all.get(at + 1));
        told = teaches.map(d -> Texts.of("floor.teach", Texts.of("floor.does." + d)))
                .orElseGet(() -> Texts.of("floor.taught"));
        show();
        return true;
    }

    private boolean startOrPause() {
        if (run != null) {
            run.startOrPause();
            told = "";
            sounding.follow(run);
            show();
        }
        return true;
    }

    /// Goes to another place of the session; a round that is left unfinished is not in the book as run.
    private boolean jump(LongUnaryOperator to) {
        if (run != null && run.state() != State.DONE) {
            run.jumpTo(to.applyAsLong(run.atMs()));
            sounding.follow(run);
            show();
        }
        return true;
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
    private boolean longer() {
        if (run != null
                && run.schedule().betweenAt(run.atMs()).isPresent()
                && run.schedule().roundAt(run.atMs()).isEmpty()) {
            jump(now -> Math.max(sameStart(now), now - LONGER_MS));
        }
        return true;
    }

    private boolean toBook() {
        navigator.go(Name.BOOK);
        return true;
    }

    private boolean judge(Judgement judgement) {
        if (run != null) {
            judging.judge(run, judgement);
            told = judging.asksForFault() ? faults() : "";
        }
        show();
        return true;
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

    private boolean nextSeenBy() {
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
        return true;
    }

    private void closeWindow() {
        if (window != null) {
            window.close();
            window = null;
        }
    }

    /// Strikes are called by number or by name; what is called is said to nobody, both or the feeder.
    private boolean voiceKey(boolean scheme) {
        if (scheme) {
            told = Texts.of("floor.scheme." + sounding.nextScheme());
        } else {
            sounding.nextSaidTo();
        }
        show();
        return true;
    }

    /// A recording of the coach's own is taken in, by the name of its file.
    private boolean takeRecording() {
        navigator.choose(Texts.of("choose.wav"), "*.wav").ifPresent(file -> told = sounding.take(file));
        show();
        return true;
    }
}
