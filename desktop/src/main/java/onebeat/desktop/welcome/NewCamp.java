package onebeat.desktop.welcome;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import onebeat.core.camp.Card;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.desktop.text.Texts;
import onebeat.formats.PlainName;
import onebeat.store.CampFile;
import onebeat.store.Opening;

/// Makes a new camp with nothing in it but its card.
public final class NewCamp {

    /// A camp is eight weeks long until the coach says otherwise.
    private static final int WEEKS = 8;

    private NewCamp() {}

    /// What the card of a new camp starts with.
    public static Card card(LocalDate today) {
        return new Card(
                Texts.of("new.name"),
                Fighter.usual(Texts.of("new.athlete"), Stance.ORTHODOX),
                Fighter.usual(Texts.of("new.opponent"), Stance.ORTHODOX),
                today,
                today.plusWeeks(WEEKS));
    }

    /// Makes the file.
    public static Opening create(Path path, Card card) {
        return CampFile.create(path, card, filling -> {});
    }

    /// The folder in which camps are kept unless the coach says otherwise.
    public static Path folder() {
        return Path.of(System.getProperty("onebeat.camps", System.getProperty("user.home")), "One Beat");
    }

    /// Where a camp of this name is kept unless the coach says otherwise: in a folder of the program's name in the home
    /// folder, under a name that no file there has.
    public static Path place(String name) {
        Path folder = folder();
        String plain = PlainName.each(List.of(name), Texts.of("new.name")).getFirst();
        Path path = folder.resolve(plain + CampFile.ENDING);
        for (int i = 2; Files.exists(path); i++) {
            path = folder.resolve(plain + " " + i + CampFile.ENDING);
        }
        return path;
    }
}
