package onebeat.core.opening;

import java.util.List;

/// How open the place is that a strike goes to.
///
/// @param step the index of the strike in its way
/// @param zone where it lands
/// @param liver whether the liver lies there
/// @param value 0 covered, 1 wide open
/// @param exposure how exposed the striker is while throwing it, 0 to 1
/// @param effect what it is worth: power times the strike's worth times that of the zone, a full cross to the head
///     being 1
/// @param credits what earlier actions gave it, the largest first
public record Opening(
        int step, Zone zone, boolean liver, double value, double exposure, double effect, List<Credit> credits) {

    public Opening {
        credits = List.copyOf(credits);
    }
}
