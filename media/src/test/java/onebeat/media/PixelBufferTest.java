package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;

class PixelBufferTest {

    @Test
    void aPictureOfAnyWidthComesBackAsItWasPut() {
        for (int width : new int[] {1, 2, 31, 32, 33, 170, 478, 8192}) {
            int[] picture = new int[width * 3];
            for (int i = 0; i < picture.length; i++) {
                picture[i] = i * 0x01010101;
            }
            try (PixelBuffer buffer = new PixelBuffer(width, 3)) {
                buffer.put(picture);
                assertThat(buffer.pixels()).as("width %d", width).isEqualTo(picture);
            }
        }
    }

    /// The scaler writes whole vectors: bytes behind the memory that it was given stay as they were, at every size.
    @Test
    void theScalerWritesNothingBesideItsMemoryAtTwoHundredSizes() throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "--enable-native-access=ALL-UNNAMED",
                        "-cp",
                        System.getProperty("java.class.path"),
                        ScalerGuards.class.getName(),
                        "200")
                .redirectErrorStream(true)
                .start();
        String told = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(process.waitFor(2, TimeUnit.MINUTES)).isTrue();
        assertThat(process.exitValue()).as(told).isZero();
        assertThat(told).containsPattern("\\Asizes 200\\R\\z");
    }
}
