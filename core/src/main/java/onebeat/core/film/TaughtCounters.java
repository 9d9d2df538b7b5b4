package onebeat.core.film;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import onebeat.core.exchange.FirstAnswers;
import onebeat.core.exchange.Pairing;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.Table;
import onebeat.core.exchange.Target;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// The counters that every athlete is taught against a strike (`taught.csv`, F25), as lines against a feed.
///
/// Of several fed strikes all but the last are met by their usual defence, and the last is countered.
final class TaughtCounters {

    /// @param with what the partner does besides the strike, or alone; empty where the strike is all
    private record Row(Target feed, String side, String pairing, String with, List<String> counters) {

        boolean fits(Optional<Step> feed, List<String> others, Pairing now) {
            return (with.isEmpty() ? feed.isPresent() : others.contains(with))
                    && feed.map(this::fits).orElse(true)
                    && (pairing.equals(ANY) || Pairing.valueOf(pairing.toUpperCase(Locale.ROOT)) == now);
        }

        private boolean fits(Step strike) {
            return feed.fits(strike.placed().technique(), strike.placed().act().level())
                    && (side.equals(ANY)
                            || Side.valueOf(side.toUpperCase(Locale.ROOT))
                                    == strike.placed().side().orElse(Side.LEAD));
        }
    }

    private static final String ANY = "*";

    private static final List<Row> ROWS = Table.rows(TaughtCounters.class, "taught.csv").stream()
            .map(row -> new Row(
                    Target.parse(row.get("feed")),
                    row.get("side"),
                    row.get("pairing"),
                    row.get("with"),
                    Arrays.asList(row.get("counters").split("\\|"))))
            .toList();

    private TaughtCounters() {}

    /// The lines that are taught against a feed and made of what the athlete has.
    static List<String> lines(Finder.Query query) {
        Context context = query.context();
        if (!(Notation.read(query.feed()) instanceof Read read)) {
            return List.of();
        }
        List<Step> theirs = Play.of(read.line(), context.setting())
                .ways()
                .getFirst()
                .of(Who.PARTNER)
                .toList();
        List<Step> feeds =
                theirs.stream().filter(s -> s.placed().act().isStrike()).toList();
        List<String> others = theirs.stream()
                .filter(s -> !s.placed().act().isStrike())
                .map(s -> s.placed().technique().code())
                .toList();
        List<String> befores = List.of("");
        for (Step feed : feeds.isEmpty() ? feeds : feeds.subList(0, feeds.size() - 1)) {
            List<String> longer = new ArrayList<>();
            for (String before : befores) {
                usual(feed, context, query.repertoire()).forEach(d -> longer.add(before + d + " "));
            }
            befores = longer;
        }
        Optional<Step> last = feeds.stream().reduce((_, later) -> later);
        Optional<Row> row = ROWS.stream()
                .filter(one -> one.fits(last, others, context.setting().pairing()))
                .findFirst();
        List<String> lines = new ArrayList<>();
        for (String before : befores) {
            row.map(Row::counters).orElse(List.of()).stream()
                    .filter(counter -> has(query.repertoire(), counter))
                    .map(counter -> query.feed() + " " + before + counter)
                    .filter(line -> actions(line.substring(query.feed().length())) <= query.depth())
                    .forEach(lines::add);
        }
        return lines;
    }

    private static List<String> usual(Step feed, Context context, Repertoire has) {
        return FirstAnswers.to(
                        feed.placed().technique(),
                        feed.placed().act().level(),
                        feed.placed().side().orElse(Side.LEAD),
                        context.setting().pairing())
                .stream()
                .filter(defence -> has(has, defence))
                .limit(1)
                .toList();
    }

    private static int actions(String words) {
        return (int) Arrays.stream(words.split("[ +]"))
                .filter(word -> !word.isEmpty())
                .count();
    }

    private static boolean has(Repertoire repertoire, String counter) {
        return Arrays.stream(counter.split("[ +]"))
                .allMatch(word -> weapon(repertoire, word).isPresent());
    }

    private static Optional<Weapon> weapon(Repertoire repertoire, String word) {
        return repertoire.weapons().stream()
                .filter(weapon -> Notation.print(weapon.act()).equals(word))
                .findFirst();
    }
}
