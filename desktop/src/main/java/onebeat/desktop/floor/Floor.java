package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import javafx.animation.AnimationTimer;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.Tonight;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.LineWatch.Seen;
import onebeat.desktop.desk.Station;
import onebeat.desktop.desk.Texts;
import onebeat.desktop.floor.FloorPicture.Word;
import onebeat.desktop.floor.Run.State;
import onebeat.desktop.sound.Sounds;
import onebeat.desktop.sound.Sounds.Sound;
import org.jspecify.annotations.Nullable;

/// The floor: tonight's session runs. Space is bell and pause; four keys judge a repetition. What is judged is
/// saved at
/// once, so that nothing is lost when the machine dies in mid-round.
public final class Floor implements Station {

    /// Sounds that come due later than this are not played any more: after a machine slept they would bunch.
    private static final long TOO_LATE_MS = 400;

    /// A bell is rung even so late: a round must not begin or end unheard because the machine was busy.
    private static final long BELL_TOO_LATE_MS = 3_000;

    private final Desk desk;
    private final Consumer<Station.Name> go;
    private final Sounds sounds;
    private final LongSupplier clockMs;
    private final FloorView view = new FloorView();
    private SeenBy seenBy = SeenBy.CORNER;
    private Sounds.To saidTo = Sounds.To.NOBODY;
    private @Nullable FeederWindow window;
    private final Map<String, String> judged = new HashMap<>();
    private @Nullable Run run;
    private final AnimationTimer timer = new AnimationTimer() {
        @Override
        public void handle(long now) {
            tick();
        }
    };

    /// @param clockMs a monotonic clock in milliseconds
    /// @param go leads to another station
    public Floor(Desk desk, Sounds sounds, LongSupplier clockMs, Consumer<Station.Name> go) {
        this.desk = desk;
        this.sounds = sounds;
        this.clockMs = clockMs;
        this.go = go;
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
            run = desk.tonight()
                    .map(this::stillToRun)
                    .map(s -> new Run(s, clockMs))
                    .orElse(null);
            judged.clear();
        }
        timer.start();
        show();
    }

    /// Tonight's rounds that have not run yet; all of them where all have run.
    private Schedule stillToRun(Session session) {
        Camp camp = desk.camp();
        Schedule whole = Tonight.schedule(camp, session);
        List<Part> left = whole.rounds().stream()
                .map(Stretch::part)
                .filter(p -> camp.runs().all().stream()
                        .noneMatch(r -> r.roundId().equals(p.plan().id())))
                .toList();
        return left.isEmpty() ? whole : Schedule.of(session.scheme(), left);
    }

    @Override
    public void leave() {
        if (run != null && run.state() == State.RUNNING) {
            run.startOrPause();
        }
        timer.stop();
        closeWindow();
    }

    private void tick() {
        if (run == null) {
            return;
        }
        for (Event event : run.due()) {
            boolean bell = event.kind() == Kind.BELL || event.kind() == Kind.END;
            if (run.atMs() - event.ms() <= (bell ? BELL_TOO_LATE_MS : TOO_LATE_MS)) {
                sound(event).ifPresent(sounds::play);
                saySomething(event);
            }
            if (event.kind() == Kind.END) {
                noteRun(run.schedule().rounds().get(event.round()), event.round());
            }
        }
        show();
    }

    private static Optional<Sound> sound(Event event) {
        return switch (event.kind()) {
            case BELL -> Optional.of(Sound.BELL);
            case END -> Optional.of(Sound.END);
            case CALL -> Optional.of(Sound.CALL);
            case CLICK -> Optional.of(Sound.CLICK);
            case LAST_MINUTE, LAST_TEN -> Optional.of(Sound.LAST_TEN);
            case CUE -> Optional.empty();
        };
    }

    private void noteRun(Stretch stretch, int round) {
        RoundPlan plan = stretch.part().plan();
        int called = (int) (run == null ? List.<Event>of() : run.schedule().events())
                .stream()
                        .filter(e -> e.kind() == Kind.CALL && e.round() == round)
                        .count();
        desk.save(Edit.add(
                Place.RUNS,
                new RoundRun(
                        desk.camp().runs().nextId("n"),
                        plan.id(),
                        plan.drillId(),
                        desk.today(),
                        plan.bpm(),
                        (int) (stretch.lengthMs() / 1000),
                        called)));
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
        return switch (key.getCode()) {
            case SPACE -> startOrPause();
            case C -> judge(Judgement.CLEAN);
            case L -> judge(Judgement.LATE);
            case W -> judge(Judgement.WRONG);
            case S -> judge(Judgement.STOPPED);
            case B -> toBook();
            case F -> nextSeenBy();
            case V -> nextSaidTo();
            case ESCAPE -> {
                go.accept(Name.ROUNDS);
                yield true;
            }
            default -> false;
        };
    }

    private boolean startOrPause() {
        if (run != null) {
            run.startOrPause();
            show();
        }
        return true;
    }

    private boolean toBook() {
        go.accept(Name.BOOK);
        return true;
    }

    /// Judges the repetition that was called last; judging it again changes the judgement.
    private boolean judge(Judgement judgement) {
        if (run == null || run.lastCall().isEmpty()) {
            return true;
        }
        Event call = run.lastCall().get();
        RoundPlan plan = run.schedule().rounds().get(call.round()).part().plan();
        String key = call.round() + "." + call.repetition();
        Optional<Repetition> before =
                Optional.ofNullable(judged.get(key)).flatMap(desk.camp().repetitions()::get);
        Repetition after = new Repetition(
                before.map(Repetition::id)
                        .orElseGet(() -> desk.camp().repetitions().nextId("p")),
                plan.id(),
                plan.drillId(),
                desk.today(),
                plan.bpm(),
                call.ms(),
                judgement);
        if (desk.save(new Edit.Change<>(Place.REPETITIONS, before, Optional.of(after)))) {
            judged.put(key, after.id());
        }
        show();
        return true;
    }

    private void show() {
        Optional<Feeder> feeder =
                run == null || run.state() == State.DONE ? Optional.empty() : Feeder.at(run.schedule(), run.atMs());
        String corner = feeder.filter(_ -> seenBy == SeenBy.CORNER)
                .map(Feeder::words)
                .filter(words -> !words.isEmpty())
                .map(words -> Texts.of("floor.feeder") + ":  " + words)
                .orElse("");
        view.show(picture().withFeeder(corner));
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
        desk.say(Texts.of("floor.seen." + seenBy));
        show();
        return true;
    }

    private void closeWindow() {
        if (window != null) {
            window.close();
            window = null;
        }
    }

    /// What was drawn is said with the call, to whom the coach has set.
    private void saySomething(Event event) {
        if (event.kind() == Kind.CALL && run != null) {
            sounds.say(
                    run.schedule()
                            .rounds()
                            .get(event.round())
                            .part()
                            .turn(event.repetition())
                            .said(),
                    saidTo);
        }
    }

    private boolean nextSaidTo() {
        saidTo = switch (saidTo) {
            case NOBODY -> Sounds.To.BOTH;
            case BOTH -> Sounds.To.FEEDER;
            case FEEDER -> Sounds.To.NOBODY;
        };
        show();
        return true;
    }

    private FloorPicture picture() {
        String sound = sounds.silentBecause().orElseGet(() -> Texts.of("floor.said." + saidTo));
        if (run == null || run.schedule().rounds().isEmpty()) {
            return plain(Texts.of("floor.empty.head"), "0:00", Texts.of("floor.empty"), sound);
        }
        long now = run.atMs();
        Schedule schedule = run.schedule();
        return switch (run.state()) {
            case READY -> ready(schedule, sound);
            case DONE ->
                plain(
                        Texts.of("floor.done.head"),
                        "0:00",
                        tallyOf(schedule.rounds().size() - 1),
                        sound);
            case RUNNING, PAUSED ->
                schedule.roundAt(now)
                        .map(round -> inRound(schedule, round, now, sound))
                        .orElseGet(() -> rest(schedule, now, sound));
        };
    }

    private FloorPicture plain(String head, String clock, String tally, String sound) {
        return new FloorPicture(
                head,
                "",
                clock,
                false,
                1,
                1,
                List.of(),
                0,
                -1,
                "",
                tally,
                "",
                "",
                sound,
                Texts.of("caution.floor"),
                "");
    }

    private FloorPicture ready(Schedule schedule, String sound) {
        Stretch first = schedule.rounds().getFirst();
        return new FloorPicture(
                Texts.of("floor.ready.head", schedule.rounds().size()),
                "",
                Texts.clock(first.startMs() / 1000.0),
                false,
                0,
                1,
                words(first.part().text()),
                0,
                -1,
                "",
                Texts.of("floor.ready"),
                Texts.of("floor.first"),
                first.part().name(),
                sound,
                Texts.of("caution.floor"),
                "");
    }

    private FloorPicture rest(Schedule schedule, long now, String sound) {
        Optional<Integer> next = schedule.nextRoundAt(now);
        if (next.isEmpty()) {
            return plain(Texts.of("floor.done.head"), "0:00", "", sound);
        }
        Stretch coming = schedule.rounds().get(next.get());
        boolean first = next.get() == 0;
        long from = first ? 0 : schedule.rounds().get(next.get() - 1).endMs();
        double used = (now - from) / (double) Math.max(1, coming.startMs() - from);
        return new FloorPicture(
                first ? Texts.of("floor.soon") : Texts.of("floor.rest"),
                about(coming),
                Texts.clock((coming.startMs() - now) / 1000.0),
                false,
                used,
                1,
                words(coming.part().text()),
                0,
                -1,
                "",
                first ? "" : tallyOf(next.get() - 1),
                Texts.of("floor.next"),
                coming.part().name(),
                sound,
                first ? Texts.of("caution.floor") : "",
                "");
    }

    private static String about(Stretch stretch) {
        return Texts.of(
                "floor.about", stretch.part().name(), stretch.part().plan().bpm());
    }

    private FloorPicture inRound(Schedule schedule, int round, long now, String sound) {
        Stretch stretch = schedule.rounds().get(round);
        double left = (stretch.endMs() - now) / 1000.0;
        Optional<Event> call = run == null ? Optional.empty() : run.lastCall().filter(e -> e.round() == round);
        Optional<Event> click = run == null
                ? Optional.empty()
                : run.last(Kind.CLICK)
                        .filter(e -> call.isPresent() && e.ms() >= call.get().ms());
        int beats = stretch.part().played().beats();
        String next = round + 1 < schedule.rounds().size()
                ? Texts.of("floor.then", schedule.rounds().get(round + 1).part().name())
                : Texts.of("floor.then.end");
        boolean paused = run != null && run.state() == State.PAUSED;
        return new FloorPicture(
                paused
                        ? Texts.of("floor.paused")
                        : Texts.of("floor.round", round + 1, schedule.rounds().size()),
                about(stretch),
                Texts.clock(left),
                left <= 10,
                (now - stretch.startMs()) / (double) stretch.lengthMs(),
                1 - 10_000.0 / stretch.lengthMs(),
                words(stretch.part().text()),
                beats,
                click.map(e -> (int) Math.floor(e.beat())).orElse(-1),
                Texts.of("floor.count", call.map(e -> e.repetition() + 1).orElse(0), stretch.repetitions()),
                tallyOf(round),
                Texts.of("floor.next"),
                next,
                sound,
                "",
                "");
    }

    private String tallyOf(int round) {
        if (run == null) {
            return "";
        }
        String plan = run.schedule().rounds().get(round).part().plan().id();
        Map<Judgement, Integer> counts = new EnumMap<>(Judgement.class);
        desk.camp().repetitions().all().stream()
                .filter(r -> r.roundId().equals(plan))
                .forEach(r -> counts.merge(r.judgement(), 1, Integer::sum));
        List<String> words = new ArrayList<>();
        for (Judgement judgement : Judgement.values()) {
            int count = counts.getOrDefault(judgement, 0);
            if (count > 0 || judgement == Judgement.CLEAN) {
                words.add(Texts.of("judged." + judgement, count));
            }
        }
        return String.join(" · ", words);
    }

    /// A line word by word, the partner's part without its brackets and marked as his.
    static List<Word> words(String line) {
        List<Word> words = new ArrayList<>();
        boolean partner = false;
        StringBuilder word = new StringBuilder();
        for (char c : (line + " ").toCharArray()) {
            if (c == '(' || c == ')' || c == ' ') {
                if (!word.isEmpty()) {
                    words.add(new Word(word.toString(), partner));
                    word.setLength(0);
                }
                partner = c == '(' || (partner && c == ' ');
            } else {
                word.append(c);
            }
        }
        return words;
    }
}
