package onebeat.core.holding;

import java.util.EnumMap;
import java.util.Map;
import onebeat.core.exchange.Level;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// The contact account of a way: touches on pads and on the persons, by target.
///
/// @param pads strikes of the athlete that meet a pad or worn gear
/// @param partner touches on the partner himself, by level
/// @param athlete what is fed to the athlete, by level; what a defence meets is counted too, since it may fail
public record Contact(int pads, Map<Level, Integer> partner, Map<Level, Integer> athlete) {

    public Contact {
        partner = Map.copyOf(partner);
        athlete = Map.copyOf(athlete);
    }

    /// Counts one way with its plan.
    public static Contact of(PlayedWay way, PadPlan plan) {
        Map<Level, Integer> partner = new EnumMap<>(Level.class);
        Map<Level, Integer> athlete = new EnumMap<>(Level.class);
        int pads = 0;
        for (Step step : way.steps()) {
            if (!step.placed().act().isStrike()) {
                continue;
            }
            Level level = step.placed().act().level();
            if (step.who() == Who.PARTNER) {
                athlete.merge(level, 1, Integer::sum);
            } else if (plan.of(step.index()).isPresent()) {
                pads++;
            } else {
                partner.merge(level, 1, Integer::sum);
            }
        }
        return new Contact(pads, partner, athlete);
    }

    /// Touches on the partner himself.
    public int onPartner() {
        return partner.values().stream().mapToInt(n -> n).sum();
    }

    /// Strikes to a head, of either, that meet no pad.
    public int onHeads() {
        return partner.getOrDefault(Level.HEAD, 0) + athlete.getOrDefault(Level.HEAD, 0);
    }
}
