package onebeat.desktop.app;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Shelf;
import onebeat.core.film.Exchange;
import onebeat.core.film.Learned;
import onebeat.core.film.Sightings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Who;
import onebeat.store.CampFile;
import org.jspecify.annotations.Nullable;

/// What film says of how the opponent reacts, and whether openings follow it. Of a long film it is worked out beside
/// the interface; until then what was known before is followed.
public final class FilmReactions implements AutoCloseable {

    /// From more exchanges than these it is learned beside the interface.
    private static final int LEARNED_AT_ONCE = 1_500;

    private static final String BY_FILM = "by film";

    private final Supplier<CampFile> file;
    private final BackgroundQuestion learner;
    private Learned learned = Learned.of(PartnerModel.usual(), List.of());
    private @Nullable Shelf<Exchange> learnedFrom;

    /// @param file the camp's, which may be another after it was written anew
    /// @param failed told in a sentence where it could not be worked out
    FilmReactions(Supplier<CampFile> file, Consumer<String> failed) {
        this.file = file;
        this.learner = new BackgroundQuestion("reactions", failed);
    }

    /// What is known from a camp's film.
    Learned learned(Camp now) {
        if (learnedFrom == null || !now.exchanges().equals(learnedFrom)) {
            learnedFrom = now.exchanges();
            if (now.exchanges().size() <= LEARNED_AT_ONCE) {
                learned = of(now);
            } else {
                learner.ask(_ -> of(now), known -> learned = known);
            }
        }
        return learned;
    }

    private static Learned of(Camp camp) {
        return Learned.of(PartnerModel.usual(), Sightings.of(camp.studied(), Who.PARTNER, camp.vocabulary()));
    }

    /// Whether openings follow the opponent's film or the usual reactions.
    public boolean isByFilm() {
        return !file.get().draft(BY_FILM).equals("no");
    }

    void switchFilm() {
        file.get().keepDraft(BY_FILM, isByFilm() ? "no" : "yes");
    }

    PartnerModel model(Camp now) {
        return isByFilm() ? learned(now).model() : PartnerModel.usual();
    }

    @Override
    public void close() {
        learner.close();
    }
}
