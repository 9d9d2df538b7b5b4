package onebeat.formats.film;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.film.RoundStarts;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;

/// One row of a film file, read column by column until one cannot be.
///
/// @param cell what stands in a column; empty where the column is missing
record FilmRow(Function<String, Optional<String>> cell, Vocabulary vocabulary) {

    /// A call line is never longer, and no other column needs as much.
    private static final int MOST_CHARACTERS = 2_000;

    /// So much of what was read is told in a reason.
    private static final int TOLD = 40;

    /// A log is read without these columns too.
    static final Set<String> MAY_BE_MISSING =
            Set.of("range", "note", "subject", "film", "film_s", "round_s", "round_starts", "contact_s");

    /// How long a round is where the log does not tell, in seconds. A default (F40).
    private static final double ROUND_S = 180;

    /// What the row tells of its reel; empty where it tells nothing. The length is 0 where it is not told.
    ///
    /// @throws Rejection where a column cannot be read
    Optional<Reel> reel() throws Rejection {
        String subject = text("subject");
        String film = text("film");
        double seconds = text("film_s").isEmpty() ? 0 : number("film_s", 0, Reel.MOST_SECONDS);
        double rounds =
                text("round_s").isEmpty() ? ROUND_S : number("round_s", Reel.LEAST_ROUND_SECONDS, Reel.MOST_SECONDS);
        List<Double> starts = roundStarts();
        boolean tells = !subject.isEmpty() || !film.isEmpty() || seconds > 0 || !starts.isEmpty();
        return tells
                ? Optional.of(new Reel(named("reel"), named("reel"), seconds, rounds, subject, film, starts))
                : Optional.empty();
    }

    private List<Double> roundStarts() throws Rejection {
        String text = text("round_starts");
        try {
            return RoundStarts.read(text);
        } catch (IllegalArgumentException _) {
            throw new Rejection("round_starts", "not seconds apart by spaces: " + told(text));
        }
    }

    /// @throws Rejection where a column cannot be read
    Exchange exchange(String id) throws Rejection {
        return new Exchange(
                id,
                named("reel"),
                time("time_s"),
                (int) number("round", 1, Exchange.MOST_ROUND),
                one(Who.class, "starter"),
                one(Stance.class, "athlete_stance"),
                one(Stance.class, "partner_stance"),
                text("range").isEmpty() ? Optional.empty() : Optional.of(one(Band.class, "range")),
                line(),
                outcome(),
                text("note"),
                text("contact_s").isEmpty() ? Optional.empty() : Optional.of(time("contact_s")));
    }

    private String text(String column) throws Rejection {
        Optional<String> found = cell.apply(column);
        if (found.isEmpty() && !MAY_BE_MISSING.contains(column)) {
            throw new Rejection(column, "the column is missing");
        }
        String text = found.orElse("");
        if (text.length() > MOST_CHARACTERS) {
            throw new Rejection(
                    column,
                    String.format(
                            Locale.ROOT,
                            "%,d characters, and at most %,d fit; it begins with %s",
                            text.length(),
                            MOST_CHARACTERS,
                            told(text)));
        }
        return text.strip();
    }

    private String named(String column) throws Rejection {
        String text = text(column);
        if (text.isEmpty()) {
            throw new Rejection(column, "nothing stands here");
        }
        return text;
    }

    /// A time in seconds, or as a clock shows it: minutes and seconds, or hours before them.
    private double time(String column) throws Rejection {
        Matcher clock = CLOCK.matcher(text(column));
        if (!clock.matches()) {
            return number(column, 0, Reel.MOST_SECONDS);
        }
        double hours = clock.group(1) == null ? 0 : Double.parseDouble(clock.group(1));
        double seconds = Double.parseDouble(clock.group(3).replace(',', '.'));
        double whole = hours * 3600 + Double.parseDouble(clock.group(2)) * 60 + seconds;
        if (whole > Reel.MOST_SECONDS) {
            throw new Rejection(column, "later than a day: " + told(text(column)));
        }
        return whole;
    }

    private static final Pattern CLOCK = Pattern.compile("(?:(\\d{1,2}):)?(\\d{1,3}):([0-5]?\\d(?:[.,]\\d{1,6})?)");

    private double number(String column, double least, double most) throws Rejection {
        String text = text(column);
        try {
            // A spreadsheet of many countries writes a comma before the fraction.
            double value = Double.parseDouble(text.replace(',', '.'));
            if (value >= least && value <= most) {
                return value;
            }
        } catch (NumberFormatException _) {
            // Told below, together with numbers that are out of range.
        }
        throw new Rejection(column, "not a number from " + (int) least + " to " + (int) most + ": " + told(text));
    }

    private <E extends Enum<E>> E one(Class<E> type, String column) throws Rejection {
        String text = text(column);
        for (E constant : type.getEnumConstants()) {
            if (constant.name().toLowerCase(Locale.ROOT).equals(text)) {
                return constant;
            }
        }
        String known = Arrays.stream(type.getEnumConstants())
                .map(c -> c.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        throw new Rejection(column, "not a known word: " + told(text) + "; known are " + known);
    }

    private Outcome outcome() throws Rejection {
        return one(Outcome.class, "outcome");
    }

    private String line() throws Rejection {
        return switch (Notation.read(text("line"), vocabulary)) {
            case Read read -> read.canonical();
            case Misread misread -> throw new Rejection("line", misread.sentence());
        };
    }

    private static String told(String text) {
        return text.length() <= TOLD ? text : text.substring(0, TOLD) + "…";
    }

    /// Why a row is rejected; never leaves this package.
    static final class Rejection extends Exception {

        private static final long serialVersionUID = 1L;

        private final String column;

        Rejection(String column, String reason) {
            super(reason, null, false, false);
            this.column = column;
        }

        FilmCsv.Rejected at(long line) {
            return new FilmCsv.Rejected(line, column, String.valueOf(getMessage()));
        }
    }
}
