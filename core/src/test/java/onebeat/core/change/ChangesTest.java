package onebeat.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import onebeat.core.Lines;
import onebeat.core.book.Judgement;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.camp.Tonight;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.play.Who;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What coaches do to a camp, as functions from a camp to an edit.
class ChangesTest {

    private static final LocalDate DAY = LocalDate.of(2027, 3, 4);
    private static final Reel REEL = new Reel("r1", "Harbour hall", 60, 180, "", "");

    private Camp camp;

    @BeforeEach
    void aCamp() {
        camp = Camp.empty(new Card(
                "Saltlight",
                new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
                new Fighter("Noor", Stance.SOUTHPAW, 178, 184),
                DAY.minusWeeks(4),
                DAY.plusWeeks(4)));
        edit(Edit.add(Place.DRILLS, new Drill("d1", "Jab", "(1) catch+2 3 off", 60, DAY, "")));
        edit(Edit.add(Place.REELS, REEL));
    }

    private void edit(Edit edit) {
        camp = edit.applyTo(camp);
    }

    private Drill drill() {
        return camp.drills().get("d1").orElseThrow();
    }

    private Session tonight() {
        return TonightChanges.sessionOrNew(camp, DAY, "Tonight");
    }

    private static Partner partner(String id) {
        return new Partner(
                id,
                new Fighter(id, Stance.SOUTHPAW, 188, 193),
                false,
                EnumSet.of(Gear.MITTS),
                JabSchool.STRAIGHT,
                Set.of(),
                EnumSet.allOf(Family.class),
                Rung.LIVE);
    }

    @Test
    void aSessionIsMadeWithItsFirstRoundAndGrowsToItsMost() {
        assertThat(camp.sessionOn(DAY)).isEmpty();
        edit(TonightChanges.added(camp, tonight(), List.of(TonightChanges.byHand(drill())))
                .orElseThrow());
        assertThat(camp.roundsOf(camp.sessionOn(DAY).orElseThrow().id())).hasSize(1);
        var many = IntStream.range(0, Session.MOST_LAID_OUT)
                .mapToObj(_ -> TonightChanges.byHand(drill()))
                .toList();
        assertThat(TonightChanges.added(camp, tonight(), many))
                .as("one too many")
                .isEmpty();
        edit(TonightChanges.added(camp, tonight(), many.subList(1, many.size())).orElseThrow());
        List<RoundPlan> rounds = camp.roundsOf(tonight().id());
        assertThat(rounds).extracting(RoundPlan::position).doesNotHaveDuplicates();
        assertThat(rounds).extracting(RoundPlan::id).doesNotHaveDuplicates();
    }

    @Test
    void templatesAndSchemesGoRound() {
        edit(TonightChanges.added(camp, tonight(), List.of(TonightChanges.byHand(drill())))
                .orElseThrow());
        Session first = tonight();
        int steps = 0;
        do {
            edit(TonightChanges.nextTemplate(tonight()));
            steps++;
        } while (!tonight().template().equals(first.template()) && steps < 50);
        assertThat(tonight().template()).isEqualTo(first.template());
        assertThat(steps).isGreaterThan(1);
        edit(TonightChanges.longer(tonight(), -500));
        assertThat(tonight().minutes()).as("no evening is shorter than nothing").isNotNegative();
    }

    @Test
    void theNextPartnerComesInTurnAndAfterTheLastNobody() {
        assertThat(PartnerChanges.next(camp)).isEmpty();
        edit(PartnerChanges.kept(camp, Optional.empty(), Optional.of(partner("k1"))));
        assertThat(camp.card().partner()).as("who is written down is tonight's").isEqualTo("k1");
        edit(PartnerChanges.kept(camp, Optional.empty(), Optional.of(partner("k2"))));
        edit(PartnerChanges.next(camp).orElseThrow());
        assertThat(camp.card().partner()).isEmpty();
        edit(PartnerChanges.next(camp).orElseThrow());
        assertThat(camp.card().partner()).isEqualTo("k1");
        edit(PartnerChanges.kept(camp, Optional.of(partner("k2")), Optional.empty()));
        assertThat(camp.card().partner())
                .as("removing somebody else sends nobody away")
                .isEqualTo("k1");
        edit(PartnerChanges.kept(camp, Optional.of(partner("k1")), Optional.empty()));
        assertThat(camp.card().partner()).isEmpty();
    }

    @Test
    void whatIsLoggedCarriesStancesAndRangeOn() {
        Exchange first = FilmChanges.logged(camp, REEL, 3.14159, "(1) parry 2");
        assertThat(first.timeS()).as("short, and never before its picture").isEqualTo(3.1416);
        assertThat(FilmChanges.logged(camp, REEL, 2.002, "1").timeS()).isEqualTo(2.002);
        assertThat(first.starter()).isEqualTo(Who.PARTNER);
        assertThat(first.partnerStance()).isEqualTo(Stance.SOUTHPAW);
        Exchange turned = FilmChanges.withNextRange(FilmChanges.withOtherStance(first, Who.PARTNER));
        edit(Edit.add(Place.EXCHANGES, turned));
        Exchange second = FilmChanges.logged(camp, REEL, 9, "1 2");
        assertThat(second.partnerStance()).isEqualTo(Stance.ORTHODOX);
        assertThat(second.range()).isEqualTo(turned.range()).isPresent();
        assertThat(second.starter()).isEqualTo(Who.ATHLETE);
        assertThat(FilmChanges.corrected(second, "(2) slip-in 3").starter()).isEqualTo(Who.PARTNER);
        assertThat(FilmChanges.moved(REEL, second, 1_000).timeS()).isEqualTo(REEL.seconds());
        assertThat(FilmChanges.moved(REEL, second, -1_000))
                .as("the beginning of the film, as a file keeps it")
                .isEqualTo(second.at(0.0, 1));
        assertThat(FilmChanges.landing(REEL, second, -1))
                .isEqualTo(second.at(0.0, 1).withContact(Optional.of(0.0)));
    }

    @Test
    void cuesAreWeighedThroughAllReadsOfALine() {
        var line = Lines.read("{ (1): parry 2 | (2): slip-in 3 } { (3): block 2 | (none): 1 } off")
                .line();
        Odds odds = DrillChanges.weighed(line, Odds.even(), 4);
        assertThat(odds.weights(0, 2)).isEqualTo(List.of(1, 1));
        assertThat(odds.weights(1, 2)).isEqualTo(List.of(1, 2));
        for (int i = 0; i < 7; i++) {
            odds = DrillChanges.weighed(line, odds, 4);
        }
        assertThat(odds.weights(1, 2)).isEqualTo(List.of(1, 9));
        assertThat(DrillChanges.weighed(line, odds, 4).weights(1, 2))
                .as("then never")
                .isEqualTo(List.of(1, 0));
        assertThat(DrillChanges.weighed(line, odds, 0)).isEqualTo(Odds.even());
        assertThat(DrillChanges.weighed(line, odds, 99))
                .as("there is no such cue")
                .isEqualTo(odds);
    }

    @Test
    void aRepetitionThatIsCleanHasNoFault() {
        RoundPlan plan = new RoundPlan("r1", "s1", 0, "d1", 60, 4);
        edit(TonightChanges.added(camp, tonight(), List.of(TonightChanges.byHand(drill())))
                .orElseThrow());
        var schedule = Tonight.schedule(camp, tonight());
        var call = schedule.events().stream()
                .filter(e -> e.opensRepetition())
                .findFirst()
                .orElseThrow();
        var late = RepetitionChanges.judged(camp, plan, call, Optional.empty(), Judgement.LATE, DAY);
        edit(RepetitionChanges.kept(camp, late.judged(Judgement.LATE, "hands-low")));
        var clean = RepetitionChanges.judged(camp, plan, call, Optional.of(late.id()), Judgement.CLEAN, DAY);
        assertThat(clean.id()).isEqualTo(late.id());
        assertThat(clean.fault()).isEmpty();
        edit(RepetitionChanges.ran(camp, schedule, 0, DAY));
        assertThat(camp.runs().size()).isEqualTo(1);
    }
}
