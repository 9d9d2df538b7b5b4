package onebeat.core.holding;

import java.util.Set;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.timing.Rung;

/// A training partner: who feeds and holds tonight.
///
/// @param body build and own stance
/// @param playsOpponent whether they stand as the opponent stands, from their own stance or not
/// @param feeds the kinds of strikes that they can feed
/// @param upTo the last ladder step at which their feed is good enough: above it they are not honest or not safe
public record Partner(
        String id,
        Fighter body,
        boolean playsOpponent,
        Set<Gear> gear,
        JabSchool jab,
        Set<SoreSpot> sore,
        Set<Family> feeds,
        Rung upTo) {

    public Partner {
        gear = Set.copyOf(gear);
        sore = Set.copyOf(sore);
        feeds = Set.copyOf(feeds);
    }

    public String name() {
        return body.name();
    }

    /// What they can hold, how, and where not.
    public Holder holder() {
        return new Holder(gear, jab, sore);
    }

    /// The partner as they stand against the athlete when playing this opponent.
    public Fighter playing(Fighter opponent) {
        return new Fighter(
                body.name(), playsOpponent ? opponent.stance() : body.stance(), body.heightCm(), body.spanCm());
    }

    /// Whether they stand otherwise than they are used to when playing this opponent.
    public boolean turnsFor(Fighter opponent) {
        return playing(opponent).stance() != body.stance();
    }

    /// The stance that is their own.
    public Stance ownStance() {
        return body.stance();
    }
}
