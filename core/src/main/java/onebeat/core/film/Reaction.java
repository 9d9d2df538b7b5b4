package onebeat.core.film;

import java.util.List;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;

/// What kind of thing the opponent does first in an exchange.
public enum Reaction {
    STRIKES_BACK,
    TIES_UP,
    GOES_BACK,
    COVERS,
    NOTHING;

    /// The opponent's first reaction in an exchange. One that the opponent began is a strike back.
    static Reaction of(Exchange exchange, Vocabulary vocabulary) {
        if (exchange.starter() == Who.PARTNER) {
            return STRIKES_BACK;
        }
        return Sightings.of(List.of(exchange), Who.PARTNER, vocabulary).stream()
                .findFirst()
                .filter(seen -> !seen.response().equals("none"))
                .map(seen -> of(seen.answered().technique()))
                .orElse(NOTHING);
    }

    private static Reaction of(Technique technique) {
        if (technique.isStrike()) {
            return STRIKES_BACK;
        }
        if (technique.family() == Family.CLINCH) {
            return TIES_UP;
        }
        return technique.family() == Family.FEET ? GOES_BACK : COVERS;
    }
}
