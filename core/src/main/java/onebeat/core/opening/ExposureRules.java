package onebeat.core.opening;

import java.util.List;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Ranges;
import onebeat.core.exchange.Technique;
import onebeat.core.play.Angle;
import onebeat.core.play.Pace;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;

/// What an action exposes, as formulas over numbers: how open the athlete is, how free the partner is to answer,
/// whether the answer reaches and from which side it would have to come. A played way and the search that looks ahead
/// both reckon with it.
record ExposureRules(
        PartnerModel model,
        Pace pace,
        double standing,
        double turned,
        double low,
        double leftOpen,
        double takenHand,
        double lateHand,
        double latestMs,
        double endShare,
        double headMoves,
        double headBack,
        double stepAway,
        double ownMidCm,
        double ownLongCm,
        double hisLongCm,
        double hisKickCm,
        double outOfHand,
        double outOfKick,
        double hisEnd,
        Angles angles) {

    /// The numbers of an angle off the partner's line.
    record Angles(AngleNumbers numbers, double lead, double power) {

        /// What an angle takes away or adds.
        double factor(Angle angle) {
            double share = numbers.share(angle);
            return share > 0 ? 1 - lead * share : 1 - power * share;
        }
    }

    static ExposureRules of(PartnerModel model, Setting setting) {
        Ranges own = setting.ranges(Who.ATHLETE);
        Ranges theirs = setting.ranges(Who.PARTNER);
        double longer = theirs.longerByCm(own);
        return new ExposureRules(
                model,
                setting.pace(),
                model.number("standing"),
                model.number("turned"),
                model.number("low"),
                model.number("left_open"),
                model.number("taken_hand"),
                model.number("late_hand"),
                model.number("latest_ms"),
                PartnerModel.clamp(model.number("end_share")),
                model.number("head_moves"),
                PartnerModel.clamp(model.number("head_back")),
                PartnerModel.clamp(model.number("step_away")),
                own.farCm(Band.MID),
                own.farCm(Band.LONG),
                theirs.farCm(Band.LONG),
                theirs.farCm(Band.KICK),
                PartnerModel.clamp(model.number("out_of_hand")),
                PartnerModel.clamp(model.number("out_of_kick")),
                model.number("his_end") * Math.clamp(longer / model.number("his_end_cm"), 0, 1),
                new Angles(AngleNumbers.of(model), model.number("off_lead"), model.number("off_power")));
    }

    /// What the athlete's last strike still leaves open.
    ///
    /// @param left how much, right at its contact
    /// @param ms its time constant
    /// @param keeps how far the arm that threw it keeps the hand on its side busy when a hold follows: wholly
    ///     where it came round (F16)
    record Last(double left, double ms, double keeps) {

        static final Last NONE = new Last(0, 1, 0);
    }

    Last last(SeenAction action) {
        LeftOpen.Left left = action.left();
        return left == null
                ? Last.NONE
                : new Last(
                        action.leftScale() * left(left),
                        left.ms(),
                        action.technique().isRoundArm() ? 1 : 0);
    }

    /// How open what a strike leaves makes the athlete.
    double left(LeftOpen.Left left) {
        return leftOpen * model.zones().mean(left.shares());
    }

    /// What is still open of the last strike so many beats later.
    double still(Last last, double beats) {
        return last.left() == 0 ? 0 : last.left() * LeftOpen.Left.after(pace.ms(beats), last.ms());
    }

    /// What it exposes to do an action, before what follows it.
    ///
    /// @param still what the strike before it still leaves
    /// @param covers what everything on its beat covers
    /// @param turn the body's turn after it
    /// @param height the body's height after it
    /// @param free how free the partner is right after it, a hand that is taken or late reckoned in
    /// @param place what the place takes or adds
    double at(SeenAction action, double still, double covers, double turn, double height, double free, double place) {
        LeftOpen.Left own = action.left();
        double out = own == null ? 0 : action.leftScale() * left(own);
        double open = standing + out + still + turned * Math.abs(turn) - covers - low * Math.max(0, -height);
        return PartnerModel.clamp(open) * free * place;
    }

    /// How free the partner is with a hand that the hold behind a round strike keeps, and one that is late.
    double free(double free, SeenAction action, Last before, double late) {
        double taken = action.technique().kind() == Kind.CLINCH ? takenHand * before.keeps() : 0;
        return free * (1 - taken) * (1 - late);
    }

    /// How much of the answer a defence that makes the next hand late takes.
    double late(Technique defence) {
        return PartnerModel.clamp(model.delayMs(defence) / latestMs) * lateHand;
    }

    /// What it exposes to stand there a beat after the last action.
    ///
    /// @param still what the last strike still leaves then
    double end(double still, Leaving leaving, double free, double place) {
        return PartnerModel.clamp(standing + still - leaving.headMoved) * leaving.left * free * place;
    }

    /// How somebody leaves at the end.
    ///
    /// @param headMoved what a head that has moved takes away
    /// @param left what feet that leave leave of the rest
    record Leaving(double headMoved, double left) {}

    /// By what is done on the last beat; a head that moved on the beat before is on its way back.
    ///
    /// @param headMoved what a head that moves on the last beat takes away
    /// @param away whether the feet leave on the last beat
    /// @param before what a head that moved on the beat before took away
    Leaving leaving(double headMoved, boolean away, double before) {
        return new Leaving(Math.max(headMoved, headBack * before), away ? 1 - stepAway : 1);
    }

    /// Whether the feet leave.
    static boolean isAway(List<Technique> done) {
        return done.stream().anyMatch(t -> t.traits().move().isAway());
    }

    /// What a head that moves takes away.
    double headMoved(List<Technique> done) {
        return done.stream().anyMatch(t -> t.traits().move().isOfHead()) ? headMoves : 0;
    }

    /// What a place takes from an exposure or adds to it: whether the partner reaches, and from which angle it would
    /// have to be. At the end of a longer reach it costs more (F9).
    ///
    /// @param gapCm the gap
    double place(double gapCm, Angle angle) {
        double reaches = gapCm <= hisLongCm ? 1 : gapCm <= hisKickCm ? outOfHand : outOfKick;
        if (hisEnd > 0 && gapCm > ownMidCm && gapCm <= hisLongCm) {
            reaches += hisEnd * Math.min(1, (gapCm - ownMidCm) / Math.max(1, ownLongCm - ownMidCm));
        }
        return reaches * angles.factor(angle);
    }

    /// Of all that is exposed along a way and the beat after it: the mean of the one and the other.
    double whole(double sum, int count, double end) {
        double along = count == 0 ? end : sum / count;
        return PartnerModel.clamp((1 - endShare) * along + endShare * end);
    }
}
