package onebeat.core.exchange;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/// Which defences coaches answer a strike with, the one that fits it best first (`first_answers.csv`, F25).
public final class FirstAnswers {

    private record Row(Target strike, Optional<Side> side, List<String> words) {}

    private static final List<Row> ROWS = Table.rows(FirstAnswers.class, "first_answers.csv").stream()
            .map(row -> new Row(
                    Target.parse(row.get("strike")),
                    row.get("side").equals("*")
                            ? Optional.empty()
                            : Optional.of(Side.valueOf(row.get("side").toUpperCase(Locale.ROOT))),
                    Arrays.asList(row.get("answers").split(" ", -1))))
            .toList();

    private record Strike(String code, Level level, Side side, Pairing pairing) {}

    /// In the table: a roll toward the side from which the strike comes (F11).
    private static final String ROLL = "roll";

    /// The answers to every strike of the catalogue: every review asks for some.
    private static final Map<Strike, List<String>> KNOWN = new HashMap<>();

    static {
        for (Technique strike : Catalogue.standard().all()) {
            for (Level level : Level.values()) {
                for (Side side : Side.values()) {
                    for (Pairing pairing : Pairing.values()) {
                        KNOWN.put(new Strike(strike.code(), level, side, pairing), anew(strike, level, side, pairing));
                    }
                }
            }
        }
    }

    private FirstAnswers() {}

    /// The codes of the defences that meet a strike, the best first.
    ///
    /// @param side the striking side
    public static List<String> to(Technique strike, Level level, Side side, Pairing pairing) {
        return KNOWN.getOrDefault(new Strike(strike.code(), level, side, pairing), List.of());
    }

    private static List<String> anew(Technique strike, Level level, Side side, Pairing pairing) {
        String roll = strike.arrival().at(side, pairing) == Side.LEAD ? "roll-lead" : "roll-rear";
        return ROWS.stream()
                .filter(r -> r.strike.fits(strike, level))
                .filter(r -> r.side.isEmpty() || r.side.get() == side)
                .flatMap(r -> r.words.stream())
                .map(code -> code.equals(ROLL) ? roll : code)
                .filter(code -> Catalogue.standard().get(code).meets(strike, level))
                .distinct()
                .toList();
    }

    /// How well a defence fits a strike: 0 for the best, then one more for each that fits better; empty where it is
    /// none of the usual ones. A defence with its side written counts as the same without it.
    public static Optional<Integer> rank(Technique defence, Technique strike, Level level, Side side, Pairing pairing) {
        List<String> answers = to(strike, level, side, pairing);
        int rank = answers.indexOf(defence.code());
        if (rank < 0) {
            rank = Catalogue.standard()
                    .unsided(defence)
                    .map(Technique::code)
                    .map(answers::indexOf)
                    .orElse(-1);
        }
        return rank < 0 ? Optional.empty() : Optional.of(rank);
    }
}
