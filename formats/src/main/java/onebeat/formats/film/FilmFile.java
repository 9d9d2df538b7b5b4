package onebeat.formats.film;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import java.util.function.LongPredicate;
import onebeat.core.notation.Vocabulary;
import onebeat.formats.film.FilmCsv.Film;
import onebeat.formats.out.IoWords;

/// A film log in a file, CSV or JSON, in UTF-8 or in UTF-16 with its mark.
public final class FilmFile {

    private FilmFile() {}

    /// What reading gave.
    public sealed interface Reading {}

    /// The file is a film log; some of its rows may be rejected.
    public record Log(Film film) implements Reading {}

    /// The file is none.
    ///
    /// @param sentence what is wrong and what to do
    public record NoLog(String sentence) implements Reading {}

    /// Reads a file.
    ///
    /// @param goesOn told the number of rows read so far; where it answers no, reading ends there
    public static Reading read(Path file, Vocabulary vocabulary, LongPredicate goesOn) {
        Path name = file.getFileName() == null ? file : file.getFileName();
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                return new NoLog(name + " is no file.");
            }
            if (Files.exists(file) && Files.size(file) > MOST_BYTES) {
                return tooLarge(name);
            }
            Optional<String> text = text(Files.readAllBytes(file));
            if (text.isEmpty()) {
                return new NoLog(name + " is not UTF-8 text. Save it as UTF-8 and open it again.");
            }
            return read(name, text.get(), vocabulary, goesOn);
        } catch (NoSuchFileException _) {
            return new NoLog("There is no file " + file + ".");
        } catch (IOException e) {
            return new NoLog("Cannot read " + name + ": " + IoWords.of(e) + ".");
        } catch (UncheckedIOException e) {
            return new NoLog("Cannot read " + name + ": " + IoWords.of(Objects.requireNonNull(e.getCause())) + ".");
        } catch (OutOfMemoryError _) {
            return tooLarge(name);
        }
    }

    /// A film log of a hundred thousand exchanges has some ten million.
    private static final long MOST_BYTES = 500_000_000;

    private static NoLog tooLarge(Path name) {
        return new NoLog(name + " is too large to read at once. Cut it into parts.");
    }

    private static Reading read(Path name, String text, Vocabulary vocabulary, LongPredicate goesOn) {
        if (text.stripLeading().startsWith("{")) {
            return FilmJson.read(text, vocabulary, goesOn)
                    .<Reading>map(Log::new)
                    .orElseGet(() -> new NoLog(
                            name + " is JSON, but not a film log: that is an object with a list \"exchanges\"."));
        }
        String header = text.lines().findFirst().orElse("");
        if (!header.contains("line") || !header.contains("time_s")) {
            return new NoLog(name + " is no film log. Its first line has to be " + String.join(",", FilmCsv.COLUMNS)
                    + " (see docs/film.md).");
        }
        return new Log(FilmCsv.read(new StringReader(text), vocabulary, goesOn));
    }

    /// The text of these bytes, without its mark; empty where they are text in neither encoding.
    private static Optional<String> text(byte[] bytes) {
        if (begins(bytes, 0xFE, 0xFF) || begins(bytes, 0xFF, 0xFE)) {
            return withoutMark(decoded(bytes, StandardCharsets.UTF_16));
        }
        return withoutMark(decoded(bytes, StandardCharsets.UTF_8));
    }

    private static Optional<String> withoutMark(Optional<String> text) {
        return text.map(t -> t.startsWith("\uFEFF") ? t.substring(1) : t);
    }

    private static boolean begins(byte[] bytes, int first, int second) {
        return bytes.length > 1 && (bytes[0] & 0xFF) == first && (bytes[1] & 0xFF) == second;
    }

    private static Optional<String> decoded(byte[] bytes, Charset charset) {
        try {
            return Optional.of(charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException _) {
            return Optional.empty();
        }
    }
}
