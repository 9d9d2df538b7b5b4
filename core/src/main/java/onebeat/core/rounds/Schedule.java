package onebeat.core.rounds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.holding.Contact;
import onebeat.core.notation.Notation;
import onebeat.core.play.Placed;
import onebeat.core.play.Way;
import onebeat.core.play.Who;
import onebeat.core.rounds.Block.Kind;

/// Every event of a session, laid out once. Picture and sound both follow it, so they can never drift apart.
///
/// @param rounds where each round lies
/// @param between where the other stretches lie: rests, warm-up and the like
/// @param events all events by time
public record Schedule(List<Stretch> rounds, List<Between> between, List<Event> events) {

    /// Time to get ready before the first bell, in milliseconds. A default.
    public static final long READY_MS = 10_000;

    private static final long LAST_MINUTE_MS = 60_000;
    private static final long LAST_TEN_MS = 10_000;

    /// A call comes this many beats before the first beat of its repetition, where the gap leaves room.
    private static final int CALL_AHEAD_BEATS = 2;

    /// How long a burst is (F42, common practice).
    public static final long BURST_MS = 20_000;

    /// So long nothing clicks after the bell, so that it is heard alone. A default.
    private static final double BELL_ALONE_MS = 250;

    /// What two ways of adding the same beats may differ by.
    private static final double ROUNDING_MS = 1e-6;

    public Schedule {
        rounds = List.copyOf(rounds);
        between = List.copyOf(between);
        events = List.copyOf(events);
    }

    /// A round on the clock.
    ///
    /// @param startMs when its bell rings, from the start of the session
    /// @param endMs when it ends
    public record Stretch(Part part, long startMs, long endMs, int repetitions) {

        public long lengthMs() {
            return endMs - startMs;
        }

        /// The touches of the whole round, as the account of the camp's athlete has them, whoever works.
        public Contact contact() {
            Contact worked = part.contact(repetitions);
            return part.plan().isAthletes() ? worked : worked.turned();
        }
    }

    /// A stretch between the rounds on the clock.
    public record Between(Block block, long startMs, long endMs) {

        /// The exercise that is done at a time; empty in a rest.
        public Optional<Exercise> exerciseAt(long ms) {
            long at = startMs;
            for (Exercise exercise : block.exercises()) {
                at += exercise.seconds() * 1000L;
                if (ms < at) {
                    return Optional.of(exercise);
                }
            }
            return block.exercises().isEmpty()
                    ? Optional.empty()
                    : Optional.of(block.exercises().getLast());
        }
    }

    /// The touches of the whole session.
    public Contact contact() {
        return rounds.stream().map(Stretch::contact).reduce(Contact.NONE, Contact::plus);
    }

    /// Lays out rounds alone.
    public static Schedule of(Scheme scheme, List<Part> parts) {
        return of(Block.alone(scheme, parts.size()), parts, Calls.NONE);
    }

    /// Lays out an evening.
    ///
    /// @param blocks what it holds, with as many rounds as there are parts
    /// @param calls how long a call takes to be said
    public static Schedule of(List<Block> blocks, List<Part> parts, Calls calls) {
        List<Stretch> rounds = new ArrayList<>();
        List<Between> between = new ArrayList<>();
        List<Event> events = new ArrayList<>();
        long start = READY_MS;
        for (Block block : blocks) {
            long end = start + block.seconds() * 1000L;
            if (block.kind() == Kind.ROUND) {
                Part part = parts.get(rounds.size());
                List<Slot> slots = slots(part, end - start);
                rounds.add(new Stretch(part, start, end, slots.size()));
                round(events, rounds.size() - 1, rounds.getLast(), slots, calls);
            } else if (block.kind() == Kind.REST) {
                between.add(new Between(block, start, end));
            } else {
                between.add(new Between(block, start, end));
                exercises(events, block, start);
            }
            start = end;
        }
        events.sort(Comparator.comparingLong(Event::ms).thenComparing(Event::kind));
        return new Schedule(rounds, between, events);
    }

    /// Each exercise begins with a bell.
    private static void exercises(List<Event> events, Block block, long start) {
        long at = start;
        for (Exercise exercise : block.exercises()) {
            events.add(new Event(at, Event.Kind.BELL, -1, -1, exercise.name(), -1));
            at += exercise.seconds() * 1000L;
        }
    }

    /// A repetition on the round's beats.
    ///
    /// @param beat the first one, from the bell
    /// @param gap empty beats before it
    /// @param burst whether a burst begins with it
    private record Slot(long beat, int gap, boolean burst) {}

    /// The repetitions that fit. In a burst nothing lies between them.
    private static List<Slot> slots(Part part, long lengthMs) {
        double beatMs = 60_000.0 / part.plan().bpm();
        List<Slot> slots = new ArrayList<>();
        long used = 0;
        int bursts = 0;
        double burstEndMs = -1;
        while (true) {
            boolean inside = used * beatMs < burstEndMs;
            int gap = inside ? 0 : gap(part, slots.size());
            if (slots.isEmpty()) {
                gap = Math.max(gap, (int) Math.ceil(BELL_ALONE_MS / beatMs));
            }
            boolean begins =
                    !inside && bursts < part.plan().bursts() && used * beatMs >= burstAt(part, bursts, lengthMs);
            long beats =
                    (long) gap + Math.max(1, part.turn(slots.size()).way().way().beats());
            if ((used + beats) * beatMs > lengthMs + ROUNDING_MS) {
                return slots;
            }
            if (begins) {
                bursts++;
                burstEndMs = (used + gap) * beatMs + BURST_MS;
            }
            slots.add(new Slot(used + gap, gap, begins));
            used += beats;
        }
    }

    /// Bursts are spread evenly over the round, none at its very end.
    private static double burstAt(Part part, int burst, long lengthMs) {
        return lengthMs * (burst + 1.0) / (part.plan().bursts() + 1) - BURST_MS / 2.0;
    }

    private static int gap(Part part, int repetition) {
        return part.plan().gapBeats() + part.turn(repetition).extraGap();
    }

    private static void round(List<Event> events, int round, Stretch stretch, List<Slot> slots, Calls calls) {
        RoundPlan plan = stretch.part().plan();
        String line = stretch.part().text();
        double beatMs = 60_000.0 / plan.bpm();
        events.add(new Event(stretch.startMs(), Event.Kind.BELL, round, -1, "", -1));
        if (stretch.lengthMs() > LAST_MINUTE_MS) {
            events.add(new Event(stretch.endMs() - LAST_MINUTE_MS, Event.Kind.LAST_MINUTE, round, -1, "", -1));
        }
        events.add(new Event(stretch.endMs() - LAST_TEN_MS, Event.Kind.LAST_TEN, round, -1, "", -1));
        events.add(new Event(stretch.endMs(), Event.Kind.END, round, -1, "", -1));
        IdentityHashMap<Way, Sounded> known = new IdentityHashMap<>();
        IdentityHashMap<Part.Turned, Map<Integer, Said>> said = new IdentityHashMap<>();
        for (int r = 0; r < slots.size(); r++) {
            Slot slot = slots.get(r);
            double first = stretch.startMs() + slot.beat * beatMs;
            if (slot.burst) {
                events.add(new Event(Math.round(first), Event.Kind.BURST, round, r, "" + BURST_MS / 1000, 0));
            }
            Part.Turned turn = stretch.part().turn(r);
            Said words = said.computeIfAbsent(turn, _ -> new HashMap<>())
                    .computeIfAbsent(slot.gap, gap -> Said.of(calls, turn, gap * beatMs, beatMs));
            long called = call(stretch, slot, first, words.beforeMs);
            events.add(new Event(called, Event.Kind.CALL, round, r, line, -1));
            int repetition = r;
            for (Calls.Call call : words.within) {
                double beat = call.beat().inBeats();
                long at = Math.round(first + beat * beatMs - call.beforeMs());
                events.add(new Event(at, Event.Kind.CALL, round, repetition, call.text(), beat));
            }
            Sounded sounded = known.computeIfAbsent(turn.way().way(), Sounded::of);
            for (Clicks.Click click : sounded.clicks) {
                double beat = click.beat().inBeats();
                long at = Math.round(first + beat * beatMs);
                events.add(new Event(at, Event.Kind.CLICK, round, repetition, click.text(), beat));
            }
            sounded.cues.forEach((beat, text) -> events.add(
                    new Event(Math.round(first + beat * beatMs), Event.Kind.CUE, round, repetition, text, beat)));
        }
    }

    /// What is said of a repetition: the same of each that is the same and has the same gap before it.
    private record Said(double beforeMs, List<Calls.Call> within) {

        static Said of(Calls calls, Part.Turned turn, double roomMs, double beatMs) {
            return new Said(calls.beforeMs(turn, roomMs), calls.within(turn, roomMs, beatMs));
        }
    }

    /// What is heard of a way: the same in each of its repetitions.
    ///
    /// @param cues by their beat
    private record Sounded(List<Clicks.Click> clicks, SortedMap<Double, String> cues) {

        static Sounded of(Way way) {
            return new Sounded(Clicks.of(way), Schedule.cues(way));
        }
    }

    /// A call comes some beats before its first beat where the gap leaves room, and so early that it is
    /// said and heard by then; never before the bell.
    private static long call(Stretch stretch, Slot slot, double firstMs, double saidMs) {
        double beatMs = 60_000.0 / stretch.part().plan().bpm();
        double ahead = Math.max(Math.min(CALL_AHEAD_BEATS, slot.gap) * beatMs, saidMs);
        return Math.max(stretch.startMs(), Math.round(firstMs - ahead));
    }

    private static SortedMap<Double, String> cues(Way way) {
        return way.actions().stream()
                .filter(p -> p.who() == Who.PARTNER && p.technique().counts() > 0)
                .collect(Collectors.groupingBy(
                        p -> p.beat().inBeats(),
                        TreeMap::new,
                        Collectors.mapping((Placed p) -> Notation.print(p.act()), Collectors.joining(" "))));
    }

    /// The milliseconds from a call to the first beat of its repetition: what there is to say it in.
    public double roomMs(Event call) {
        long first = events.stream()
                .filter(e -> e.kind() == Event.Kind.CLICK
                        && e.round() == call.round()
                        && e.repetition() == call.repetition())
                .mapToLong(Event::ms)
                .findFirst()
                .orElse(call.ms());
        return (double) first - call.ms();
    }

    /// How long it all takes, in milliseconds.
    public long lengthMs() {
        long lastRound = rounds.isEmpty() ? 0 : rounds.getLast().endMs();
        return between.isEmpty()
                ? lastRound
                : Math.max(lastRound, between.getLast().endMs());
    }

    /// The stretch between rounds that runs at this time.
    public Optional<Between> betweenAt(long ms) {
        return between.stream().filter(b -> ms >= b.startMs() && ms < b.endMs()).findFirst();
    }

    /// The round that runs at this time, or empty before the first, in a rest and after the last.
    public Optional<Integer> roundAt(long ms) {
        for (int i = 0; i < rounds.size(); i++) {
            if (ms >= rounds.get(i).startMs() && ms < rounds.get(i).endMs()) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /// The round that comes next at this time.
    public Optional<Integer> nextRoundAt(long ms) {
        for (int i = 0; i < rounds.size(); i++) {
            if (ms < rounds.get(i).startMs()) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /// Events after `fromMs` up to and including `toMs`.
    public List<Event> between(long fromMs, long toMs) {
        return events.stream().filter(e -> e.ms() > fromMs && e.ms() <= toMs).toList();
    }
}
