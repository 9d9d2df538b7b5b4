package onebeat.core.review;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.Lines;
import onebeat.core.notation.Act;
import onebeat.core.notation.Read;
import onebeat.core.play.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineEditorTest {

    private static Step step(String line, int index) {
        return Lines.step(line, index);
    }

    private static LineEditor on(String line) {
        Read read = Lines.read(line);
        return new LineEditor(read);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "1 2 3 > 1 > 1 X 2 3",
                "1 in+2 3 > 2 > 1 X in+2 3",
                "[1 2]*1 3 > 1 > [1 X 2]*1 3",
                "{ (1): catch 2 } 3 > 2 > { (1): catch X 2 } 3",
                "1/2 3 > 1 > X 1/2 3"
            })
    void before(String line, int index, String expected) {
        assertThat(on(line).before(step(line, index), "X")).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '>',
            value = {
                "1 2 3 > 1 > 1 2 X 3",
                "(1 2) catch 3 > 0 > (1 2) X catch 3",
                "{ (1): catch 2 } 3 > 0 > { (1): X catch 2 } 3",
                "[1]*1 2 > 0 > [1 X]*1 2"
            })
    void after(String line, int index, String expected) {
        assertThat(on(line).after(step(line, index), "X")).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource({"1+3,1,1 3", "1/sw-mid,1,1 sw-mid", "in+sw-low+2,1,in sw-low 2", "1 2,1,1 2"})
    void alone(String line, int index, String expected) {
        assertThat(on(line).alone(step(line, index))).isEqualTo(expected);
    }

    @Test
    void replacedAndAppended() {
        assertThat(on("1 2 3").replace(step("1 2 3", 1), "4")).isEqualTo("1 4 3");
        assertThat(on("1 2  ").append("off")).isEqualTo("1 2 off");
        assertThat(on("(1 2) 3").joined(step("(1 2) 3", 0), "+block")).isEqualTo("(1 2)+block 3");
    }

    @ParameterizedTest
    @CsvSource({"1,2", "2,1", "3,4", "4b!,3b!", "5,6", "rlow,llow", "lhigh',rhigh'", "elbow,relbow", "~2,~1"})
    void theOtherSide(String name, String other) {
        Act act = Lines.step(name, 0).placed().act();
        assertThat(LineEditor.otherSide(act)).contains(other);
    }
}
