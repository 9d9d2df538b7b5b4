package onebeat.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;

/// What is written down of what was seen on film, and changed of it.
public final class FilmChanges {

    /// Times are kept to so many parts of a second: a tenth of a millisecond.
    private static final double PARTS = 10_000;

    /// What a time that was worked out may lie above a whole part.
    private static final double ROUNDING = 1e-4;

    private FilmChanges() {}

    /// A line as an exchange of a reel. Stances and range are carried over from the one logged last on it.
    ///
    /// @param timeS when it begins, in seconds; kept to a tenth
    /// @param line in canonical form
    public static Exchange logged(Camp camp, Reel on, double timeS, String line) {
        Optional<Exchange> last = camp.exchanges().all().stream()
                .filter(e -> e.reelId().equals(on.id()))
                .reduce((_, later) -> later);
        return new Exchange(
                camp.exchanges().nextId("x"),
                on.id(),
                onPicture(timeS),
                on.roundAt(timeS),
                starter(line),
                last.map(Exchange::athleteStance).orElse(camp.card().athlete().stance()),
                last.map(Exchange::partnerStance).orElse(camp.card().opponent().stance()),
                last.flatMap(Exchange::range),
                line,
                Outcome.NONE,
                "");
    }

    /// A time that is written short and still lies on the same picture of the film: never before it begins.
    private static double onPicture(double timeS) {
        return Math.ceil(timeS * PARTS - ROUNDING) / PARTS;
    }

    private static Who starter(String line) {
        return line.startsWith("(") ? Who.PARTNER : Who.ATHLETE;
    }

    /// An exchange becomes another.
    public static Edit changed(Exchange before, Exchange after) {
        return Edit.change(Place.EXCHANGES, before, after);
    }

    /// The exchange with another line for what was seen.
    public static Exchange corrected(Exchange exchange, String line) {
        return exchange.withLine(line, starter(line));
    }

    /// The exchange earlier or later on its reel, never off it.
    public static Exchange moved(Reel on, Exchange exchange, double seconds) {
        double to = onPicture(Math.clamp(exchange.timeS() + seconds, 0, on.seconds()));
        Exchange there = exchange.at(to, on.roundAt(to));
        return there.withContact(there.contactS().filter(lands -> lands >= to));
    }

    /// The exchange with what it is about landing at this time. Nothing lands before it begins: where it would, it
    /// begins
    /// then too.
    public static Exchange landing(Reel on, Exchange exchange, double timeS) {
        double lands = onPicture(Math.clamp(timeS, 0, on.seconds()));
        Exchange begun = lands < exchange.timeS() ? exchange.at(lands, on.roundAt(lands)) : exchange;
        return begun.withContact(Optional.of(lands));
    }

    /// A reel becomes another. Exchanges that lay in the round that the reel gave them lie in the round that it gives
    /// them now; those that a log put elsewhere stay.
    public static Edit changed(Camp camp, Reel before, Reel after) {
        List<Edit> edits = new ArrayList<>();
        edits.add(Edit.change(Place.REELS, before, after));
        for (Exchange exchange : camp.exchangesOn(before.id())) {
            int now = after.roundAt(exchange.timeS());
            if (exchange.round() == before.roundAt(exchange.timeS()) && exchange.round() != now) {
                edits.add(changed(exchange, exchange.inRound(now)));
            }
        }
        return new Edit.Together(edits);
    }

    /// The exchange with one of the two in the other stance.
    public static Exchange withOtherStance(Exchange exchange, Who who) {
        Stance athlete = exchange.athleteStance();
        Stance partner = exchange.partnerStance();
        return who == Who.ATHLETE
                ? exchange.withStances(athlete.changed(), partner)
                : exchange.withStances(athlete, partner.changed());
    }

    /// The exchange at the next range, from out to clinch and then not noted.
    public static Exchange withNextRange(Exchange exchange) {
        List<Band> bands = List.of(Band.values());
        int at = exchange.range().map(bands::indexOf).orElse(-1) + 1;
        return exchange.withRange(at < bands.size() ? Optional.of(bands.get(at)) : Optional.empty());
    }
}
