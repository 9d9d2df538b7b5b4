package onebeat.desktop.film;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.exchange.Fighter;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;

/// A reel that is drawn instead of filmed: the stand-in for a film file. It knows which exchange runs at a time and
/// how far it is.
final class DrawnReel {

    /// How long a beat lasts on a drawn reel, in seconds. A default.
    static final double BEAT_S = 0.5;

    /// Both stand at guard so long before and after an exchange, in seconds.
    private static final double AROUND_S = 0.6;

    private final Reel reel;
    private final List<Exchange> exchanges;
    private final Camp camp;
    private final Map<String, Optional<PlayedWay>> played = new HashMap<>();

    DrawnReel(Camp camp, Reel reel) {
        this.camp = camp;
        this.reel = reel;
        this.exchanges = camp.exchangesOn(reel.id());
    }

    Reel reel() {
        return reel;
    }

    List<Exchange> exchanges() {
        return exchanges;
    }

    /// When its exchanges are, in seconds.
    List<Double> moments() {
        return exchanges.stream().map(Exchange::momentS).toList();
    }

    /// One picture of the reel.
    ///
    /// @param exchange the exchange that runs or comes next
    /// @param beat how far it is, in beats
    record Frame(PlayedWay way, Setting setting, double beat, Exchange exchange) {}

    /// The picture at a time.
    Optional<Frame> at(double timeS) {
        Optional<Exchange> running = exchanges.stream()
                .filter(e -> from(e) <= timeS && timeS <= to(e))
                .findFirst();
        return running.or(() -> exchanges.stream()
                        .filter(e -> e.timeS() > timeS)
                        .min(Comparator.comparingDouble(Exchange::timeS)))
                .or(() -> exchanges.isEmpty() ? Optional.empty() : Optional.of(exchanges.getLast()))
                .flatMap(e -> way(e).map(w -> new Frame(w, setting(e), beat(e, w, timeS), e)));
    }

    private static double beat(Exchange exchange, PlayedWay way, double timeS) {
        return Math.clamp((timeS - exchange.timeS()) / BEAT_S, -1, way.way().beats());
    }

    /// When the picture of an exchange begins.
    double from(Exchange exchange) {
        return Math.max(0, exchange.timeS() - AROUND_S);
    }

    /// When it begins and when it ends.
    double[] bounds(Exchange exchange) {
        return new double[] {from(exchange), to(exchange)};
    }

    /// Who stands there where nothing was logged yet.
    Setting atRest() {
        return new Setting(camp.card().athlete(), studied());
    }

    /// When it ends.
    double to(Exchange exchange) {
        double beats = way(exchange).map(w -> w.way().beats()).orElse(1);
        return exchange.timeS() + beats * BEAT_S + AROUND_S;
    }

    /// The exchange nearest to a time.
    Optional<Exchange> nearest(double timeS) {
        return exchanges.stream().min(Comparator.comparingDouble(e -> Math.abs(e.timeS() - timeS)));
    }

    private Optional<PlayedWay> way(Exchange exchange) {
        return played.computeIfAbsent(
                exchange.id(),
                _ -> Notation.read(exchange.line(), camp.vocabulary()) instanceof Read read
                        ? Optional.of(
                                Play.of(read.line(), setting(exchange)).ways().getFirst())
                        : Optional.empty());
    }

    /// Who is studied: the opponent, or another of the opponent's build, since nobody measured them.
    Fighter studied() {
        Fighter opponent = camp.card().opponent();
        return reel.isOf(opponent.name())
                ? opponent
                : new Fighter(reel.subject(), opponent.stance(), opponent.heightCm(), opponent.spanCm());
    }

    /// Who stands there in an exchange, in the stances it was seen in.
    Setting setting(Exchange exchange) {
        Fighter athlete = camp.card().athlete();
        Fighter opponent = studied();
        return new Setting(
                new Fighter(athlete.name(), exchange.athleteStance(), athlete.heightCm(), athlete.spanCm()),
                new Fighter(opponent.name(), exchange.partnerStance(), opponent.heightCm(), opponent.spanCm()));
    }
}
