package onebeat.core.holding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.core.Lines;
import onebeat.core.exchange.Level;
import onebeat.core.play.Limb;
import onebeat.core.play.PlayedWay;
import onebeat.core.review.Limits;
import onebeat.core.review.Limits.Excess;
import onebeat.core.review.Limits.In;
import onebeat.core.review.Limits.Of;
import onebeat.core.review.School;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Scheme;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class ContactTest {

    private static Contact of(String line) {
        PlayedWay way = Lines.play(line, Lines.SAME).ways().getFirst();
        return Contact.of(way, Holding.plan(way, Lines.SAME, Holder.usual(), 60));
    }

    @Test
    void touchesAreToldByLimbAndTarget() {
        Contact contact = of("(1 2) catch parry 2 3 rlow rmid");
        assertThat(contact.pads()).isEqualTo(3);
        assertThat(contact.partner()).containsOnlyKeys(Level.BODY);
        assertThat(contact.athlete()).containsEntry(Level.HEAD, 2);
        assertThat(contact.byLimb())
                .containsEntry(Limb.REAR_ARM, 1)
                .containsEntry(Limb.LEAD_ARM, 1)
                .containsEntry(Limb.REAR_LEG, 2);
    }

    @Test
    void accountsAddUp() {
        Contact one = of("(1) catch+2 rmid");
        assertThat(one.plus(one)).isEqualTo(one.times(2));
        assertThat(one.plus(Contact.NONE)).isEqualTo(one);
        assertThat(one.times(30).onHeads()).isEqualTo(30);
    }

    @Test
    @DisplayName("where the other one works, what they hit are the athlete's pads, and who is fed changes places")
    void anAccountIsTurned() {
        Contact worked = of("(1 2) catch parry 2 3 rlow rmid");
        Contact turned = worked.turned();
        assertThat(turned.pads()).isZero();
        assertThat(turned.held()).isEqualTo(worked.pads());
        assertThat(turned.athlete()).isEqualTo(worked.partner());
        assertThat(turned.partner()).isEqualTo(worked.athlete());
        assertThat(turned.onHeads()).isEqualTo(worked.onHeads());
        assertThat(turned.turned()).isEqualTo(worked);
    }

    @Test
    void aRoundCountsWhatItsRepetitionsDraw() {
        String line = "{ (1): catch+2 | (none): 1 2 3 } off";
        Part part = Part.of(
                new RoundPlan("r", "s", 0, "d", 60, 4),
                "n",
                Lines.read(line).line(),
                new Part.With(Lines.SAME, Holder.usual(), Odds.even(), 180));
        Schedule schedule = Schedule.of(Scheme.usual(), List.of(part));
        int repetitions = schedule.rounds().getFirst().repetitions();
        int feeds = 0;
        for (int r = 0; r < repetitions; r++) {
            feeds += part.turn(r).choices().equals("(1)") ? 1 : 0;
        }
        assertThat(feeds).isBetween(1, repetitions - 1);
        assertThat(schedule.contact().athlete()).containsEntry(Level.HEAD, feeds);
        assertThat(schedule.contact().pads()).isEqualTo(feeds + 3 * (repetitions - feeds));
    }

    @Test
    void theCoachsLimitsArePassedOrNot() {
        Limits limits = School.parse("boxing head/round=10 partner/session=0").limits();
        Contact contact = of("(1) catch+2").times(11);
        assertThat(limits.passedBy(contact, In.ROUND))
                .containsExactly(new Excess(new Limits.Limit(Of.HEAD, In.ROUND), 11, 10));
        assertThat(limits.passedBy(contact, In.SESSION)).isEmpty();
        assertThat(limits.passedBy(contact, In.WEEK)).isEmpty();
        assertThat(limits.words()).containsExactly("head/round=10", "partner/session=0");
    }
}
