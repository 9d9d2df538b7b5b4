package onebeat.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FilmSearchTest {

    @TempDir
    private Path folder;

    private static FilmSearch.Wanted wanted(String id, String film) {
        return new FilmSearch.Wanted(id, film, FilmPrint.of(TestFilms.path(film)));
    }

    @Test
    void aFilmIsFoundUnderAnotherNameAndItsNamesakeIsNot() throws IOException {
        Path deep = Files.createDirectories(folder.resolve("camera").resolve("day 2"));
        Path renamed = Files.copy(TestFilms.path("h264-24.mp4"), deep.resolve("IMG_0001.MP4"));
        Files.copy(TestFilms.path("h264-25.mp4"), folder.resolve("h264-24.mp4"));
        assertThat(FilmSearch.find(folder, List.of(wanted("r1", "h264-24.mp4")), ReadProgress.NONE))
                .containsOnly(Map.entry("r1", renamed));
        assertThat(FilmSearch.find(folder, List.of(wanted("r1", "hevc-30.mov")), ReadProgress.NONE))
                .isEmpty();
    }

    @Test
    void aFilmThatWasNeverOpenedIsFoundByItsName() throws IOException {
        Path there = Files.copy(TestFilms.path("h264-25.mp4"), folder.resolve("hall.mp4"));
        assertThat(FilmSearch.find(
                        folder, List.of(new FilmSearch.Wanted("r2", "hall.mp4", Optional.empty())), ReadProgress.NONE))
                .containsOnly(Map.entry("r2", there));
    }

    @Test
    void aSearchCanBeStoppedAndAFolderThatIsNoneIsEmpty() throws IOException {
        Files.copy(TestFilms.path("h264-25.mp4"), folder.resolve("hall.mp4"));
        assertThat(FilmSearch.find(folder, List.of(wanted("r1", "h264-25.mp4")), _ -> false))
                .isEmpty();
        assertThat(FilmSearch.find(folder.resolve("gone"), List.of(wanted("r1", "h264-25.mp4")), ReadProgress.NONE))
                .isEmpty();
    }

    @Test
    void aPrintIsReadBackAndTellsAChangedFilm() throws IOException {
        FilmPrint print = FilmPrint.of(TestFilms.path("hour.mp4")).orElseThrow();
        assertThat(FilmPrint.read(print.text())).contains(print);
        assertThat(FilmPrint.read("")).isEmpty();
        assertThat(FilmPrint.read("12 xyz")).isEmpty();
        assertThat(FilmPrint.of(folder)).isEmpty();
        byte[] bytes = Files.readAllBytes(TestFilms.path("hour.mp4"));
        bytes[bytes.length - 10] ^= 1;
        Path changed = Files.write(folder.resolve("changed.mp4"), bytes);
        assertThat(FilmPrint.of(changed)).isPresent().isNotEqualTo(Optional.of(print));
    }

    /// Who may read it is for the system's mask to say, as with any other file.
    @Test
    void aFilmThatGoesAlongIsAsReadableAsOtherFiles() throws IOException {
        Path plain = Files.createFile(folder.resolve("plain"));
        Path along = folder.resolve("along");
        FilmCopies.copy(List.of(TestFilms.path("h264-24.mp4")), along, ReadProgress.NONE);
        assertThat(Files.getPosixFilePermissions(along.resolve("h264-24.mp4")))
                .isEqualTo(Files.getPosixFilePermissions(plain));
    }

    @Test
    void filmsGoAlongWholeAndOnlyOnce() throws IOException {
        List<Path> films = List.of(TestFilms.path("h264-24.mp4"), TestFilms.path("hevc-30.mov"));
        Path along = folder.resolve("film");
        FilmCopies.Result first = FilmCopies.copy(films, along, ReadProgress.NONE);
        assertThat(first)
                .isEqualTo(new FilmCopies.Copied(List.of(along.resolve("h264-24.mp4"), along.resolve("hevc-30.mov"))));
        assertThat(FilmPrint.of(along.resolve("hevc-30.mov"))).isEqualTo(FilmPrint.of(films.get(1)));
        assertThat(FilmCopies.copy(films, along, ReadProgress.NONE))
                .as("what is there is not copied again")
                .isEqualTo(first);
        Path other = Files.write(
                Files.createDirectories(folder.resolve("other")).resolve("h264-24.mp4"), new byte[] {1, 2, 3});
        assertThat(FilmCopies.copy(List.of(other), along, ReadProgress.NONE))
                .isEqualTo(new FilmCopies.Copied(List.of(along.resolve("h264-24-2.mp4"))));
        assertThat(FilmCopies.copy(List.of(TestFilms.path("uhd.mp4")), along, _ -> false))
                .isInstanceOf(FilmCopies.NotCopied.class);
        try (var left = Files.list(along)) {
            assertThat(left).hasSize(3);
        }
    }
}
