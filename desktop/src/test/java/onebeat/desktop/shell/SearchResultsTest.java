package onebeat.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import onebeat.core.camp.Camp;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.shell.SearchResults.Leads;
import onebeat.desktop.shell.SearchResults.Result;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// What is found behind `?`.
class SearchResultsTest {

    private Camp camp;

    @BeforeEach
    void demo() {
        camp = DemoSituation.camp();
    }

    private List<Result> found(String words) {
        List<BoundCommand> all = AllCommands.list().stream()
                .map(c -> new BoundCommand(c, () -> true, () -> {}))
                .toList();
        return SearchResults.of(words, all, camp, OwnKeys.NONE);
    }

    @Test
    void commandsAreFoundByTheirWordsWithTheirKey() {
        assertThat(found("ladder up").getFirst())
                .satisfies(r -> assertThat(r.words()).isEqualTo("Ladder up"))
                .satisfies(r -> assertThat(r.aside()).isEqualTo("L"));
        assertThat(found("print"))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.words().toLowerCase(Locale.ROOT)).contains("print"));
    }

    @Test
    void whatIsInTheNameComesBeforeWhatIsInTheSentence() {
        List<String> names = found("partner").stream().map(Result::words).toList();
        assertThat(names.getFirst().toLowerCase(Locale.ROOT)).contains("partner");
    }

    @Test
    void linesPartnersAndTechniquesAreFound() {
        assertThat(found("lazy jab")).extracting(Result::leads).hasAtLeastOneElementOfType(Leads.ToBench.class);
        assertThat(found("jonas")).extracting(Result::leads).hasAtLeastOneElementOfType(Leads.ToPartner.class);
        assertThat(found("rear calf")).anySatisfy(r -> assertThat(r.leads()).isEqualTo(new Leads.ToLine("rcalf")));
    }

    @Test
    void noMoreAreShownThanAreReadAndNothingIsFoundForNonsense() {
        assertThat(found("").size()).isLessThanOrEqualTo(9);
        assertThat(found("zebra crossing")).isEmpty();
    }

    @Test
    void eachCommandIsListedOnce() {
        List<String> names = found("take this line").stream().map(Result::words).toList();
        assertThat(names).contains("Take this line");
        assertThat(names.stream().filter("Take this line"::equals).count()).isLessThanOrEqualTo(2);
    }
}
