package onebeat.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

class ProgramLogTest {

    @Test
    void theLogIsThereOnceThereIsSomethingToWriteAndHasItAll() throws IOException {
        Files.deleteIfExists(ProgramLog.file());
        ProgramLog.begin();
        assertThat(ProgramLog.file()).doesNotExist();
        ProgramLog.note("100 % of the rope {0} is told");
        ProgramLog.wrong("at the bell", new IllegalStateException("the hammer is gone"));
        assertThat(Files.readString(ProgramLog.file()))
                .contains("100 % of the rope {0} is told")
                .contains("at the bell")
                .contains("the hammer is gone")
                .contains("ProgramLogTest");
    }
}
