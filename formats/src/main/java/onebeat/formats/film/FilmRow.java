package onebeat.formats.film;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.exchange.Band;
import onebeat.core.exchange.Stance;
import onebeat.core.film.Exchange;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
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

    /// @throws Rejection where a column cannot be read
    Exchange exchange(String id) throws Rejection {
        return new Exchange(
                id,
                named("reel"),
                number("time_s", 0, Reel.MOST_SECONDS),
                (int) number("round", 1, Exchange.MOST_ROUND),
                one(Who.class, "starter"),
                one(Stance.class, "athlete_stance"),
                one(Stance.class, "partner_stance"),
                text("range").isEmpty() ? Optional.empty() : Optional.of(one(Band.class, "range")),
                line(),
                outcome(),
                text("note"));
    }

    private String text(String column) throws Rejection {
        String text = cell.apply(column).orElseThrow(() -> new Rejection(column, "the column is missing"));
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

    private double number(String column, double least, double most) throws Rejection {
        String text = text(column);
        try {
            double value = Double.parseDouble(text);
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
