package onebeat.core.holding;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Named;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Partner;
import onebeat.core.notation.Pause;
import onebeat.core.notation.RangeMark;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Unit;

/// What the feeder chooses in a line: the cue of each read and the count of each drawn set, in the order in
/// which they stand in the line.
public final class Choices {

    /// One thing to choose.
    public sealed interface Choice {

        /// How many things there are to choose from.
        int options();

        /// The words of one of them, from 0.
        String words(int option);

        /// What is said for it, as the names of what is said one after the other: keys of techniques,
        /// `pause`, or `times-3`.
        List<String> said(int option);
    }

    /// The cue of a read.
    ///
    /// @param number which read it is, from 0
    public record OfRead(int number, Reads reads) implements Choice {

        @Override
        public int options() {
            return reads.branches().size();
        }

        @Override
        public String words(int option) {
            return Choices.words(reads.branches().get(option).cue());
        }

        @Override
        public List<String> said(int option) {
            return reads.branches().get(option).cue().items().stream()
                    .map(item -> switch (item) {
                        case Act act -> act.technique().key();
                        case Pause _ -> "pause";
                    })
                    .toList();
        }
    }

    /// The count of a set.
    public record OfSet(Repeat set) implements Choice {

        @Override
        public int options() {
            return set.most() - set.least() + 1;
        }

        @Override
        public String words(int option) {
            return (set.least() + option) + "×";
        }

        @Override
        public List<String> said(int option) {
            return List.of("times-" + (set.least() + option));
        }
    }

    /// The athlete's own choice, drawn for a round.
    public record OfFree(onebeat.core.notation.Choice free) implements Choice {

        @Override
        public int options() {
            return free.options().size();
        }

        @Override
        public String words(int option) {
            return Notation.print(free.options().get(option));
        }

        @Override
        public List<String> said(int option) {
            return free.options().get(option).items().stream()
                    .filter(Half.class::isInstance)
                    .flatMap(item -> ((Half) item).units().stream())
                    .flatMap(unit -> unit.calls().stream())
                    .filter(Act.class::isInstance)
                    .map(call -> ((Act) call).technique().key())
                    .toList();
        }
    }

    private Choices() {}

    /// All choices of a line.
    public static List<Choice> of(Line line) {
        List<Choice> all = new ArrayList<>();
        collect(line, all);
        return all;
    }

    /// The reads among them.
    public static List<OfRead> reads(Line line) {
        return of(line).stream()
                .filter(OfRead.class::isInstance)
                .map(OfRead.class::cast)
                .toList();
    }

    private static void collect(Line line, List<Choice> all) {
        for (Item item : line.items()) {
            switch (item) {
                case Pause _, RangeMark _, Half _ -> {}
                case Named named -> collect(named.line(), all);
                case Repeat set -> {
                    if (set.least() != set.most()) {
                        all.add(new OfSet(set));
                    }
                    collect(set.line(), all);
                }
                case onebeat.core.notation.Choice free -> {
                    all.add(new OfFree(free));
                    free.options().forEach(option -> collect(option, all));
                }
                case Reads reads -> {
                    int number =
                            (int) all.stream().filter(OfRead.class::isInstance).count();
                    all.add(new OfRead(number, reads));
                    reads.branches().forEach(branch -> collect(branch.answer(), all));
                }
            }
        }
    }

    static String words(Partner cue) {
        Half half = new Half(List.of(new Unit(List.of(cue), cue.span())), cue.span());
        return Notation.print(new Line(List.of(half)));
    }
}
