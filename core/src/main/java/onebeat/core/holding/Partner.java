package onebeat.core.holding;

import java.util.Set;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.timing.Rung;

/// A training partner: who feeds and holds tonight.
///
/// @param body his build and his own stance
/// @param playsOpponent whether he stands as the opponent stands, from his own stance or not
/// @param feeds the kinds of strikes that he can feed
/// @param upTo the last ladder step at which his feed is good enough: above it he is not honest or not safe
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

    /// What he can hold, how, and where not.
    public Holder holder() {
        return new Holder(gear, jab, sore);
    }

    /// The partner as he stands against the athlete when he plays this opponent.
    public Fighter playing(Fighter opponent) {
        return new Fighter(
                body.name(), playsOpponent ? opponent.stance() : body.stance(), body.heightCm(), body.spanCm());
    }

    /// Whether he stands otherwise than he is used to when he plays this opponent.
    public boolean turnsFor(Fighter opponent) {
        return playing(opponent).stance() != body.stance();
    }

    /// The stance that is his own.
    public Stance ownStance() {
        return body.stance();
    }
}
