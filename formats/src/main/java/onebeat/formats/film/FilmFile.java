package onebeat.formats.film;

import java.io.IOException;
import java.io.InputStream;
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
        String name = (file.getFileName() == null ? file : file.getFileName()).toString();
        try {
            if (Files.exists(file) && !Files.isRegularFile(file)) {
                return new NoLog(name + " is no file.");
            }
            if (Files.exists(file) && Files.size(file) > MOST_BYTES) {
                return tooLarge(name);
            }
            return read(name, Files.readAllBytes(file), vocabulary, goesOn);
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

    /// Reads what comes through a pipe.
    ///
    /// @param name of it in sentences
    public static Reading read(InputStream in, String name, Vocabulary vocabulary) {
        try {
            byte[] bytes = in.readNBytes((int) MOST_BYTES + 1);
            return bytes.length > MOST_BYTES ? tooLarge(name) : read(name, bytes, vocabulary, _ -> true);
        } catch (IOException e) {
            return new NoLog("Cannot read " + name + ": " + IoWords.of(e) + ".");
        } catch (OutOfMemoryError _) {
            return tooLarge(name);
        }
    }

    private static Reading read(String name, byte[] bytes, Vocabulary vocabulary, LongPredicate goesOn) {
        return text(bytes)
                .map(text -> read(name, text, vocabulary, goesOn))
                .orElseGet(() -> new NoLog(name + " is not UTF-8 text. Save it as UTF-8 and open it again."));
    }

    /// A film log of a hundred thousand exchanges has some ten million.
    private static final long MOST_BYTES = 500_000_000;

    private static NoLog tooLarge(String name) {
        return new NoLog(name + " is too large to read at once. Cut it into parts.");
    }

    private static Reading read(String name, String text, Vocabulary vocabulary, LongPredicate goesOn) {
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
