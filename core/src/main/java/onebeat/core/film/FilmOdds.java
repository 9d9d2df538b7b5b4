package onebeat.core.film;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import onebeat.core.holding.Choices;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Pause;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;

/// The odds of a line's reads as film gives them: after the athlete's action that stands before a read, how
/// often the opponent answered with each cue; for a read that begins the line, how often the opponent began an
/// exchange with it.
public final class FilmOdds {

    private FilmOdds() {}

    /// The odds; even for a read of which film says nothing.
    public static Odds of(Line line, Collection<Exchange> exchanges, Vocabulary vocabulary) {
        List<Sighting> theirs = Sightings.of(exchanges, Who.PARTNER, vocabulary);
        List<Sighting> first = Sightings.of(exchanges, Who.ATHLETE, vocabulary).stream()
                .filter(s -> s.beat() == 0 && s.exchange().starter() == Who.PARTNER)
                .toList();
        Odds odds = Odds.even();
        for (Choices.OfRead read : Choices.reads(line)) {
            Optional<String> before = before(line, read);
            List<Integer> counts = new ArrayList<>();
            for (var branch : read.reads().branches()) {
                String cue = branch.cue().items().isEmpty()
                        ? ""
                        : switch (branch.cue().items().getFirst()) {
                            case Act act -> Notation.print(act);
                            case Pause _ -> "";
                        };
                counts.add((int)
                        (before.isPresent()
                                ? theirs.stream()
                                        .filter(s -> s.stimulus().equals(before.get())
                                                && s.response().equals(cue))
                                        .count()
                                : first.stream()
                                        .filter(s -> s.stimulus().equals(cue))
                                        .count()));
            }
            if (counts.stream().anyMatch(n -> n > 0)) {
                for (int i = 0; i < counts.size(); i++) {
                    odds = odds.with(read.number(), read.options(), i, counts.get(i));
                }
            }
        }
        return odds;
    }

    /// The athlete's last action before a read, in its own row of the line.
    private static Optional<String> before(Line line, Choices.OfRead read) {
        Optional<String> last = Optional.empty();
        for (Item item : line.items()) {
            if (item.equals(read.reads())) {
                return last;
            }
            if (item instanceof Half half && half.units().getLast().calls().getLast() instanceof Act act) {
                last = Optional.of(Notation.print(act.normal()));
            }
        }
        return last;
    }
}
