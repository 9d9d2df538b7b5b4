package onebeat.core.hearing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import onebeat.core.exchange.Family;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.rounds.Event;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.timing.Timing;

/// What should be heard in a round: the contacts of its repetitions, and the sounds that the program gives itself.
///
/// @param starts when each repetition has its first beat, in milliseconds from the bell
/// @param beatMs how long a beat is, in milliseconds
/// @param seconds how long the round is
public record PlannedRound(
        List<Double> starts, List<PlannedContact> contacts, List<KnownSound> sounds, double beatMs, double seconds) {

    /// What turns aside or takes a strike with a sound.
    private static final Set<Family> AUDIBLE = EnumSet.of(Family.HAND, Family.LEG);

    /// The last ten seconds are told by three bursts of noise, so far apart in milliseconds.
    private static final double LAST_TEN_STEP_MS = 170;

    public PlannedRound {
        starts = List.copyOf(starts);
        contacts = List.copyOf(contacts);
        sounds = List.copyOf(sounds);
    }

    /// The round of a schedule.
    ///
    /// @param round from 0
    public static PlannedRound of(Schedule schedule, int round) {
        Stretch stretch = schedule.rounds().get(round);
        double beatMs = Timing.msFor(1, stretch.part().plan().bpm());
        Map<Integer, Double> starts = new TreeMap<>();
        List<KnownSound> sounds = new ArrayList<>();
        for (Event event : schedule.events()) {
            if (event.round() != round || event.kind() == Event.Kind.CUE) {
                continue;
            }
            double ms = (double) event.ms() - stretch.startMs();
            if (event.kind() == Event.Kind.CLICK && event.beat() == 0) {
                starts.putIfAbsent(event.repetition(), ms);
            }
            boolean noise = event.kind() == Event.Kind.LAST_TEN || event.kind() == Event.Kind.LAST_MINUTE;
            for (int i = 0; i < (noise ? 3 : 1); i++) {
                sounds.add(new KnownSound(ms + i * LAST_TEN_STEP_MS, event.kind(), event.repetition()));
            }
        }
        List<PlannedContact> contacts = new ArrayList<>();
        starts.forEach((repetition, start) ->
                contacts.addAll(contacts(stretch.part().turn(repetition).way(), repetition, start, beatMs)));
        contacts.sort(Comparator.comparingDouble(PlannedContact::ms));
        sounds.sort(Comparator.comparingDouble(KnownSound::ms));
        return new PlannedRound(List.copyOf(starts.values()), contacts, sounds, beatMs, stretch.lengthMs() / 1000.0);
    }

    private static List<PlannedContact> contacts(PlayedWay way, int repetition, double startMs, double beatMs) {
        List<PlannedContact> all = new ArrayList<>();
        for (Step step : way.steps()) {
            if (isHeard(way, step)) {
                OptionalDouble oneBeat = Timing.oneBeat(way, step);
                all.add(new PlannedContact(
                        repetition,
                        step.beat().inBeats(),
                        startMs + step.beat().inBeats() * beatMs,
                        step.who(),
                        oneBeat.isPresent() ? oneBeat.getAsDouble() * beatMs : -1));
            }
        }
        // The feed comes before what answers it, where both are on one beat.
        all.sort(Comparator.comparingDouble(PlannedContact::ms)
                .thenComparingInt(contact -> contact.who() == Who.PARTNER ? 0 : 1));
        return all;
    }

    /// A strike that lands, or that is met with a hand or a leg; what is slipped or faked makes no sound.
    private static boolean isHeard(PlayedWay way, Step step) {
        if (!step.placed().act().isStrike() || step.placed().act().feint() || step.isShort()) {
            return false;
        }
        return step.who() == Who.ATHLETE
                || way.metBy(step)
                        .map(meets ->
                                AUDIBLE.contains(meets.placed().technique().family()))
                        .orElse(true);
    }

    /// The contacts of a repetition in time.
    public List<PlannedContact> of(int repetition) {
        return contacts.stream().filter(c -> c.repetition() == repetition).toList();
    }
}
