package onebeat.desktop.welcome;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.camp.Camp;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.desktop.DemoSituation;
import onebeat.desktop.app.StationName;
import onebeat.desktop.text.Texts;
import onebeat.desktop.welcome.WalkStep.Scene;
import org.junit.jupiter.api.Test;

/// When a step of the walk is done.
class WalkStepTest {

    private static Scene scene(StationName station, Camp camp, String line) {
        return new Scene(station, camp, line);
    }

    @Test
    void aStepIsDoneByDoingIt() {
        Camp camp = DemoSituation.camp();
        Camp fewer = Edit.remove(
                        Place.EXCHANGES, camp.exchanges().all().iterator().next())
                .applyTo(camp);
        assertThat(WalkStep.LOG.isDone(scene(StationName.FILM, fewer, ""), scene(StationName.FILM, camp, "")))
                .isTrue();
        assertThat(WalkStep.LOG.isDone(scene(StationName.FILM, camp, ""), scene(StationName.FILM, camp, "1 2")))
                .as("typing alone logs nothing")
                .isFalse();
        assertThat(WalkStep.MEND.isDone(scene(StationName.BENCH, camp, "1"), scene(StationName.BENCH, camp, "1 off")))
                .isTrue();
        assertThat(WalkStep.PLAN.isDone(scene(StationName.ROUNDS, camp, ""), scene(StationName.FLOOR, camp, "")))
                .isTrue();
    }

    @Test
    void everyStepHasItsWordsAndItsPlace() {
        for (WalkStep step : WalkStep.values()) {
            assertThat(Texts.of(step.key(), 1, 7)).startsWith("Step 1 of 7. ");
            assertThat(step.station()).isNotNull();
        }
    }
}
