package onebeat.desktop.floor;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import onebeat.core.camp.Turns;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Exercise;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Between;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.floor.FloorPicture.Whip;
import onebeat.desktop.floor.FloorPicture.Word;
import onebeat.desktop.floor.Run.State;
import onebeat.desktop.text.Texts;
import org.jspecify.annotations.Nullable;

/// What the floor shows at a time of its session.
final class FloorWords {

    private final CampSession app;
    private final RoundWords rounds;

    /// @param byNumber whether punches are called by number
    FloorWords(CampSession app, BooleanSupplier byNumber) {
        this.app = app;
        this.rounds = new RoundWords(app, byNumber);
    }

    /// The picture of now.
    ///
    /// @param sound what is said of the sound
    FloorPicture of(@Nullable Run run, String sound) {
        if (run == null || run.schedule().rounds().isEmpty()) {
            return FloorPicture.still(Texts.of("floor.empty.head"), "0:00", Texts.of("floor.empty"), sound);
        }
        long now = run.atMs();
        Schedule schedule = run.schedule();
        return switch (run.state()) {
            case READY -> ready(schedule, sound);
            case DONE ->
                FloorPicture.still(
                        Texts.of("floor.done.head"),
                        "0:00",
                        tallyOf(schedule, schedule.rounds().size() - 1),
                        sound);
            case RUNNING, PAUSED ->
                schedule.roundAt(now).map(round -> inRound(run, round, sound)).orElseGet(() -> rest(run, now, sound));
        };
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
                rounds.call(first),
                0,
                -1,
                "",
                Texts.of("floor.ready"),
                Texts.of("floor.first"),
                first.part().name(),
                sound,
                Texts.of("caution.floor"),
                "",
                List.of());
    }

    private FloorPicture rest(Run run, long now, String sound) {
        Schedule schedule = run.schedule();
        Optional<Between> between = schedule.betweenAt(now);
        if (between.isPresent() && !between.get().block().exercises().isEmpty()) {
            return exercise(run, between.get(), now, sound);
        }
        Optional<Integer> next = schedule.nextRoundAt(now);
        if (next.isEmpty()) {
            return FloorPicture.still(Texts.of("floor.done.head"), "0:00", "", sound);
        }
        Stretch coming = schedule.rounds().get(next.get());
        boolean first = next.get() == 0;
        long from = between.map(Between::startMs)
                .orElse(first ? 0 : schedule.rounds().get(next.get() - 1).endMs());
        double used = (now - from) / (double) Math.max(1, coming.startMs() - from);
        return new FloorPicture(
                works(schedule, coming, Texts.of(first ? "floor.soon" : "floor.rest")),
                about(coming),
                Texts.clock((coming.startMs() - now) / 1000.0),
                false,
                used,
                1,
                rounds.call(coming),
                0,
                -1,
                "",
                first ? "" : Texts.of("floor.tally.last", tallyOf(schedule, next.get() - 1)),
                Texts.of("floor.next"),
                next(schedule, coming),
                sound,
                first ? Texts.of("caution.floor") : "",
                "",
                List.of());
    }

    /// What is done between the rounds: the exercise, how it is done easier and harder, and what comes after.
    private static FloorPicture exercise(Run run, Between between, long now, String sound) {
        Exercise exercise = between.exerciseAt(now).orElseThrow();
        List<Exercise> all = between.block().exercises();
        int at = all.indexOf(exercise);
        long until = between.startMs();
        for (Exercise one : all.subList(0, at + 1)) {
            until += one.seconds() * 1000L;
        }
        String after = at + 1 < all.size() ? all.get(at + 1).name() : after(run.schedule(), between);
        boolean paused = run.state() == State.PAUSED;
        return new FloorPicture(
                paused
                        ? Texts.of("floor.paused")
                        : Texts.of("block." + between.block().kind()),
                Texts.of("floor.exercise", at + 1, all.size()),
                Texts.clock((until - now) / 1000.0),
                false,
                (now - between.startMs()) / (double) (between.endMs() - between.startMs()),
                1,
                Arrays.stream(exercise.name().split(" ", -1))
                        .map(word -> new Word(word, false))
                        .toList(),
                0,
                -1,
                "",
                Texts.of("floor.modified", exercise.easier(), exercise.harder()),
                Texts.of("floor.next"),
                after,
                sound,
                Texts.of("caution.floor"),
                "",
                List.of());
    }

    private static String after(Schedule schedule, Between between) {
        return schedule.betweenAt(between.endMs())
                .map(b -> Texts.of("block." + b.block().kind()))
                .or(() -> schedule.roundAt(between.endMs())
                        .map(r -> schedule.rounds().get(r).part().name()))
                .orElse(Texts.of("floor.then.end"));
    }

    /// Who works and who holds, where they take turns.
    private String works(Schedule schedule, Stretch stretch, String head) {
        RoundPlan plan = stretch.part().plan();
        return turns(schedule)
                ? Texts.of("floor.works", head, Turns.worker(app.camp(), plan), Turns.holder(app.camp(), plan))
                : head;
    }

    private String next(Schedule schedule, Stretch coming) {
        String name = coming.part().name();
        return turns(schedule)
                ? Texts.of(
                        "floor.then.works",
                        name,
                        Turns.worker(app.camp(), coming.part().plan()))
                : name;
    }

    private static boolean turns(Schedule schedule) {
        return schedule.rounds().stream().anyMatch(r -> !r.part().plan().isAthletes());
    }

    private static String about(Stretch stretch) {
        return Texts.of(
                "floor.about", stretch.part().name(), stretch.part().plan().bpm());
    }

    private FloorPicture inRound(Run run, int round, String sound) {
        Schedule schedule = run.schedule();
        long now = run.atMs();
        Stretch stretch = schedule.rounds().get(round);
        double left = (stretch.endMs() - now) / 1000.0;
        Optional<Event> call = run.lastCall().filter(e -> e.round() == round);
        Optional<Event> click = run.last(e -> e.kind() == Kind.CLICK)
                .filter(e -> call.isPresent() && e.ms() >= call.get().ms());
        int beats = stretch.part().played().beats();
        String next = round + 1 < schedule.rounds().size()
                ? Texts.of("floor.then", next(schedule, schedule.rounds().get(round + 1)))
                : Texts.of("floor.then.end");
        List<Event> bursts = schedule.events().stream()
                .filter(e -> e.kind() == Kind.BURST && e.round() == round)
                .toList();
        return new FloorPicture(
                head(run, round, bursts),
                about(stretch),
                Texts.clock(left),
                left <= 10,
                used(stretch, now),
                1 - 10_000.0 / stretch.lengthMs(),
                rounds.call(stretch),
                beats,
                click.map(e -> (int) Math.floor(e.beat())).orElse(-1),
                Texts.of("floor.count", call.map(e -> e.repetition() + 1).orElse(0), stretch.repetitions()),
                tallyOf(schedule, round),
                Texts.of("floor.next"),
                next,
                sound,
                "",
                "",
                bursts.stream()
                        .map(e -> new Whip(
                                share(stretch, e.ms()), Math.min(1, share(stretch, e.ms() + Schedule.BURST_MS))))
                        .toList());
    }

    private String head(Run run, int round, List<Event> bursts) {
        if (run.state() == State.PAUSED) {
            return Texts.of("floor.paused");
        }
        long now = run.atMs();
        List<Stretch> rounds = run.schedule().rounds();
        return bursts.stream()
                .filter(e -> now >= e.ms() && now < e.ms() + Schedule.BURST_MS)
                .findFirst()
                .map(e -> Texts.of("floor.burst", (e.ms() + Schedule.BURST_MS - now + 999) / 1000))
                .orElseGet(() ->
                        works(run.schedule(), rounds.get(round), Texts.of("floor.round", round + 1, rounds.size())));
    }

    /// How much of the round is used up; where the coach wants no gliding it goes on with the seconds of the clock.
    private double used(Stretch stretch, long ms) {
        long into = ms - stretch.startMs();
        return share(stretch, app.settings().get().still() ? ms - into % SECOND_MS : ms);
    }

    private static final long SECOND_MS = 1_000;

    private static double share(Stretch stretch, long ms) {
        return (ms - stretch.startMs()) / (double) stretch.lengthMs();
    }

    private String tallyOf(Schedule schedule, int round) {
        return round < 0 ? "" : rounds.tally(schedule.rounds().get(round));
    }
}
