package onebeat.store;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/// What a column of a camp file may hold. A camp may have been through other hands: nothing that is read from it is
/// believed before it was looked at.
interface Limit {

    /// What is wrong with a value, in words; empty where nothing is.
    ///
    /// @param value as the database has it: a text, a number, bytes or nothing
    Optional<String> wrong(@Nullable Object value);

    /// A text may be empty.
    int MOST_CHARACTERS = 20_000;

    int FIRST_YEAR = 1900;
    int LAST_YEAR = 2200;

    /// Text in which nothing would end a path or a sentence too early.
    static Limit words() {
        return value -> {
            if (!(value instanceof String text)) {
                return Optional.of("no text");
            }
            if (text.length() > MOST_CHARACTERS) {
                return Optional.of(text.length() + " characters, at most " + MOST_CHARACTERS);
            }
            if (text.indexOf('\0') >= 0) {
                return Optional.of("text with a zero byte");
            }
            return text.chars().anyMatch(Limit::turnsWriting)
                    ? Optional.of("text with a hidden mark that turns the direction of writing")
                    : Optional.empty();
        };
    }

    /// Marks that embed or override the direction of writing (Unicode Standard Annex 9, 2.1 and 2.2) show a text as
    /// another than it is, and the toolkit cannot lay out every text with one. Writing from the right needs none.
    private static boolean turnsWriting(int letter) {
        return letter >= 0x202A && letter <= 0x202E;
    }

    /// Text that is there.
    static Limit name() {
        Limit words = words();
        return value -> words.wrong(value)
                .or(() -> value instanceof String text && text.isBlank() ? Optional.of("empty") : Optional.empty());
    }

    static Limit number(double least, double most) {
        return value -> {
            if (!(value instanceof Number number)) {
                return Optional.of("no number");
            }
            double is = number.doubleValue();
            return is >= least && is <= most
                    ? Optional.empty()
                    : Optional.of(String.format(Locale.ROOT, "%s, wanted %s to %s", number, plain(least), plain(most)));
        };
    }

    /// A number without a fraction.
    static Limit whole(long least, long most) {
        Limit number = number((double) least, (double) most);
        return value -> value instanceof Double ? Optional.of(value + ", no whole number") : number.wrong(value);
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }

    static Limit day() {
        return value -> {
            if (!(value instanceof String text)) {
                return Optional.of("no day");
            }
            try {
                int year = LocalDate.parse(text).getYear();
                return year >= FIRST_YEAR && year <= LAST_YEAR
                        ? Optional.empty()
                        : Optional.of(text + ", wanted " + FIRST_YEAR + " to " + LAST_YEAR);
            } catch (DateTimeParseException _) {
                return Optional.of(shown(text) + ", no day");
            }
        };
    }

    static <E extends Enum<E>> Limit oneOf(Class<E> type) {
        Set<String> names =
                Arrays.stream(type.getEnumConstants()).map(Enum::name).collect(Collectors.toUnmodifiableSet());
        return value -> value instanceof String text && names.contains(text)
                ? Optional.empty()
                : Optional.of(shown(String.valueOf(value)) + ", none of "
                        + type.getSimpleName().toLowerCase(Locale.ROOT));
    }

    /// Names of one kind, apart by spaces.
    static <E extends Enum<E>> Limit several(Class<E> type) {
        Limit one = oneOf(type);
        return value -> value instanceof String text
                ? Arrays.stream(text.split(" ", -1))
                        .filter(word -> !word.isEmpty())
                        .map(one::wrong)
                        .flatMap(Optional::stream)
                        .findFirst()
                : Optional.of("no text");
    }

    /// Text that can be read by this; what it throws says what is wrong.
    static Limit readBy(Function<String, ?> reader) {
        Limit words = words();
        return value -> words.wrong(value).or(() -> {
            try {
                var _ = reader.apply((String) Objects.requireNonNull(value));
                return Optional.empty();
            } catch (IllegalArgumentException e) {
                return Optional.of(shown(String.valueOf(e.getMessage())));
            }
        });
    }

    /// The same, where nothing may stand too.
    default Limit orNothing() {
        return value -> value == null ? Optional.empty() : wrong(value);
    }

    private static String shown(String text) {
        String plain = text.replaceAll("\\p{Cntrl}", "?");
        return plain.length() > MOST_SHOWN ? plain.substring(0, MOST_SHOWN) + "…" : plain;
    }

    int MOST_SHOWN = 60;
}
