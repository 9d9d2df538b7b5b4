package onebeat.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class LatestAnswerTest {

    private final List<String> worked = new ArrayList<>();
    private final LatestAnswer<String, Integer> lengths = new LatestAnswer<>(question -> {
        worked.add(question);
        return question.length();
    });

    @Test
    void theSameQuestionIsWorkedOutOnce() {
        assertThat(List.of(lengths.to("jab"), lengths.to("jab"), lengths.to("jab")))
                .containsOnly(3);
        assertThat(worked).containsExactly("jab");
    }

    @Test
    void anotherQuestionIsWorkedOutAnewAndSoIsTheOneBefore() {
        assertThat(List.of(lengths.to("jab"), lengths.to("cross"), lengths.to("jab")))
                .containsExactly(3, 5, 3);
        assertThat(worked).containsExactly("jab", "cross", "jab");
    }
}
