package onebeat.desktop.rope;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.desktop.rope.LabelPlaces.Box;
import org.junit.jupiter.api.Test;

class LabelPlacesTest {

    private final LabelPlaces places = new LabelPlaces(100, 50);

    @Test
    void aPlaceIsTakenOnce() {
        assertThat(places.take(new Box(10, 10, 20, 10))).contains(new Box(10, 10, 20, 10));
        assertThat(places.take(new Box(29, 19, 20, 10)))
                .as("a corner covers it")
                .isEmpty();
        assertThat(places.take(new Box(30, 10, 20, 10))).as("side by side").isPresent();
        assertThat(places.take(new Box(10, 20, 20, 10))).as("under it").isPresent();
    }

    @Test
    void whatWouldLeaveThePictureIsPushedInSideways() {
        assertThat(places.take(new Box(-5, 0, 20, 10))).contains(new Box(0, 0, 20, 10));
        assertThat(places.take(new Box(95, 0, 20, 10))).contains(new Box(80, 0, 20, 10));
        assertThat(places.take(new Box(90, 5, 20, 10)))
                .as("pushed in onto another")
                .isEmpty();
    }

    @Test
    void whatIsTooHighOrTooWideHasNoPlace() {
        assertThat(places.take(new Box(0, -1, 10, 10))).isEmpty();
        assertThat(places.take(new Box(0, 41, 10, 10))).isEmpty();
        assertThat(places.take(new Box(0, 0, 101, 10))).isEmpty();
    }
}
