package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.URISyntaxException;
import java.nio.file.Path;
import java.util.Objects;

/// The small films of `scripts/make-test-films.sh`, whose frames carry their numbers.
final class TestFilms {

    private static final int SQUARE = 20;
    private static final int ROW = 48;
    private static final int COLUMNS = 8;
    private static final int BITS = 16;
    private static final int LIGHT = 128;

    private TestFilms() {}

    static Path path(String name) {
        try {
            URI found = Objects.requireNonNull(TestFilms.class.getResource(name), name)
                    .toURI();
            return Path.of(found);
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    static FilmFile film(String name) {
        return film(path(name));
    }

    static FilmFile film(Path path) {
        FilmOpening opening = FilmFile.open(path);
        assertThat(opening).as(opening.toString()).isInstanceOf(FilmOpening.Opened.class);
        return ((FilmOpening.Opened) opening).file();
    }

    /// The number that a picture of 160 by 96 pixels carries.
    static int number(FilmPicture picture) {
        assertThat(picture.width()).isEqualTo(2 * COLUMNS * SQUARE / 2);
        int number = 0;
        for (int bit = 0; bit < BITS; bit++) {
            int x = bit % COLUMNS * SQUARE + SQUARE / 2;
            int y = bit / COLUMNS * ROW + ROW / 2;
            int green = picture.argb().get(y * picture.width() + x) >> 8 & 0xff;
            if (green > LIGHT) {
                number |= 1 << bit;
            }
        }
        return number;
    }

    static int number(FrameReader reader, int frame) {
        return number(reader.picture(frame, 1000, 1000).orElseThrow());
    }
}
