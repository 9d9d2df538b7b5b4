package onebeat.core.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Level;
import onebeat.core.notation.Act;
import onebeat.core.notation.Choice;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Span;
import onebeat.core.play.Step;
import onebeat.core.play.Who;

/// Cuts into the text of a line to make a mend. The result is only text: whoever uses it reads it again, so a cut can
/// never make a line that does not follow the grammar.
record LineEditor(Read read) {

    private String text() {
        return read.text();
    }

    /// The line with these words as an item of their own before the item that the step stands in.
    String before(Step step, String words) {
        int at = itemOf(step.placed().span()).start();
        return text().substring(0, at) + words + " " + text().substring(at);
    }

    /// The line with these words as an item of their own after the item that the step stands in, or, where the step is
    /// a cue, at the start of the answer.
    String after(Step step, String words) {
        return afterItems(step, words, 0);
    }

    /// Like [#after], so many items further on in the same row.
    String afterItems(Step step, String words, int further) {
        Span span = step.placed().span();
        Row row = rowOf(read.line(), span).orElse(new Row(read.line(), -1));
        int index = row.index + further;
        List<Item> items = row.line.items();
        if (index < 0) {
            int start = items.getFirst().span().start();
            return text().substring(0, start) + words + " " + text().substring(start);
        }
        int end = items.get(Math.min(index, items.size() - 1)).span().end();
        return text().substring(0, end) + " " + words + text().substring(end);
    }

    /// The line with words right behind the brackets or action that the step stands in, for example `+block`.
    String joined(Step step, String words) {
        int close = text().indexOf(')', step.placed().span().end() - 1);
        int at = close >= 0 && step.who() == Who.PARTNER
                ? close + 1
                : step.placed().span().end();
        return text().substring(0, at) + words + text().substring(at);
    }

    /// The line with these words as its first item.
    String atStart(String words) {
        return words + " " + text().stripLeading();
    }

    /// The line with these words before the step inside the brackets that it stands in.
    String insideCue(Step step, String words) {
        int at = step.placed().span().start();
        return text().substring(0, at) + words + text().substring(at);
    }

    /// The line with two items that follow one another joined to one beat.
    String joined(Step one, Step two) {
        int from = one.placed().span().end();
        int to = two.placed().span().start();
        return to >= from && text().substring(from, to).isBlank()
                ? text().substring(0, from) + "+" + text().substring(to)
                : text();
    }

    /// The line without the step's action; what joined it goes with it.
    String without(Step step) {
        return without(List.of(step));
    }

    /// The line without the actions of several steps.
    String without(List<Step> steps) {
        String left = text();
        List<Span> spans = steps.stream()
                .map(step -> step.placed().span())
                .distinct()
                .sorted(Comparator.comparingInt(Span::start).reversed())
                .toList();
        for (Span span : spans) {
            int start = span.start();
            int end = span.end();
            if (start > 0 && isJoint(left.charAt(start - 1))) {
                start--;
            } else if (end < left.length() && isJoint(left.charAt(end))) {
                end++;
            }
            left = left.substring(0, start) + left.substring(end);
        }
        return left;
    }

    /// The line with a set that is run between so many times.
    String recounted(Repeat set, int least, int most) {
        int star = text().lastIndexOf('*', set.span().end() - 1);
        return text().substring(0, star)
                + "*"
                + least
                + ".."
                + most
                + text().substring(set.span().end());
    }

    /// A step's action as it is written.
    static String words(Step step) {
        return Notation.print(step.placed().act());
    }

    /// The line with these words at its end.
    String append(String words) {
        return text().stripTrailing() + " " + words;
    }

    /// The line with other words in place of the step's action.
    String replace(Step step, String words) {
        Span span = step.placed().span();
        return text().substring(0, span.start()) + words + text().substring(span.end());
    }

    /// The line with a defence before the step: `(3)+1` becomes `(3) block+1`. Right behind brackets it needs no joint,
    /// since a defence shares the beat of what it meets.
    String met(Step step, String defence, String joint) {
        int start = step.placed().span().start();
        boolean behindBrackets = start > 1 && text().charAt(start - 1) == '+' && text().charAt(start - 2) == ')';
        String before = behindBrackets ? text().substring(0, start - 1) + " " : text().substring(0, start);
        return before + defence + joint + text().substring(start);
    }

    /// The line with other words in place of a stretch of it.
    String replace(Span span, String words) {
        return text().substring(0, span.start()) + words + text().substring(span.end());
    }

    /// The line with the step's action as an item of its own: what joined it before and behind becomes a space.
    String alone(Step step) {
        StringBuilder cut = new StringBuilder(text());
        Span span = step.placed().span();
        if (span.start() > 0 && isJoint(cut.charAt(span.start() - 1))) {
            cut.setCharAt(span.start() - 1, ' ');
        }
        if (span.end() < cut.length() && isJoint(cut.charAt(span.end()))) {
            cut.setCharAt(span.end(), ' ');
        }
        return cut.toString();
    }

    /// The same action at another level, where the catalogue has it.
    static Optional<Act> atLevel(Act act, Level level) {
        return Catalogue.standard()
                .atLevel(act.technique(), level)
                .map(t -> new Act(act.feint(), t, level, act.intent(), act.span()));
    }

    /// The same action from the other side, where the catalogue has one: `2` for `1`.
    static Optional<String> otherSide(Act act) {
        return Catalogue.standard()
                .twin(act.technique(), act.level())
                .map(t -> Notation.print(new Act(act.feint(), t, act.level(), act.intent(), act.span())));
    }

    private static boolean isJoint(char c) {
        return c == '+' || c == '/';
    }

    private Span itemOf(Span span) {
        return rowOf(read.line(), span)
                .map(row -> row.index < 0
                        ? row.line.items().getFirst().span()
                        : row.line.items().get(row.index).span())
                .orElse(span);
    }

    /// A row of items and the place in it; `-1` is the cue before the row.
    private record Row(Line line, int index) {}

    private static Optional<Row> rowOf(Line line, Span span) {
        for (int i = 0; i < line.items().size(); i++) {
            Item item = line.items().get(i);
            if (!contains(item.span(), span)) {
                continue;
            }
            List<Row> inner = new ArrayList<>();
            if (item instanceof Repeat set) {
                rowOf(set.line(), span).ifPresent(inner::add);
            } else if (item instanceof Reads reads) {
                for (Reads.Branch branch : reads.branches()) {
                    if (contains(branch.cue().span(), span)) {
                        inner.add(new Row(branch.answer(), -1));
                    } else {
                        rowOf(branch.answer(), span).ifPresent(inner::add);
                    }
                }
            } else if (item instanceof Choice choice) {
                choice.options().forEach(option -> rowOf(option, span).ifPresent(inner::add));
            }
            return Optional.of(inner.isEmpty() ? new Row(line, i) : inner.getFirst());
        }
        return Optional.empty();
    }

    private static boolean contains(Span outer, Span inner) {
        return outer.start() <= inner.start() && inner.end() <= outer.end();
    }
}
