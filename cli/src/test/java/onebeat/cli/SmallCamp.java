package onebeat.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Set;
import onebeat.core.camp.Card;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.JabSchool;
import onebeat.core.holding.Partner;
import onebeat.core.timing.Rung;
import onebeat.store.CampFile;
import onebeat.store.Opening;

/// A camp of three weeks with two lines, of which one stands in the other, and one partner.
final class SmallCamp {

    /// Its first day, a Monday.
    static final LocalDate FIRST = LocalDate.of(2026, 10, 12);

    private SmallCamp() {}

    /// Writes the camp into a folder.
    static Path in(Path folder) {
        Path file = folder.resolve("camp.onebeat");
        Card card = new Card(
                "Saltlight",
                new Fighter("Ilka", Stance.ORTHODOX, 168, 170),
                new Fighter("Noor", Stance.SOUTHPAW, 177, 182),
                FIRST,
                FIRST.plusDays(21));
        Partner partner = new Partner(
                "p",
                new Fighter("Sunniva", Stance.ORTHODOX, 170, 172),
                true,
                Set.copyOf(Gear.all()),
                JabSchool.STRAIGHT,
                Set.of(),
                Set.of(Family.HAND, Family.LEG),
                Rung.LIVE);
        try (CampFile made = ((Opening.Opened) CampFile.create(file, card, filling -> {
                    filling.add(Edit.add(Place.PARTNERS, partner));
                    filling.add(
                            Edit.add(Place.DRILLS, new Drill("a", "Three hands", "1 2 3 circle-lead", 60, FIRST, "")));
                    filling.add(Edit.add(Place.DRILLS, new Drill("b", "Two hands", "1 2", 60, FIRST, "")));
                }))
                .file()) {
            assertThat(made.camp().drills().size()).isEqualTo(2);
        }
        return file;
    }
}
