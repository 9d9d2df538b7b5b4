package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Notation;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Event.Kind;
import onebeat.core.rounds.Part.Turned;
import onebeat.core.rounds.Schedule;
import onebeat.desktop.text.Texts;

/// What the feeder has to know next: what was drawn for the repetition that comes or runs, and their next cue
/// in it.
///
/// @param drawn what was drawn for it; empty where nothing is left to chance
/// @param cue their next cue, with the beat; empty where none is left
record Feeder(String drawn, String cue) {

    /// Where the session is at this time.
    static Optional<Feeder> at(Schedule schedule, long ms) {
        boolean exercises = schedule.betweenAt(ms)
                .map(b -> !b.block().exercises().isEmpty())
                .orElse(false);
        if (exercises) {
            return Optional.empty();
        }
        Optional<Event> cue = schedule.events().stream()
                .filter(e -> e.kind() == Kind.CUE && e.ms() >= ms)
                .findFirst();
        Optional<Event> call = schedule.events().stream()
                .filter(e -> e.opensRepetition() && e.ms() <= ms)
                .reduce((_, later) -> later)
                .filter(e -> ms <= endOf(schedule, e))
                .or(() -> schedule.events().stream()
                        .filter(e -> e.opensRepetition() && e.ms() > ms)
                        .findFirst());
        return call.map(c -> {
            Turned turn = schedule.rounds().get(c.round()).part().turn(c.repetition());
            String next = cue.filter(e -> e.round() == c.round() && e.repetition() == c.repetition())
                    .map(e -> Texts.of("floor.feeder.cue", beat(e.beat()), words(turn.way(), e.beat())))
                    .orElse("");
            return new Feeder(turn.choices(), next);
        });
    }

    private static long endOf(Schedule schedule, Event call) {
        return schedule.events().stream()
                .filter(e -> e.kind() == Kind.CLICK && e.round() == call.round() && e.repetition() == call.repetition())
                .mapToLong(Event::ms)
                .max()
                .orElse(call.ms());
    }

    private static String beat(double beat) {
        double from = beat + 1;
        return from == Math.rint(from) ? "" + (int) from : "" + from;
    }

    /// Their strikes and actions on a beat, by their names.
    private static String words(PlayedWay way, double beat) {
        List<String> names = new ArrayList<>();
        way.of(Who.PARTNER)
                .filter(s -> s.beat().inBeats() == beat)
                .map(Feeder::name)
                .forEach(names::add);
        return String.join(", ", names);
    }

    private static String name(Step step) {
        return step.placed().act().feint()
                ? Notation.print(step.placed().act())
                : step.placed().technique().name();
    }

    /// Both in one line.
    String words() {
        return drawn.isEmpty() || cue.isEmpty() ? drawn + cue : drawn + "   " + cue;
    }
}
