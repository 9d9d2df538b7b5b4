package onebeat.core.holding;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/// What the holder shows for every contact of one way, with the least movement of the hands; or why nothing can be
/// shown.
///
/// @param pads in the order of the contacts
/// @param missing strikes, by index, for which none of the gear at hand is right: they are touched only
/// @param sore of these, the strikes that would land on a sore spot: they are not touched either
/// @param clash the first strike that no hand can be there for
public record PadPlan(List<Pad> pads, List<Integer> missing, Map<Integer, SoreSpot> sore, Optional<Clash> clash) {

    public PadPlan {
        pads = List.copyOf(pads);
        missing = List.copyOf(missing);
        sore = Collections.unmodifiableMap(new TreeMap<>(sore));
    }

    /// A strike that has no hand in time, and the job that keeps it: a feed or another target.
    ///
    /// @param step the index of the strike
    /// @param keeper the index of the step that keeps the hand
    /// @param shortMs by how many milliseconds it comes too late
    public record Clash(int step, int keeper, double shortMs) {}

    /// How far the hands move in all.
    public double travelCm() {
        return pads.stream().mapToDouble(Pad::travelCm).sum();
    }

    /// The target of a strike.
    public Optional<Pad> of(int step) {
        return pads.stream().filter(p -> p.step() == step).findFirst();
    }
}
