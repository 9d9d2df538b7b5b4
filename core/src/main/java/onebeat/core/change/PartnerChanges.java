package onebeat.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.holding.Partner;

/// Who is tonight's partner, and who the camp's partners are.
public final class PartnerChanges {

    private PartnerChanges() {}

    /// The next one of the camp's partners is tonight's; after the last one lines are held against the opponent again.
    ///
    /// @return empty where the camp has no partners
    public static Optional<Edit> next(Camp camp) {
        List<String> ids =
                new ArrayList<>(camp.partners().all().stream().map(Partner::id).toList());
        if (ids.isEmpty()) {
            return Optional.empty();
        }
        ids.addFirst("");
        return Optional.of(tonight(camp, ids.get((ids.indexOf(camp.card().partner()) + 1) % ids.size())));
    }

    /// This one is tonight's partner; nobody where the id is empty.
    public static Edit tonight(Camp camp, String id) {
        Card before = camp.card();
        return new Edit.OfCard(before, before.withPartner(id));
    }

    /// A partner is written down, changed or removed. Who is kept is tonight's; who is removed is not any more, and
    /// removing somebody else sends nobody away.
    public static Edit kept(Camp camp, Optional<Partner> before, Optional<Partner> after) {
        String now = camp.card().partner();
        boolean leaves = before.map(Partner::id).filter(now::equals).isPresent();
        String stays = leaves ? "" : now;
        return Edit.together(
                new Edit.Change<>(Place.PARTNERS, before, after),
                tonight(camp, after.map(Partner::id).orElse(stays)));
    }
}
