package onebeat.core.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Band;
import onebeat.core.notation.Cursor.Stopped;
import onebeat.core.notation.Notation.OwnReading;

/// One pass over one text, by recursive descent: a method for each rule of the grammar. A misread stops the pass by
/// [Stopped], which never leaves this class.
final class LineReader {

    private static final int MOST_CHARACTERS = 2000;
    private static final int MOST_TIMES = 99;

    private final Cursor text;
    private final Vocabulary vocabulary;
    private final ActReader acts;
    private int depth;

    LineReader(String text, Vocabulary vocabulary, int start) {
        this.text = new Cursor(text, start);
        this.vocabulary = vocabulary;
        this.acts = new ActReader(this.text, vocabulary);
    }

    Reading readAll() {
        try {
            checkLength();
            Line line = line();
            if (!text.atEnd()) {
                throw text.unexpected("an action, or the end of the line");
            }
            return new Read(text.text(), line);
        } catch (Stopped stop) {
            return stop.misread();
        }
    }

    OwnReading readOwn() {
        try {
            checkLength();
            text.skipSpace();
            int start = text.at();
            String name = text.quoted();
            if (vocabulary.catalogue().byName(name).isPresent()) {
                throw text.stop(start, text.at(), name, "a name that no technique has", List.of());
            }
            text.skipSpace();
            if (text.peek() != '=') {
                throw text.unexpected("= and the line");
            }
            text.pass();
            Line line = line();
            if (!text.atEnd()) {
                throw text.unexpected("an action, or the end of the line");
            }
            return new OwnReading.Defined(new OwnLine(name, Printer.print(line)));
        } catch (Stopped stop) {
            return new OwnReading.NotDefined(stop.misread());
        }
    }

    private void checkLength() {
        if (text.text().length() > MOST_CHARACTERS) {
            throw text.stop(
                    MOST_CHARACTERS,
                    text.text().length(),
                    text.text().length() + " characters",
                    "at most " + MOST_CHARACTERS + " characters",
                    List.of());
        }
    }

    private Line line() {
        List<Item> items = new ArrayList<>();
        Size size = Size.NOTHING;
        text.skipSpace();
        do {
            Item item = item();
            size = size.then(Size.of(item));
            checkSize(size, item);
            items.add(item);
            int before = text.at();
            text.skipSpace();
            if (!text.atLineEnd() && text.at() == before) {
                throw text.unexpected("a space, + or /");
            }
        } while (!text.atLineEnd());
        return new Line(items);
    }

    private void checkSize(Size size, Item item) {
        Span span = item.span();
        if (depth + size.depth() > Size.MOST_DEPTH) {
            throw text.stop(span, "nesting at most " + Size.MOST_DEPTH + " deep");
        }
        if (size.actions() > Size.MOST_ACTIONS) {
            throw text.stop(span, "at most " + Size.MOST_ACTIONS + " actions when it is played");
        }
        if (size.ways() > Size.MOST_WAYS) {
            throw text.stop(span, "at most " + Size.MOST_WAYS + " ways through the reads");
        }
    }

    private Item item() {
        int start = text.at();
        return switch (text.peek()) {
            case '_' -> {
                text.pass();
                yield new Pause(text.span(start));
            }
            case '@' -> range();
            case '[' -> set();
            case '{' -> reads();
            case '<' -> choice();
            default -> {
                Optional<Named> named = named();
                yield named.isPresent() ? named.get() : half();
            }
        };
    }

    private RangeMark range() {
        int start = text.pass();
        String word = text.word();
        for (Band band : Band.values()) {
            if (band.word().equals(word)) {
                return new RangeMark(band, text.span(start));
            }
        }
        List<String> bands = List.of(Band.values()).stream().map(Band::word).toList();
        throw text.stop(
                start + 1,
                text.at(),
                text.orHere(word),
                "a range: " + String.join(", ", bands),
                Nearest.to(word, bands));
    }

    private Repeat set() {
        int start = text.pass();
        descend(start);
        Line line = line();
        text.expect(']', "] to close the set");
        text.expect('*', "* and how many times");
        int least = times();
        int most = least;
        if (text.passes("..")) {
            int numberAt = text.at();
            most = times();
            if (most < least) {
                throw text.stop(
                        numberAt, text.at(), "" + most, "a number from " + least + " to " + MOST_TIMES, List.of());
            }
        }
        depth--;
        return new Repeat(line, least, most, text.span(start));
    }

    private int times() {
        int start = text.at();
        String digits = text.digits();
        int n = digits.isEmpty() || digits.length() > 2 ? 0 : Integer.parseInt(digits);
        if (n < 1) {
            throw text.stop(start, text.at(), text.orHere(digits), "a number from 1 to " + MOST_TIMES, List.of());
        }
        return n;
    }

    private Reads reads() {
        int start = text.at();
        descend(start);
        List<Reads.Branch> branches = new ArrayList<>();
        do {
            text.pass();
            text.skipSpace();
            if (text.peek() != '(') {
                throw text.unexpected("the partner's cue in ( )");
            }
            Partner cue = partner();
            text.skipSpace();
            text.expect(':', ": and the answer to the cue");
            branches.add(new Reads.Branch(cue, line()));
        } while (text.peek() == '|');
        text.expect('}', "| and another cue, or } to close the reads");
        depth--;
        return new Reads(branches, text.span(start));
    }

    private Choice choice() {
        int start = text.at();
        descend(start);
        List<Line> options = new ArrayList<>();
        do {
            text.pass();
            options.add(line());
        } while (text.peek() == '|');
        if (options.size() < 2) {
            throw text.unexpected("| and another way to go on");
        }
        text.expect('>', "| and another way, or > to close the choice");
        depth--;
        return new Choice(options, text.span(start));
    }

    private void descend(int start) {
        if (++depth > Size.MOST_DEPTH) {
            throw text.stop(
                    start, start + 1, text.here(start), "nesting at most " + Size.MOST_DEPTH + " deep", List.of());
        }
    }

    /// A coach's own line stands alone: it is no single action that could be joined or shortened.
    private Optional<Named> named() {
        if (text.peek() != '"') {
            return Optional.empty();
        }
        int start = text.at();
        String name = text.quoted();
        Optional<Line> line = vocabulary.own(name);
        if (line.isEmpty()) {
            text.moveTo(start);
            return Optional.empty();
        }
        if (!text.atLineEnd() && !Cursor.isSpace(text.peek())) {
            throw text.unexpected("a space: your own line \"" + name + "\" stands alone");
        }
        return Optional.of(new Named(name, line.get(), text.span(start)));
    }

    private Half half() {
        int start = text.at();
        List<Unit> units = new ArrayList<>();
        units.add(unit());
        while (text.peek() == '/') {
            text.pass();
            units.add(unit());
        }
        return new Half(units, text.span(start));
    }

    private Unit unit() {
        int start = text.at();
        List<Call> calls = new ArrayList<>();
        calls.add(call());
        while (text.peek() == '+') {
            text.pass();
            calls.add(call());
        }
        return new Unit(calls, text.span(start));
    }

    private Call call() {
        if (text.peek() == '(') {
            return partner();
        }
        Act act = acts.act();
        if (act.technique().isReaction()) {
            throw text.stop(
                    act.span(),
                    "the partner's reaction in ( ): (" + act.technique().code() + ")");
        }
        return act;
    }

    private Partner partner() {
        int start = text.pass();
        acts.readsPartner(true);
        List<PartnerItem> items = new ArrayList<>();
        text.skipSpace();
        do {
            int itemAt = text.at();
            if (text.peek() == '_') {
                text.pass();
                items.add(new Pause(text.span(itemAt)));
            } else {
                items.add(acts.act());
            }
            int before = text.at();
            text.skipSpace();
            if (text.peek() != ')' && text.at() == before) {
                throw text.unexpected("a space, or ) to close the partner's part");
            }
        } while (text.peek() != ')');
        text.pass();
        acts.readsPartner(false);
        return new Partner(items, text.span(start));
    }
}
