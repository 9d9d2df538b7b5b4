package onebeat.core.rounds;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import onebeat.core.holding.Contact;
import onebeat.core.notation.Notation;
import onebeat.core.play.Placed;
import onebeat.core.play.Way;
import onebeat.core.play.Who;
import onebeat.core.rounds.Event.Kind;

/// Every event of a session, laid out once. Picture and sound both follow it, so they can never drift apart.
///
/// @param rounds where each round lies
/// @param events all events by time
public record Schedule(List<Stretch> rounds, List<Event> events) {

    /// Time to get ready before the first bell, in milliseconds. A default.
    public static final long READY_MS = 10_000;

    private static final long LAST_MINUTE_MS = 60_000;
    private static final long LAST_TEN_MS = 10_000;

    /// A call comes this many beats before the first beat of its repetition, where the gap leaves room.
    private static final int CALL_AHEAD_BEATS = 2;

    public Schedule {
        rounds = List.copyOf(rounds);
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

        /// The touches of the whole round.
        public Contact contact() {
            return part.contact(repetitions);
        }
    }

    /// The touches of the whole session.
    public Contact contact() {
        return rounds.stream().map(Stretch::contact).reduce(Contact.NONE, Contact::plus);
    }

    /// Lays out a session.
    public static Schedule of(Scheme scheme, List<Part> parts) {
        List<Stretch> rounds = new ArrayList<>();
        List<Event> events = new ArrayList<>();
        long start = READY_MS;
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            long end = start + scheme.workS() * 1000L;
            rounds.add(new Stretch(part, start, end, repetitionsIn(part, end - start)));
            round(events, i, rounds.getLast());
            start = end + scheme.restS() * 1000L;
        }
        events.sort(Comparator.comparingLong(Event::ms).thenComparing(Event::kind));
        return new Schedule(rounds, events);
    }

    /// Beats from the end of the repetition before to the end of this one.
    private static int beats(Part part, int repetition) {
        return gap(part, repetition)
                + Math.max(1, part.turn(repetition).way().way().beats());
    }

    private static int gap(Part part, int repetition) {
        return part.plan().gapBeats() + part.turn(repetition).extraGap();
    }

    private static int repetitionsIn(Part part, long lengthMs) {
        double beatMs = 60_000.0 / part.plan().bpm();
        long used = 0;
        int repetitions = 0;
        while ((used + beats(part, repetitions)) * beatMs <= lengthMs) {
            used += beats(part, repetitions);
            repetitions++;
        }
        return repetitions;
    }

    private static void round(List<Event> events, int round, Stretch stretch) {
        RoundPlan plan = stretch.part().plan();
        double beatMs = 60_000.0 / plan.bpm();
        events.add(new Event(stretch.startMs(), Kind.BELL, round, -1, "", -1));
        if (stretch.lengthMs() > LAST_MINUTE_MS) {
            events.add(new Event(stretch.endMs() - LAST_MINUTE_MS, Kind.LAST_MINUTE, round, -1, "", -1));
        }
        events.add(new Event(stretch.endMs() - LAST_TEN_MS, Kind.LAST_TEN, round, -1, "", -1));
        events.add(new Event(stretch.endMs(), Kind.END, round, -1, "", -1));
        long used = 0;
        for (int r = 0; r < stretch.repetitions(); r++) {
            // The gap comes first, so that the first call has time to be heard after the bell.
            double first = stretch.startMs() + (used + gap(stretch.part(), r)) * beatMs;
            used += beats(stretch.part(), r);
            int ahead = Math.min(CALL_AHEAD_BEATS, gap(stretch.part(), r));
            events.add(new Event(
                    Math.round(first - ahead * beatMs),
                    Kind.CALL,
                    round,
                    r,
                    stretch.part().text(),
                    -1));
            Way way = stretch.part().turn(r).way().way();
            for (int b = 0; b < way.beats(); b++) {
                events.add(new Event(Math.round(first + b * beatMs), Kind.CLICK, round, r, "", b));
            }
            int repetition = r;
            cues(way)
                    .forEach((beat, text) -> events.add(
                            new Event(Math.round(first + beat * beatMs), Kind.CUE, round, repetition, text, beat)));
        }
    }

    private static TreeMap<Double, String> cues(Way way) {
        return way.actions().stream()
                .filter(p -> p.who() == Who.PARTNER && p.technique().counts() > 0)
                .collect(Collectors.groupingBy(
                        p -> p.beat().inBeats(),
                        TreeMap::new,
                        Collectors.mapping((Placed p) -> Notation.print(p.act()), Collectors.joining(" "))));
    }

    /// How long it all takes, in milliseconds.
    public long lengthMs() {
        return rounds.isEmpty() ? 0 : rounds.getLast().endMs();
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
