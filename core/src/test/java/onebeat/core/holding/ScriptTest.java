package onebeat.core.holding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import onebeat.core.Lines;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Script.Cue;
import onebeat.core.holding.Script.Does;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.timing.Rung;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class ScriptTest {

    private static final Fighter ATHLETE = new Fighter("Ilka", Stance.ORTHODOX, 168, 170);
    private static final Fighter OPPONENT = new Fighter("Noor", Stance.SOUTHPAW, 177, 182);

    private static Partner partner(Set<Gear> gear, Set<SoreSpot> sore) {
        return new Partner(
                "p1",
                new Fighter("Jonas", Stance.ORTHODOX, 180, 184),
                true,
                gear,
                JabSchool.STRAIGHT,
                sore,
                EnumSet.of(Family.PUNCH),
                Rung.READS);
    }

    private static Script script(String text, Partner partner, Rung rung) {
        Read read = Lines.read(text);
        Setting setting = new Setting(ATHLETE, partner.playing(OPPONENT));
        PlayedWay way = Play.of(read.line(), setting).ways().getFirst();
        PadPlan plan = Holding.plan(way, setting, partner.holder(), 60);
        return Script.of(new Script.For(read.line(), way, plan, rung, 60, setting.partner(), Optional.of(partner)));
    }

    private static List<String> words(Script script, Does does) {
        return script.cues().stream()
                .filter(c -> c.does() == does)
                .map(Cue::words)
                .toList();
    }

    @Test
    @DisplayName("an orthodox partner who plays a southpaw jabs with the right hand, and is told how to stand")
    void anOrthodoxPartnerPlaysASouthpaw() {
        Script script = script("(1) catch+2 3 off", partner(Gear.usual(), Set.of()), Rung.WHOLE);
        assertThat(script.before().getFirst())
                .contains("orthodox")
                .contains("southpaw")
                .contains("right foot in front");
        assertThat(words(script, Does.THROW)).containsExactly("throw jab, right hand: at the line of the head");
        Partner own = partner(Gear.usual(), Set.of());
        Partner unchanged =
                new Partner(own.id(), own.body(), false, own.gear(), own.jab(), own.sore(), own.feeds(), own.upTo());
        Script plain = script("(1) catch+2 3 off", unchanged, Rung.WHOLE);
        assertThat(words(plain, Does.THROW)).containsExactly("throw jab, left hand: at the line of the head");
        assertThat(plain.before()).noneMatch(w -> w.contains("southpaw"));
    }

    @Test
    void everyBeatOfTheirsIsTold() {
        Script script = script(
                "(1) catch+2 (high) 3b (2) parry rlow off",
                partner(EnumSet.of(Gear.KICKPADS, Gear.GUARDS), Set.of()),
                Rung.WHOLE);
        assertThat(script.cues())
                .extracting(Cue::does)
                .containsExactly(Does.THROW, Does.HOLD, Does.SHOW, Does.HOLD, Does.THROW, Does.HOLD);
        assertThat(script.faults()).isNotEmpty().hasSizeLessThanOrEqualTo(4);
    }

    @ParameterizedTest
    @EnumSource(Rung.class)
    @DisplayName("what the partner throws is shown before its contact, and earlier the lower the ladder step")
    void whatTheyThrowIsShownFirst(Rung rung) {
        Cue cue = script("(1) catch+2 3 off", partner(Gear.usual(), Set.of()), rung)
                .cues()
                .getFirst();
        assertThat(cue.showMs()).isLessThanOrEqualTo(cue.atMs() - rung.showMs());
        Cue slow = script("(1) catch+2 3 off", partner(Gear.usual(), Set.of()), Rung.SLOW)
                .cues()
                .getFirst();
        assertThat(slow.showMs()).isLessThanOrEqualTo(cue.showMs());
        assertThat(cue.seeMs()).isPresent();
    }

    @Test
    void whatTheyCannotFeedIsSaid() {
        Script script = script("(rlow) check 2 3 off", partner(Gear.all(), Set.of()), Rung.LIVE);
        assertThat(script.cannot()).hasSize(2);
        assertThat(script.cannot().getFirst()).contains("Jonas does not feed the rear low kick");
        assertThat(script.cannot().getLast()).contains("reads").contains("live");
    }

    @Test
    void theCuesOfAReadAreToldWithTheirOdds() {
        Read read = Lines.read("{ (1): catch+2 | (2): parry 2 | (none): 1 2 } off");
        assertThat(Script.choices(read.line(), Odds.parse("3:2:1")))
                .containsExactly("Choose: (1) 3 of 6 · (2) 2 of 6 · nothing 1 of 6");
        assertThat(Script.choices(Lines.read("1 2").line(), Odds.even())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // A southpaw's lead leg is the right one; an orthodox rear low kick meets its inside in open pairing (F13).
        "1 2 3 rlow off, RIGHT_LEG, right leg, rear body kick",
        "3 lteep off, BODY, body, lead push kick"
    })
    @DisplayName("a sore spot moves the target, and the mended line says so")
    void aSoreSpotMovesTheTarget(String line, SoreSpot sore, String where, String moved) {
        Partner partner =
                partner(EnumSet.of(Gear.MITTS, Gear.BELLY, Gear.GUARDS, Gear.SHIELD, Gear.KICKPADS), Set.of(sore));
        Setting setting = new Setting(ATHLETE, partner.playing(OPPONENT));
        Context context = Context.of(setting).with(partner.holder());
        Review review = Review.of(Lines.read(line), context);
        List<Finding> found = review.findings(Code.PARTNER_LOAD);
        Review well = Review.of(Lines.read(line), Context.of(setting).with(new Holder(partner.gear(), partner.jab())));
        assertThat(well.findings(Code.PARTNER_LOAD)).isEmpty();
        if (found.isEmpty()) {
            // Other gear at hand keeps it off: then the plan has a pad that the sore spot does not feel.
            assertThat(review.plan(0).missing()).isEmpty();
            assertThat(review.plan(0)).isNotEqualTo(well.plan(0));
            return;
        }
        assertThat(found.getFirst().text()).contains("sore " + where).contains(moved);
        String mended = found.getFirst().mended().orElseThrow();
        assertThat(Review.of(Lines.read(mended), context).findings(Code.PARTNER_LOAD))
                .isEmpty();
    }

    @Test
    void aSoreHandHoldsNothing() {
        Partner partner = partner(EnumSet.of(Gear.MITTS), Set.of(SoreSpot.LEFT_HAND));
        Setting setting = new Setting(ATHLETE, partner.playing(OPPONENT));
        PadPlan plan = Holding.plan(
                Play.of(Lines.read("1 2 1 2").line(), setting).ways().getFirst(), setting, partner.holder(), 60);
        assertThat(plan.pads()).isNotEmpty().allMatch(p -> p.hand() == Hand.LEAD);
    }
}
