package onebeat.desktop.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedMap;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import onebeat.core.book.Ledger;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Note;
import onebeat.core.book.OneBeatBar;
import onebeat.core.book.OneBeatGap;
import onebeat.core.book.Proposal;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.film.Share;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;
import onebeat.core.timing.Timing;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.GapWords;
import onebeat.desktop.text.Texts;

/// One drill in the book: what it is, its strand across the days, and what is proposed for it.
final class BookRow extends HBox {

    private final Camp camp;

    /// A drill with what happened to it.
    record Entry(Drill drill, Ledger ledger) {

        /// The day on which it ran last.
        LocalDate last() {
            return ledger.days().isEmpty()
                    ? LocalDate.MIN
                    : ledger.days().getLast().date();
        }
    }

    /// @param place of the drill in the picture, from 0
    BookRow(BookPicture picture, int place) {
        super(14);
        this.camp = picture.camp();
        Entry entry = picture.entries().get(place);
        VBox name = new VBox(
                2,
                Nodes.flow(Nodes.text(entry.drill.name(), "strong")),
                Nodes.label(entry.drill.line(), "row-line"),
                Nodes.flow(Nodes.text(ran(entry.ledger), "soft")));
        heard(entry).ifPresent(words -> name.getChildren().add(Nodes.flow(Nodes.text(words, "soft"))));
        inOneBeat(entry).ifPresent(words -> name.getChildren().add(Nodes.flow(Nodes.text(words, "soft"))));
        if (!entry.drill.overruled().isEmpty()) {
            name.getChildren().add(Nodes.flow(Nodes.text(Texts.of("book.overruled", entry.drill.overruled()), "soft")));
        }
        camp.notesOf(entry.drill.id()).stream()
                .findFirst()
                .ifPresent(note -> name.getChildren().add(Nodes.flow(Nodes.text(note(note), "small"))));
        share(name, NAME);
        DrillStrand strand = new DrillStrand(entry.ledger, picture.first(), picture.today());
        HBox.setHgrow(strand, Priority.ALWAYS);
        getChildren().setAll(name, strand, proposal(entry, picture.proposals().of(entry.drill)));
        setAlignment(Pos.CENTER_LEFT);
        getStyleClass().setAll("row");
    }

    private static String note(Note note) {
        return Texts.of("book.note", note.date().toString(), note.text());
    }

    /// How much of it ran, and how fast it was mostly clean.
    private static String ran(Ledger ledger) {
        int seconds = ledger.days().stream().mapToInt(Day::seconds).sum();
        int called = ledger.days().stream().mapToInt(Day::called).sum();
        String ran = Texts.of("book.ran", Texts.clock(seconds), called);
        return ledger.reached().isPresent()
                ? Texts.of("book.reached", ran, ledger.reached().getAsInt())
                : ran;
    }

    /// How many of its answers come on the beat of what they answer, and how often they did.
    private Optional<String> inOneBeat(Entry entry) {
        if (!(Notation.read(entry.drill.line(), camp.vocabulary()) instanceof Read read)) {
            return Optional.empty();
        }
        List<Double> answers = new ArrayList<>();
        for (PlayedWay way : Play.of(read.line(), camp.setting()).ways()) {
            way.strikesOf(Who.ATHLETE).forEach(s -> Timing.oneBeat(way, s).ifPresent(answers::add));
        }
        long inOne = answers.stream().filter(beats -> beats == 0).count();
        if (inOne == 0) {
            return Optional.empty();
        }
        String planned = Texts.of("book.onebeat", inOne, answers.size());
        Optional<Share> inTime = entry.ledger.inTime();
        return Optional.of(inTime.map(share -> Texts.of(
                        "book.intime",
                        planned,
                        share.n(),
                        share.of(),
                        Math.round(share.low() * 100),
                        Math.round(share.high() * 100)))
                .orElse(planned));
    }

    /// How long after the feed answers were heard on the last day that somebody listened, and on the day before.
    private Optional<String> heard(Entry entry) {
        SortedMap<LocalDate, OneBeatGap> days = OneBeatGap.byDay(camp.repetitionsOf("").stream()
                .filter(one -> one.drillId().equals(entry.drill.id()))
                .toList());
        if (days.isEmpty()) {
            return Optional.empty();
        }
        String words =
                GapWords.of("book.heard", days.lastKey(), days.lastEntry().getValue());
        String compared = planned(entry, days.lastKey())
                .map(ms ->
                        Texts.of("book.heard.planned", words, ms == 0 ? Texts.of("book.gap.onebeat") : GapWords.ms(ms)))
                .orElse(words);
        return Optional.of(
                days.size() == 1
                        ? compared
                        : Texts.of(
                                "book.heard.before",
                                compared,
                                GapWords.ms(days.headMap(days.lastKey())
                                        .lastEntry()
                                        .getValue()
                                        .medianMs())));
    }

    /// How long after the feed the line's first answer should come at the tempo of a day.
    private Optional<Double> planned(Entry entry, LocalDate day) {
        OptionalInt bpm = entry.ledger.days().stream()
                .filter(one -> one.date().equals(day))
                .mapToInt(Day::bpm)
                .findFirst();
        return Notation.read(entry.drill.line(), camp.vocabulary()) instanceof Read read && bpm.isPresent()
                ? Timing.firstAnswer(Play.of(read.line(), camp.setting()))
                        .map(beats -> Timing.msFor(beats, bpm.getAsInt()))
                : Optional.empty();
    }

    static String head(Proposal proposal) {
        return proposal.changesStep()
                ? Texts.of("proposal.step." + proposal.move(), proposal.rung().id(), proposal.bpm())
                : Texts.of("proposal." + proposal.move(), proposal.bpm());
    }

    private HBox proposal(Entry entry, Optional<Proposal> proposal) {
        Shape mark = proposal.map(p -> mark(p.move())).orElseGet(() -> new Circle(4));
        String head = proposal.map(BookRow::head).orElse(Texts.of("proposal.none"));
        String why = proposal.map(p -> Texts.of(
                        "proposal.why",
                        p.clean().n(),
                        p.clean().of(),
                        Math.round(p.clean().low() * 100),
                        Math.round(p.clean().high() * 100)))
                .orElse("");
        VBox words = new VBox(2, Nodes.flow(Nodes.text(head, "strong")), Nodes.flow(Nodes.text(why, "soft")));
        int mostMs = camp.card().school().oneBeatMs();
        if (proposal.isPresent() && entry.ledger.isHeldBack(mostMs)) {
            OneBeatBar bar = OneBeatBar.of(entry.ledger.gaps(), mostMs);
            words.getChildren()
                    .add(Nodes.flow(Nodes.text(
                            Texts.of("book.heldback", bar.under(), bar.of(), mostMs, OneBeatBar.LEAST), "soft")));
        }
        proposal.map(Proposal::from)
                .filter(Day::isHeardTooLittle)
                .map(day -> Texts.of("book.heardtoolittle", day.judged(), day.called(), day.leastJudged()))
                .ifPresent(text -> words.getChildren().add(Nodes.flow(Nodes.text(text, "soft"))));
        words.setAlignment(Pos.CENTER_LEFT);
        VBox holder = new VBox(mark);
        holder.setAlignment(Pos.CENTER);
        holder.setMinWidth(24);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox box = Nodes.beside(8, holder, words);
        share(box, PROPOSAL);
        return box;
    }

    /// The share of the row that its name and its proposal have; the strand has the rest.
    private static final double NAME = 0.3;

    private static final double PROPOSAL = 0.24;

    private void share(Region part, double share) {
        part.prefWidthProperty().bind(widthProperty().multiply(share));
        part.minWidthProperty().bind(widthProperty().multiply(share));
    }

    /// A wedge up, a wedge down, a block for the same again, a square for what stands at the top.
    private static Shape mark(Proposal.Move move) {
        Shape shape = switch (move) {
            case UP -> new Polygon(0, 14, 16, 14, 8, 0);
            case BACK -> new Polygon(0, 0, 16, 0, 8, 14);
            case AGAIN -> new Rectangle(14, 7);
            case KEEP -> new Rectangle(12, 12);
            case TOO_FEW -> new Circle(4);
        };
        shape.getStyleClass()
                .setAll(
                        switch (move) {
                            case UP, KEEP -> "book-up";
                            case BACK -> "book-back";
                            case AGAIN, TOO_FEW -> "book-again";
                        });
        return shape;
    }
}
