package onebeat.soak;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;
import onebeat.desktop.demo.DemoCamp;
import onebeat.store.CampFile;
import onebeat.store.Opening;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;

/// Camps to do things to.
final class Camps {

    static final LocalDate DAY = LocalDate.of(2027, 3, 4);

    private static final Card CARD = new Card(
            "Saltlight",
            new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
            new Fighter("Noor", Stance.SOUTHPAW, 177, 182),
            DAY.minusDays(20),
            DAY.plusWeeks(5));

    private static final List<String> LINES = List.of(
            "1 (parry)", "(1) parry 2", "2 (high)", "rlow (check)", "3b (low)", "(2) slip-in 3b 2", "1 2 (none)");

    private Camps() {}

    static CampFile opened(Opening opening) {
        return switch (opening) {
            case Opened opened -> opened.file();
            case Refused refused -> throw new IllegalStateException(refused.sentence());
        };
    }

    /// An empty camp, closed.
    static Path empty(Path path) {
        opened(CampFile.create(path, CARD, _ -> {})).close();
        return path;
    }

    /// The demo camp, closed.
    static Path demo(Path path) {
        opened(DemoCamp.openOrCreate(path, DAY)).close();
        return path;
    }

    static Reel reel(String id) {
        return new Reel(id, "harbour hall " + id, 40_000, 180);
    }

    static Exchange exchange(Random random, String id, String reel) {
        return new Exchange(
                id,
                reel,
                random.nextInt(40_000),
                1,
                random.nextBoolean() ? Who.ATHLETE : Who.PARTNER,
                Stance.ORTHODOX,
                Stance.SOUTHPAW,
                Optional.empty(),
                LINES.get(random.nextInt(LINES.size())),
                random.nextBoolean() ? Outcome.CLEAN : Outcome.BLOCKED,
                "note " + random.nextInt());
    }

    /// Some change, such as an evening brings.
    static Edit edit(Random random, Camp camp) {
        List<Drill> drills = List.copyOf(camp.drills().all());
        List<Exchange> exchanges = List.copyOf(camp.exchanges().all());
        return switch (random.nextInt(5)) {
            case 0 -> Edit.add(Place.DRILLS, new Drill(camp.drills().nextId("d"), "line", "1 2 3", 60, DAY, ""));
            case 1 ->
                drills.isEmpty()
                        ? Edit.add(Place.REELS, reel(camp.reels().nextId("r")))
                        : tempo(random, drills.get(random.nextInt(drills.size())));
            case 2 ->
                exchanges.isEmpty()
                        ? Edit.add(Place.REELS, reel(camp.reels().nextId("r")))
                        : Edit.remove(Place.EXCHANGES, exchanges.get(random.nextInt(exchanges.size())));
            default ->
                camp.reels().size() == 0
                        ? Edit.add(Place.REELS, reel(camp.reels().nextId("r")))
                        : Edit.add(
                                Place.EXCHANGES,
                                exchange(
                                        random,
                                        camp.exchanges().nextId("x"),
                                        camp.reels().all().iterator().next().id()));
        };
    }

    private static Edit tempo(Random random, Drill drill) {
        return Edit.change(Place.DRILLS, drill, drill.withBpm(20 + random.nextInt(200)));
    }
}
