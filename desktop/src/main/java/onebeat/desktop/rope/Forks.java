package onebeat.desktop.rope;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.play.Beat;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// Where the ways of a line lie: together as long as they share everything, apart behind each read.
///
/// @param ways the ways that are drawn, the upper ones first
/// @param numbers their places among all ways of the line
record Forks(List<PlayedWay> ways, List<Integer> numbers) {

    /// Nothing drawn.
    static final Forks NONE = new Forks(List.of(), List.of());

    /// More lanes than this cannot be told apart.
    private static final int MOST_LANES = 3;

    Forks {
        ways = List.copyOf(ways);
        numbers = List.copyOf(numbers);
    }

    /// The chosen way and as many of its neighbours as there is room for.
    ///
    /// @param room how many ways the picture has room for
    static Forks around(List<PlayedWay> all, int chosen, int room) {
        int most = Math.min(MOST_LANES, room);
        int before = most / 2;
        int from = Math.clamp((long) chosen - before, 0, Math.max(0, all.size() - most));
        List<PlayedWay> ways = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>();
        for (int i = from; i < Math.min(all.size(), from + most); i++) {
            ways.add(all.get(i));
            numbers.add(i);
        }
        return new Forks(ways, numbers);
    }

    /// Only this way of them.
    static Forks only(List<PlayedWay> all, int chosen) {
        return new Forks(List.of(all.get(chosen)), List.of(chosen));
    }

    /// A place where the athlete chooses freely how to go on: the ways part with no cue.
    ///
    /// @param beat where they part
    /// @param lane the lane on which they still run together
    /// @param gapCm the gap there
    record FreeChoice(double beat, double lane, double gapCm) {}

    /// All such places.
    List<FreeChoice> choices() {
        List<FreeChoice> all = new ArrayList<>();
        for (int way = 1; way < ways.size(); way++) {
            Optional<Step> parts = parting(way - 1, way);
            double beat = forkBeat(way - 1, way);
            boolean known = all.stream().anyMatch(c -> c.beat == beat);
            if (parts.filter(s -> s.who() == Who.ATHLETE).isPresent() && !known) {
                double gap =
                        ways.get(way).at(Beat.whole((int) Math.floor(beat))).gapCm();
                all.add(new FreeChoice(beat, lane(way, beat - BEFORE), gap));
            }
        }
        return all;
    }

    /// The first step that the second of two ways does not share with the first.
    private Optional<Step> parting(int one, int other) {
        List<Step> first = ways.get(one).steps();
        List<Step> second = ways.get(other).steps();
        for (int i = 0; i < Math.min(first.size(), second.size()); i++) {
            if (!first.get(i).placed().branch().equals(second.get(i).placed().branch())) {
                return Optional.of(second.get(i));
            }
        }
        return Optional.empty();
    }

    int lanes() {
        return ways.size();
    }

    /// The lane of a way at a beat: in the middle of all that still share its path.
    double lane(int way, double beat) {
        double sum = 0;
        int together = 0;
        for (int other = 0; other < ways.size(); other++) {
            if (other == way || forkBeat(way, other) > beat) {
                sum += other;
                together++;
            }
        }
        return sum / together;
    }

    /// Whether this way is the first of those that share this step, so that it is drawn once.
    boolean isFirst(int way, Step step) {
        for (int other = 0; other < way; other++) {
            if (sharesBranch(ways.get(other), step)) {
                return false;
            }
        }
        return true;
    }

    private static boolean sharesBranch(PlayedWay way, Step step) {
        return way.steps().size() > step.index()
                && way.steps()
                        .get(step.index())
                        .placed()
                        .branch()
                        .equals(step.placed().branch());
    }

    /// The beat at which two ways part, or one beyond all where they do not.
    private double forkBeat(int one, int other) {
        List<Step> first = ways.get(one).steps();
        List<Step> second = ways.get(other).steps();
        for (int i = 0; i < Math.min(first.size(), second.size()); i++) {
            if (!first.get(i).placed().branch().equals(second.get(i).placed().branch())) {
                return Math.max(
                                first.get(i).beat().inBeats(),
                                second.get(i).beat().inBeats())
                        - BEFORE;
            }
        }
        return Math.min(ways.get(one).way().beats(), ways.get(other).way().beats());
    }

    /// A strand parts a little before the cue, or the cue would stand on both.
    private static final double BEFORE = 0.4;
}
