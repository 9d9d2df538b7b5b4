package onebeat.core.opening;

import java.util.Arrays;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Stance;
import onebeat.core.play.Angle;
import onebeat.core.play.Pace;
import org.jspecify.annotations.Nullable;

/// The partner at one moment: what the postures taken cover, which places a strike of theirs has left open, and what
/// was thrown at them. One set of formulas, for the simulation of a played way and for the search that looks ahead.
final class OpponentState {

    /// The numbers that the state changes by.
    ///
    /// @param pace how much time a beat gives
    /// @param guard the vector of the guard
    @SuppressWarnings("ArrayRecordComponent") // read-only within the package, on the path of every search
    record Rules(
            PartnerModel model,
            Stance stance,
            Pace pace,
            double keepPerBeat,
            double oneKind,
            double oneKindFrom,
            double drilled,
            AngleNumbers angles,
            double angleOpens,
            double angleCloses,
            double walksInto,
            double[] guard) {

        static Rules of(PartnerModel model, Stance stance, Pace pace, boolean withOdds) {
            return new Rules(
                    model,
                    stance,
                    pace,
                    PartnerModel.clamp(model.number("keep_per_beat")),
                    model.number("one_kind"),
                    model.number("one_kind_from"),
                    model.number("drilled"),
                    AngleNumbers.of(model),
                    PartnerModel.clamp(model.number("angle_opens")),
                    PartnerModel.clamp(model.number("angle_closes")),
                    model.number("walks_into"),
                    PostureVector.only(model, Posture.GUARD, withOdds));
        }

        /// A share that is left after some beats, with so much left after each.
        static double after(double keep, double beats) {
            return beats == 1 ? keep : StrictMath.pow(keep, beats);
        }
    }

    /// What was thrown last: hands or legs.
    private enum Thrown {
        NOTHING,
        HAND,
        LEG
    }

    private final Rules rules;
    private final double[] vector;
    private double[] home;
    private boolean held;
    private final double[] away = new double[PostureVector.ZONES];
    private final double[] awayKeep = new double[PostureVector.ZONES];
    private boolean anyAway;
    private Thrown thrown = Thrown.NOTHING;
    private int inARow;
    private double legKicks;

    OpponentState(Rules rules) {
        this.rules = rules;
        this.home = rules.guard;
        this.vector = rules.guard.clone();
    }

    void set(OpponentState other) {
        System.arraycopy(other.vector, 0, vector, 0, vector.length);
        home = other.home;
        held = other.held;
        anyAway = other.anyAway;
        if (anyAway) {
            System.arraycopy(other.away, 0, away, 0, away.length);
            System.arraycopy(other.awayKeep, 0, awayKeep, 0, away.length);
        } else {
            Arrays.fill(away, 0);
        }
        thrown = other.thrown;
        inARow = other.inARow;
        legKicks = other.legKicks;
    }

    /// Time passes: back to the guard, unless the line says to hold, and limbs come home.
    void pass(double beats) {
        if (beats <= 0) {
            return;
        }
        if (!held) {
            double keep = Rules.after(rules.keepPerBeat, beats);
            for (int i = 0; i < vector.length; i++) {
                vector[i] = keep * vector[i] + (1 - keep) * home[i];
            }
        }
        if (anyAway) {
            comeHome(beats);
        }
    }

    private void comeHome(double beats) {
        double keep = 1;
        double left = 1;
        for (int i = 0; i < away.length; i++) {
            if (away[i] != 0) {
                // What one strike left open comes home alike, so most zones share the power that is costly.
                if (awayKeep[i] != keep) {
                    keep = awayKeep[i];
                    left = Rules.after(keep, beats);
                }
                away[i] *= left;
            }
        }
    }

    /// How open a strike finds its zone.
    ///
    /// @param angle how the athlete stands when it lands (J17)
    double opening(SeenAction strike, Angle angle) {
        Zone zone = strike.zone();
        if (zone == null) {
            return 0;
        }
        double covered = covered(strike, PartnerModel.index(zone));
        double share = rules.angles.share(angle);
        double left = share > 0
                ? covered * (1 - rules.angleOpens * share)
                : covered - (1 - covered) * rules.angleCloses * share;
        return PartnerModel.clamp(1 - left);
    }

    private double covered(SeenAction strike, int zone) {
        double covered = around(strike, vector[zone]) * (1 - away[zone]);
        boolean sameKind = thrown == (strike.isLeg() ? Thrown.LEG : Thrown.HAND);
        return sameKind && inARow >= rules.oneKindFrom ? covered + (1 - covered) * rules.oneKind : covered;
    }

    /// A strike that goes round the guard meets the less of it the more the hands are raised to the middle.
    private double around(SeenAction strike, double covers) {
        double share = strike.technique().traits().around();
        return share == 0 ? covers : Math.max(0, covers - share * Math.max(0, vector[FRONT] - home[FRONT]));
    }

    private static final int FRONT = PartnerModel.index(Zone.HEAD_FRONT);

    /// The largest opening that a strike can find where its zone is covered at least so far: what is thrown on the way
    /// there only covers it more.
    ///
    /// @param angle how far past the line the athlete can stand then, 0 to 1
    double mostOpen(SeenAction strike, double leastCovered, double angle) {
        Zone zone = strike.zone();
        if (zone == null) {
            return 0;
        }
        int at = PartnerModel.index(zone);
        double share = strike.technique().traits().around();
        double covered = Math.max(0, leastCovered - share * (1 - home[FRONT]));
        return PartnerModel.clamp(1 - covered * (1 - away[at]) * (1 - rules.angleOpens * angle));
    }

    /// How far a zone is covered.
    double covers(Zone zone) {
        return vector[PartnerModel.index(zone)];
    }

    /// How far a zone is covered at guard.
    double coversAtGuard(Zone zone) {
        return home[PartnerModel.index(zone)];
    }

    /// What a strike is worth where it lands, with what was done to the legs before.
    double worth(SeenAction strike) {
        Zone zone = strike.zone();
        if (zone == null) {
            return 0;
        }
        double worth = legKicks == 0
                ? strike.worth()
                : strike.technique().traits().worth() * rules.model.zones().of(zone, rules.stance, legKicks);
        // Who walks into it adds their own weight (J18).
        return worth * (1 + rules.walksInto * vector[PostureVector.COMING]);
    }

    /// How far the partner is coming on, 0 to 1.
    double coming() {
        return vector[PostureVector.COMING];
    }

    /// How free the partner is to answer, 0 to 1.
    double free() {
        return PartnerModel.clamp(1 - vector[PostureVector.BUSY]);
    }

    /// How free the partner would be right after seeing an action.
    double freeAfter(SeenAction action) {
        double[] reacts = action.reacts();
        if (reacts == null) {
            return free();
        }
        double share = action.salience();
        double busy = vector[PostureVector.BUSY] * (1 - share) + reacts[PostureVector.BUSY] * share;
        return PartnerModel.clamp(1 - busy);
    }

    /// The partner sees an action.
    ///
    /// @param belief how far it is believed, 0 to 1
    void see(SeenAction action, double belief) {
        double[] reacts = action.reacts();
        if (reacts != null) {
            held = false;
            mix(reacts, PartnerModel.clamp(action.salience() * belief));
        }
        if (action.zone() != null) {
            Thrown now = action.isLeg() ? Thrown.LEG : Thrown.HAND;
            // What only places the hand is not read as a kind of its own (J19).
            int more = action.act().intent() == Intent.LIGHT ? 0 : 1;
            inARow = now == thrown ? inARow + more : more;
            thrown = now;
            if (ZoneWorth.addsUp(action.level())) {
                legKicks++;
            }
        }
    }

    /// The partner covers against what is expected. The eyes are there: no other place is covered the better for it
    /// (J19).
    ///
    /// @param zone where it is expected; null where it is no strike
    void expect(double[] reacts, double share, @Nullable Zone zone) {
        double part = PartnerModel.clamp(share);
        for (int i = 0; i < vector.length; i++) {
            double mixed = vector[i] * (1 - part) + reacts[i] * part;
            boolean elsewhere = i < PostureVector.ZONES && zone != null && i != PartnerModel.index(zone);
            vector[i] = elsewhere ? Math.min(vector[i], mixed) : mixed;
        }
    }

    /// The line tells the partner what to do, or how to stand all along.
    void told(Posture posture, double[] covers) {
        if (posture.isCarriage()) {
            home = covers;
            System.arraycopy(covers, 0, vector, 0, vector.length);
            return;
        }
        mix(posture == Posture.GUARD ? home : covers, rules.drilled);
        held = posture.holds();
    }

    /// The partner strikes, and leaves something open.
    void struck(LeftOpen.Left left) {
        held = false;
        double keep = LeftOpen.Left.after(rules.pace.ms(1), left.ms());
        for (int i = 0; i < away.length; i++) {
            if (left.shares()[i] > away[i]) {
                away[i] = left.shares()[i];
                awayKeep[i] = keep;
            }
        }
        anyAway = true;
    }

    /// What was landed on the legs before counts, as the round goes on.
    void addLegKicks(double more) {
        legKicks += more;
    }

    double[] vector() {
        return vector.clone();
    }

    private void mix(double[] to, double share) {
        for (int i = 0; i < vector.length; i++) {
            vector[i] = vector[i] * (1 - share) + to[i] * share;
        }
    }

    /// Whether two states are alike but for the last digits.
    boolean isLike(OpponentState other, double within) {
        for (int i = 0; i < PostureVector.PLAIN; i++) {
            if (Math.abs(vector[i] - other.vector[i]) > within) {
                return false;
            }
        }
        for (int i = 0; i < away.length; i++) {
            if (Math.abs(away[i] - other.away[i]) > within) {
                return false;
            }
        }
        return thrown == other.thrown && inARow == other.inARow && legKicks == other.legKicks;
    }
}
