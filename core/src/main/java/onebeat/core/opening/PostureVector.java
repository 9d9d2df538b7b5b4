package onebeat.core.opening;

/// Odds over postures as what is reckoned with: how far they cover each zone, how busy they are, and, where reasons
/// are asked for, the odds themselves. All of it changes linearly, so a blend of two vectors is the vector of the
/// blend.
final class PostureVector {

    static final int ZONES = Zone.values().length;

    /// The place of how busy somebody is, 0 to 1.
    static final int BUSY = ZONES;

    /// The place of how far somebody is coming on, 0 to 1.
    static final int COMING = ZONES + 1;

    /// The length without the odds.
    static final int PLAIN = ZONES + 2;

    private static final int POSTURES = Posture.values().length;

    /// The length with the odds.
    static final int WITH_ODDS = PLAIN + POSTURES;

    private PostureVector() {}

    /// The vector of odds.
    static double[] of(PartnerModel model, double[] odds, boolean withOdds) {
        double[] vector = new double[withOdds ? WITH_ODDS : PLAIN];
        for (int i = 0; i < POSTURES; i++) {
            if (odds[i] != 0) {
                for (int zone = 0; zone < ZONES; zone++) {
                    vector[zone] += odds[i] * model.coverage(i, zone);
                }
                vector[BUSY] += odds[i] * model.busy(i);
                vector[COMING] += odds[i] * model.coming(i);
            }
        }
        if (withOdds) {
            System.arraycopy(odds, 0, vector, PLAIN, POSTURES);
        }
        return vector;
    }

    /// The vector of a posture taken for sure.
    static double[] only(PartnerModel model, Posture posture, boolean withOdds) {
        double[] odds = new double[POSTURES];
        odds[PartnerModel.index(posture)] = 1;
        return of(model, odds, withOdds);
    }

    /// The odds of a posture in a vector that has them.
    static double odds(double[] vector, Posture posture) {
        return vector[PLAIN + PartnerModel.index(posture)];
    }
}
