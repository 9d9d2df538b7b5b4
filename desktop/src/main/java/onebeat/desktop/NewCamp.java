package onebeat.desktop;

import java.nio.file.Path;
import java.time.LocalDate;
import onebeat.core.camp.Card;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;
import onebeat.store.Opening;

/// Makes a new camp with nothing in it but its card.
final class NewCamp {

    /// A camp is eight weeks long until the coach says otherwise.
    private static final int WEEKS = 8;

    private NewCamp() {}

    static Opening create(Path path, LocalDate today) {
        Card card = new Card(
                Texts.of("new.name"),
                Fighter.usual(Texts.of("new.athlete"), Stance.ORTHODOX),
                Fighter.usual(Texts.of("new.opponent"), Stance.ORTHODOX),
                today,
                today.plusWeeks(WEEKS));
        return CampFile.create(path, card, filling -> {});
    }
}
