package onebeat.core.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.notation.Choice;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Named;
import onebeat.core.notation.Pause;
import onebeat.core.notation.RangeMark;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Span;
import onebeat.core.notation.Unit;

/// Unrolls sets, reads and own lines: every way through a line as a flat row of items. A drawn set is run
/// by its longest and by its shortest count. The reader's limits keep this small.
final class Unrolling {

    /// An item that takes part in the beats, with the branch it stands on.
    ///
    /// @param inName the own line's name that it comes from, where it does
    record Flat(Item item, String branch, Optional<InName> inName) {}

    /// A name with the place where it stands.
    record InName(OwnName own, Span span) {}

    /// One way.
    record Row(String branch, List<Flat> flats) {

        Row plus(Flat flat) {
            List<Flat> more = new ArrayList<>(flats);
            more.add(flat);
            return new Row(branch, more);
        }

        Row onto(String letter) {
            return new Row(branch.isEmpty() ? letter : branch + "." + letter, flats);
        }
    }

    private final boolean longest;
    private int names;

    private Unrolling(boolean longest) {
        this.longest = longest;
    }

    /// Every way, with each set run as often as may be or as seldom.
    static List<Row> of(Line line, boolean longest) {
        return new Unrolling(longest).line(List.of(new Row("", List.of())), line, Optional.empty());
    }

    /// Whether a line has a set whose count is drawn.
    static boolean draws(Line line) {
        return line.items().stream().anyMatch(item -> switch (item) {
            case Pause _, RangeMark _, Half _ -> false;
            case Repeat set -> set.least() != set.most() || draws(set.line());
            case Named named -> draws(named.line());
            case Reads reads -> reads.branches().stream().anyMatch(b -> draws(b.answer()));
            case Choice choice -> choice.options().stream().anyMatch(Unrolling::draws);
        });
    }

    private List<Row> line(List<Row> rows, Line line, Optional<InName> inName) {
        List<Row> now = rows;
        for (Item item : line.items()) {
            now = item(now, item, inName);
        }
        return now;
    }

    private List<Row> item(List<Row> rows, Item item, Optional<InName> inName) {
        return switch (item) {
            case Pause _, RangeMark _, Half _ ->
                rows.stream()
                        .map(row -> row.plus(new Flat(item, row.branch, inName)))
                        .toList();
            case Repeat set -> {
                List<Row> now = rows;
                int times = longest ? set.most() : set.least();
                for (int i = 0; i < times; i++) {
                    now = line(now, set.line(), inName);
                }
                yield now;
            }
            case Named named ->
                line(
                        rows,
                        named.line(),
                        inName.isPresent()
                                ? inName
                                : Optional.of(new InName(new OwnName(named.name(), names++), named.span())));
            case Choice choice -> {
                List<Row> all = new ArrayList<>();
                for (Row row : rows) {
                    for (int i = 0; i < choice.options().size(); i++) {
                        all.addAll(line(
                                List.of(row.onto(letter(i))), choice.options().get(i), inName));
                    }
                }
                yield all;
            }
            case Reads reads -> {
                List<Row> all = new ArrayList<>();
                for (Row row : rows) {
                    for (int i = 0; i < reads.branches().size(); i++) {
                        Reads.Branch branch = reads.branches().get(i);
                        Span cueSpan = branch.cue().span();
                        Item cue = new Half(List.of(new Unit(List.of(branch.cue()), cueSpan)), cueSpan);
                        List<Row> one = item(List.of(row.onto(letter(i))), cue, inName);
                        all.addAll(line(one, branch.answer(), inName));
                    }
                }
                yield all;
            }
        };
    }

    /// The branch's letter: a to z, then aa and on.
    private static String letter(int i) {
        String last = Character.toString('a' + i % 26);
        return i < 26 ? last : letter(i / 26 - 1) + last;
    }
}
