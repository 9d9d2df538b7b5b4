package onebeat.desktop.nodes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import javafx.collections.FXCollections;
import javafx.collections.ListChangeListener.Change;
import javafx.collections.ObservableList;
import org.junit.jupiter.api.Test;

class ListChangeTest {

    /// What left the list or came into it on the way.
    private static List<Integer> touched(List<Integer> from, List<Integer> wanted) {
        ObservableList<Integer> list = FXCollections.observableArrayList(from);
        List<Integer> touched = new ArrayList<>();
        list.addListener((Change<? extends Integer> change) -> {
            while (change.next()) {
                touched.addAll(change.getRemoved());
                touched.addAll(change.getAddedSubList());
            }
        });
        ListChange.make(list, wanted);
        assertThat(list).isEqualTo(wanted);
        return touched;
    }

    @Test
    void whatIsTheSameIsNotTouched() {
        assertThat(touched(List.of(1, 2, 3), List.of(1, 2, 3))).isEmpty();
    }

    @Test
    void onlyWhatComesAndGoesIsTouched() {
        assertThat(touched(List.of(1, 2, 3, 4, 5), List.of(2, 6, 3, 5, 7))).containsExactlyInAnyOrder(1, 4, 6, 7);
    }

    @Test
    void ofWhatChangesPlacesTheFewerMove() {
        assertThat(touched(List.of(1, 2, 3, 4, 5), List.of(5, 1, 2, 3, 4))).containsExactly(5, 5);
        assertThat(touched(List.of(2, 3, 4, 1), List.of(1, 2, 3, 4))).containsExactly(1, 1);
    }

    @Test
    void anEmptyListIsFilledAndAFullOneEmptied() {
        assertThat(touched(List.of(), List.of(1, 2))).containsExactly(1, 2);
        assertThat(touched(List.of(1, 2), List.of())).containsExactly(1, 2);
    }

    @Test
    void anyListBecomesAnyOther() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            List<Integer> from = some(random);
            List<Integer> wanted = some(random);
            Set<Integer> both = new HashSet<>(from);
            both.retainAll(wanted);
            int least = from.size() + wanted.size() - 2 * both.size();
            assertThat(touched(from, wanted)).hasSizeBetween(least, least + 2 * Math.max(0, both.size() - 1));
        }
    }

    private static List<Integer> some(Random random) {
        List<Integer> all = new ArrayList<>(IntStream.range(0, 12).boxed().toList());
        Collections.shuffle(all, random);
        return all.subList(0, random.nextInt(all.size()));
    }
}
