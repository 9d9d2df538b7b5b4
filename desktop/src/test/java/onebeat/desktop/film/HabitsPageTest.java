package onebeat.desktop.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Sighting;
import onebeat.core.film.Sightings;
import onebeat.core.play.Who;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.Driver;
import onebeat.desktop.text.Texts;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/// Of a long film the sentences on a habit come later than its count, and are the same then as of a short one.
class HabitsPageTest {

    private static final int LONG = 1_600;

    private final CountDownLatch counted = new CountDownLatch(1);
    private HabitsPage page;

    @BeforeEach
    void toolkit() throws InterruptedException {
        Driver.startToolkit();
        page = Driver.onFx(() -> new HabitsPage(counted::countDown, UnaryOperator.identity()));
    }

    /// The demo's film over and over.
    private static Camp longFilm() {
        Camp camp = DemoSituation.camp();
        List<Exchange> studied = camp.studied();
        List<Edit> edits = new ArrayList<>();
        for (int i = 0; i < LONG; i++) {
            Exchange one = studied.get(i % studied.size());
            edits.add(Edit.add(Place.EXCHANGES, named("long" + i, one)));
        }
        return new Edit.Together(edits).applyTo(camp);
    }

    private static Exchange named(String id, Exchange like) {
        return new Exchange(
                id,
                like.reelId(),
                like.timeS(),
                like.round(),
                like.starter(),
                like.athleteStance(),
                like.partnerStance(),
                like.range(),
                like.line(),
                like.outcome(),
                like.note(),
                like.contactS());
    }

    /// On the interface's thread.
    private List<String> sentences() {
        return ((VBox) page.getChildren().getLast())
                .getChildren().stream().map(HabitsPageTest::words).toList();
    }

    private static String words(Node line) {
        StringBuilder all = new StringBuilder();
        ((TextFlow) line).getChildren().forEach(text -> all.append(((Text) text).getText()));
        return all.toString();
    }

    @Test
    void ofALongFilmTheCountComesFirstAndTheSentencesOfTheOneAtHandFollow() throws InterruptedException {
        Camp camp = longFilm();
        List<Sighting> own = Sightings.of(camp.studied(), Who.PARTNER, camp.vocabulary());
        List<Sighting> others = Sightings.of(camp.studiedOfOthers(), Who.PARTNER, camp.vocabulary());
        FollowUps.After first = FollowUps.of(own).getFirst();
        List<String> expected = HabitDetails.of(
                        own, others, first.stimulus(), first.responses().get(1).response())
                .told();

        Driver.onFx(() -> {
            page.show(camp);
            return page;
        });
        assertThat(counted.await(60, TimeUnit.SECONDS)).isTrue();
        List<String> atOnce = Driver.onFx(() -> {
            page.step(1);
            return sentences();
        });
        assertThat(atOnce).hasSize(3).element(1).isEqualTo(Texts.of("film.details.counting"));

        List<String> then = afterwards();
        assertThat(then.getFirst()).isEqualTo(atOnce.getFirst());
        assertThat(then.subList(1, then.size() - 1)).isEqualTo(expected);
    }

    /// What stands there once all was looked through.
    private List<String> afterwards() throws InterruptedException {
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(60);
        List<String> now = Driver.onFx(this::sentences);
        while (now.contains(Texts.of("film.details.counting")) && System.nanoTime() < until) {
            Thread.sleep(20);
            now = Driver.onFx(this::sentences);
        }
        return now;
    }
}
