package onebeat.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.camp.Camp;
import onebeat.core.change.PartnerChanges;
import onebeat.core.wording.Scheme;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.settings.Settings;
import org.junit.jupiter.api.Test;

/// Who is spoken of, and which words come first.
class LineWordsTest {

    private Camp camp() {
        return DemoSituation.camp();
    }

    @Test
    void onFilmItIsTheOpponentTonightWhoeverIsThere() {
        Camp alone = camp();
        assertThat(words(alone, Settings.USUAL, false).of("(lean)")).isEqualTo("Noor leans back");
        String jonas = alone.partners().all().stream()
                .filter(p -> p.name().startsWith("Jonas"))
                .findFirst()
                .orElseThrow()
                .id();
        Camp tonight = PartnerChanges.tonight(alone, jonas).applyTo(alone);
        assertThat(words(tonight, Settings.USUAL, false).of("(lean)")).isEqualTo("Jonas leans back");
        assertThat(words(tonight, Settings.USUAL, true).of("(lean)")).isEqualTo("Noor leans back");
    }

    private static LineWords words(Camp camp, Settings settings, boolean onFilm) {
        return new LineWords(settings, camp, onFilm);
    }

    @Test
    void whatComesFirstIsTheCoachsChoice() {
        Camp camp = camp();
        assertThat(words(camp, Settings.USUAL, true).first("1b")).isEqualTo("Jab to the body");
        assertThat(words(camp, Settings.USUAL, true).preferred("1b")).isEqualTo("Jab to the body");
        Settings shorthand = Settings.USUAL.withWordsFirst(false);
        assertThat(words(camp, shorthand, true).first("1b")).isEmpty();
        assertThat(words(camp, shorthand, true).preferred("1b")).isEqualTo("1b");
        assertThat(words(camp, shorthand, true).of("1b"))
                .as("where words are needed")
                .isEqualTo("Jab to the body");
    }

    @Test
    void theSchemeHoldsAndWhatCannotBeReadStays() {
        Camp camp = camp();
        assertThat(words(camp, Settings.USUAL.with(Scheme.LEAD_REAR), true).of("3"))
                .isEqualTo("Lead hook");
        assertThat(words(camp, Settings.USUAL.with(Scheme.NUMBERS), true).of("1 2 3"))
                .isEqualTo("1, 2, 3");
        assertThat(words(camp, Settings.USUAL, true).of("1 zap")).isEqualTo("1 zap");
    }
}
