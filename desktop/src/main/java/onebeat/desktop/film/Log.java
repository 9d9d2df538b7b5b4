package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.text.Texts;

/// Writes down what was seen on film, and changes what was written.
final class Log {

    private final CampSession app;

    Log(CampSession app) {
        this.app = app;
    }

    /// Logs a line. Stances and range are carried over from the last one logged on this reel.
    ///
    /// @param line in canonical form
    /// @return the exchange, where it could be saved
    Optional<Exchange> add(Reel on, double timeS, String line) {
        List<Exchange> before = app.camp().exchanges().all().stream()
                .filter(e -> e.reelId().equals(on.id()))
                .toList();
        Optional<Exchange> last = before.isEmpty() ? Optional.empty() : Optional.of(before.getLast());
        Exchange exchange = new Exchange(
                app.camp().exchanges().nextId("x"),
                on.id(),
                tenths(timeS),
                on.roundAt(timeS),
                starter(line),
                last.map(Exchange::athleteStance)
                        .orElse(app.camp().card().athlete().stance()),
                last.map(Exchange::partnerStance)
                        .orElse(app.camp().card().opponent().stance()),
                last.flatMap(Exchange::range),
                line,
                Outcome.NONE,
                "");
        return app.save(Edit.add(Place.EXCHANGES, exchange)) ? Optional.of(exchange) : Optional.empty();
    }

    private static double tenths(double timeS) {
        return Math.round(timeS * 10) / 10.0;
    }

    private static Who starter(String line) {
        return line.startsWith("(") ? Who.PARTNER : Who.ATHLETE;
    }

    private boolean change(Exchange before, Exchange after) {
        return before.equals(after) || app.save(Edit.change(Place.EXCHANGES, before, after));
    }

    void judge(Exchange exchange, Outcome outcome) {
        if (change(exchange, exchange.withOutcome(outcome))) {
            app.say(Texts.of("film.outcome", Texts.of("outcome." + outcome.word())));
        }
    }

    /// Another line for what was seen.
    boolean amend(Exchange exchange, String line) {
        boolean done = change(exchange, exchange.withLine(line, starter(line)));
        if (done) {
            app.say(Texts.of("film.amended", Texts.filmTime(exchange.timeS())));
        }
        return done;
    }

    /// It began earlier or later than it was logged.
    ///
    /// @return the time it has now
    double move(Reel on, Exchange exchange, double seconds) {
        double to = tenths(Math.clamp(exchange.timeS() + seconds, 0, on.seconds()));
        return change(exchange, exchange.at(to, on.roundAt(to))) ? to : exchange.timeS();
    }

    /// One of the two stands in the other stance.
    void changeStance(Exchange exchange, Who who) {
        Stance athlete = exchange.athleteStance();
        Stance partner = exchange.partnerStance();
        Exchange after = who == Who.ATHLETE
                ? exchange.withStances(athlete.changed(), partner)
                : exchange.withStances(athlete, partner.changed());
        change(exchange, after);
    }

    /// The next range, from out to clinch and then not noted.
    void nextRange(Exchange exchange) {
        List<Band> bands = List.of(Band.values());
        int at = exchange.range().map(bands::indexOf).orElse(-1) + 1;
        change(exchange, exchange.withRange(at < bands.size() ? Optional.of(bands.get(at)) : Optional.empty()));
    }

    boolean remove(Exchange exchange) {
        boolean done = app.save(Edit.remove(Place.EXCHANGES, exchange));
        if (done) {
            app.say(Texts.of("film.removed"));
        }
        return done;
    }
}
