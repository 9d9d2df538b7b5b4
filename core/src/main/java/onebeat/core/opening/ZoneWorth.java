package onebeat.core.opening;

import java.util.Locale;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Stance;

/// What it is worth to land in a zone (`zones.csv`): the front of the head is 1, the liver and the chin from below
/// count for more, and what is done to a leg adds up.
public final class ZoneWorth {

    private final double[] worth = new double[Zone.values().length];
    private final double[] addsUp = new double[Zone.values().length];
    private final double liver;
    private final double most;
    private final double sum;

    ZoneWorth(NumberTable table, double most) {
        for (Zone zone : Zone.values()) {
            String row = zone.name().toLowerCase(Locale.ROOT);
            worth[PartnerModel.index(zone)] = table.at(new NumberTable.Cell(row, "worth"));
            addsUp[PartnerModel.index(zone)] = table.at(new NumberTable.Cell(row, "adds_up"));
        }
        this.liver = table.at(new NumberTable.Cell("liver", "worth"));
        this.most = most;
        double all = 0;
        for (double one : worth) {
            all += one;
        }
        this.sum = all;
    }

    /// What a strike there is worth.
    ///
    /// @param theirs the stance of the one who is struck, which says where the liver lies
    /// @param legKicks how many strikes have landed on the legs before
    public double of(Zone zone, Stance theirs, double legKicks) {
        int at = PartnerModel.index(zone);
        double one = zone.isLiver(theirs) ? liver : worth[at];
        return one * (1 + addsUp[at] * Math.min(legKicks, most));
    }

    /// The most that a strike there can be worth.
    double mostOf(Zone zone, Stance theirs) {
        return of(zone, theirs, most);
    }

    /// Whether a strike at this level adds up.
    static boolean addsUp(Level level) {
        return level == Level.LEG || level == Level.CALF;
    }

    /// The mean worth of what a body leaves open, 0 to 1.
    double mean(double[] shares) {
        double open = 0;
        for (int i = 0; i < shares.length; i++) {
            open += shares[i] * worth[i];
        }
        return open / sum;
    }
}
