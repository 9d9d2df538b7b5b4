package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import onebeat.formats.film.Subtitles;
import onebeat.formats.film.Subtitles.Cue;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class SubtitlesTest {

    private static final List<Cue> CUES = List.of(
            new Cue(3661.5, 3663, "Noor <leans> & waits"),
            new Cue(-1, 4, "Jab\n\n\nthen low --> high"),
            new Cue(2, 4.0004, "Cross"));

    @Test
    @DisplayName("WebVTT (W3C 2019, section 4.1): header, hours and milliseconds, escaped text, no arrow in a cue")
    void vttIsAsTheStandardSays() {
        assertThat(Subtitles.vtt(CUES)).isEqualTo("""
                WEBVTT

                00:00:00.000 --> 00:00:01.960
                Jab
                then low → high

                00:00:02.000 --> 00:00:04.000
                Cross

                01:01:01.500 --> 01:01:03.000
                Noor &lt;leans&gt; &amp; waits

                """);
    }

    @Test
    @DisplayName("SRT (common practice): numbered, comma before milliseconds, lines end with CR LF")
    void srtIsNumbered() {
        assertThat(Subtitles.srt(CUES)).isEqualTo("""
                1
                00:00:00,000 --> 00:00:01,960
                Jab
                then low → high

                2
                00:00:02,000 --> 00:00:04,000
                Cross

                3
                01:01:01,500 --> 01:01:03,000
                Noor <leans> & waits

                """.replace("\n", "\r\n"));
    }
}
