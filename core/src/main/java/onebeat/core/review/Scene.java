package onebeat.core.review;

import java.util.List;
import onebeat.core.exchange.Pairing;
import onebeat.core.notation.Read;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// What a rule looks at: one played way of a line, with the text it was written as.
record Scene(Read read, Setting setting, PlayedWay way) {

    Pairing pairing() {
        return setting.pairing();
    }

    /// The athlete's strikes that are meant to land.
    List<Step> strikes() {
        return way.strikesOf(Who.ATHLETE).toList();
    }

    Surgery surgery() {
        return new Surgery(read);
    }
}
