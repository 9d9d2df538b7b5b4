package onebeat.desktop.app;

import onebeat.core.camp.Camp;
import onebeat.desktop.text.Texts;

/// Who stands across tonight, in words.
public final class PartnerWords {

    private PartnerWords() {}

    /// Tonight's partner and how they stand, or that there is none.
    public static String tonight(Camp camp) {
        String opponent = camp.card().opponent().name();
        return camp.partner()
                .map(p -> p.turnsFor(camp.card().opponent())
                        ? Texts.of(
                                "door.plays",
                                p.name(),
                                Texts.of("stance." + camp.across().stance()))
                        : Texts.of("door.partner", p.name()))
                .orElse(Texts.of("door.opponent", opponent));
    }
}
