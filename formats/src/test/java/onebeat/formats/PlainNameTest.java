package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class PlainNameTest {

    @Test
    void noTwoNamesAreAlikeAndNoneIsEmpty() {
        assertThat(PlainName.each(List.of("Low kick", "low-kick", "...", "", "Low kick!"), "card"))
                .containsExactly("Low-kick", "low-kick-2", "card", "card-2", "Low-kick-3");
    }

    @Test
    void aLongNameFitsAnySystemAndNoLetterIsCutInTwo() {
        String name = PlainName.of("\uD835\uDD38".repeat(200));
        assertThat(name.codePointCount(0, name.length())).isEqualTo(60);
        assertThat(name).doesNotContain("?").matches("[\\p{L}]+");
    }
}
