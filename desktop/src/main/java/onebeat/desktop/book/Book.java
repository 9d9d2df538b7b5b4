package onebeat.desktop.book;

import java.io.IOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.Shape;
import javafx.scene.text.Text;
import onebeat.core.book.Ledger;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Proposal;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.ladder.Ladder;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;
import onebeat.core.timing.Timing;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.LineWatch.Seen;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Station;
import onebeat.desktop.desk.Texts;
import onebeat.formats.book.BookOut;
import org.jspecify.annotations.Nullable;

/// The book: one strand for each drill across the days, and at its end what is proposed.
public final class Book implements Station {

    /// So many lines are proposed for the next session.
    private static final int NEXT = 4;

    private final Desk desk;
    private final Consumer<Station.Name> go;
    private final Consumer<String> type;
    private final VBox view = new VBox(10);
    private final Text title = Look.text(Texts.of("book.title"), "title");
    private final Text under = Look.text("", "soft");
    private final VBox rows = new VBox(6);
    private final ScrollPane scroll = Look.scroll(rows);
    private final VBox next = new VBox(3);
    private @Nullable Camp proposedFor;
    private String search = "";
    private int chosen;

    /// @param go leads to another station
    /// @param type puts a line into the call line
    public Book(Desk desk, Consumer<Station.Name> go, Consumer<String> type) {
        this.desk = desk;
        this.go = go;
        this.type = type;
        view.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        next.getStyleClass().add("next-session");
        view.getChildren()
                .setAll(title, under, next, scroll, Look.flow(Look.text(Texts.of("caution.book"), "caution")));
    }

    @Override
    public Name name() {
        return Name.BOOK;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String keys() {
        return Texts.of("book.keys");
    }

    /// A drill with what happened to it.
    private record Entry(Drill drill, Ledger ledger) {

        LocalDate last() {
            return ledger.days().isEmpty()
                    ? LocalDate.MIN
                    : ledger.days().getLast().date();
        }
    }

    /// What ran last stands on top; where something is looked for, only what has it in its name or line.
    private List<Entry> entries() {
        String wanted = search.strip().toLowerCase(Locale.ROOT);
        return desk.camp().drills().all().stream()
                .filter(d -> wanted.isEmpty()
                        || d.name().toLowerCase(Locale.ROOT).contains(wanted)
                        || d.line().contains(wanted))
                .map(d -> new Entry(d, desk.camp().ledger(d.id())))
                .filter(e -> !wanted.isEmpty() || !e.ledger.days().isEmpty())
                .sorted(Comparator.comparing(Entry::last).reversed())
                .toList();
    }

    @Override
    public void lineSeen(Seen seen) {
        if (!seen.text().equals(search)) {
            search = seen.text();
            chosen = 0;
            open();
        }
    }

    @Override
    public boolean searches() {
        return true;
    }

    @Override
    public void open() {
        List<Entry> entries = entries();
        chosen = Math.clamp(chosen, 0, Math.max(0, entries.size() - 1));
        int judged = entries.stream()
                .flatMap(e -> e.ledger.days().stream())
                .mapToInt(Day::judged)
                .sum();
        int minutes = entries.stream()
                        .flatMap(e -> e.ledger.days().stream())
                        .mapToInt(Day::seconds)
                        .sum()
                / 60;
        under.setText(Texts.of("book.under", entries.size(), judged, minutes));
        LocalDate first = entries.stream()
                .flatMap(e -> e.ledger.days().stream())
                .map(Day::date)
                .min(Comparator.naturalOrder())
                .orElse(desk.today());
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            nodes.add(row(entries.get(i), first, i));
        }
        if (nodes.isEmpty()) {
            nodes.add(
                    Look.flow(Look.text(Texts.of(search.isBlank() ? "book.empty" : "book.notfound", search), "soft")));
        }
        rows.getChildren().setAll(nodes);
        scroll.setVvalue(nodes.size() < 2 ? 0 : (double) chosen / (nodes.size() - 1));
        showNext();
    }

    /// What the book proposes for the next session, each line with its reason.
    private void showNext() {
        if (!desk.camp().equals(proposedFor)) {
            proposedFor = desk.camp();
            proposedNext(Filling.of(desk.camp(), desk.today(), NEXT));
        }
        next.setVisible(next.getChildren().size() > 1 && search.isBlank());
        next.setManaged(next.isVisible());
    }

    private void proposedNext(List<Filling.Choice> choices) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(Look.text(Texts.of("book.next"), "small", "strong"));
        for (Filling.Choice choice : choices) {
            nodes.add(Look.flow(
                    Look.text(choice.drill().name() + "  ", "small", "strong"), Look.text(choice.reason(), "soft")));
        }
        names(
                nodes,
                "book.solid",
                drill -> desk.camp()
                        .ledger(drill.id())
                        .proposal(ceiling(drill))
                        .filter(p -> p.move() == Proposal.Move.UP)
                        .isPresent());
        names(
                nodes,
                "book.fresh",
                drill -> desk.camp().ledger(drill.id()).days().isEmpty());
        next.getChildren().setAll(nodes);
    }

    /// The names of the drills that are so.
    private void names(List<Node> nodes, String key, Predicate<Drill> so) {
        String names =
                desk.camp().drills().all().stream().filter(so).map(Drill::name).collect(Collectors.joining(", "));
        if (!names.isEmpty()) {
            nodes.add(Look.flow(Look.text(Texts.of(key, names), "soft")));
        }
    }

    private Node row(Entry entry, LocalDate first, int index) {
        VBox name = new VBox(
                2,
                Look.flow(Look.text(entry.drill.name(), "strong")),
                Look.text(shortened(entry.drill.line()), "mono-tight"),
                Look.text(ran(entry), "soft"));
        if (!entry.drill.overruled().isEmpty()) {
            name.getChildren().add(Look.flow(Look.text(Texts.of("book.overruled", entry.drill.overruled()), "soft")));
        }
        name.setMinWidth(260);
        name.setPrefWidth(260);
        DrillStrand strand = new DrillStrand(entry.ledger, first, desk.today());
        HBox.setHgrow(strand, Priority.ALWAYS);
        HBox row = new HBox(14, name, strand, proposal(entry));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().setAll("row");
        row.pseudoClassStateChanged(Look.CHOSEN, index == chosen);
        row.setOnMouseClicked(_ -> {
            chosen = index;
            open();
        });
        return row;
    }

    private static String shortened(String line) {
        return line.length() <= 36 ? line : line.substring(0, 35) + "…";
    }

    /// How much of it ran, and how many of its answers come on the beat of what they answer.
    private String ran(Entry entry) {
        int seconds = entry.ledger.days().stream().mapToInt(Day::seconds).sum();
        int called = entry.ledger.days().stream().mapToInt(Day::called).sum();
        String ran = Texts.of("book.ran", Texts.clock(seconds), called);
        if (!(Notation.read(entry.drill.line(), desk.camp().vocabulary()) instanceof Read read)) {
            return ran;
        }
        List<Double> answers = new ArrayList<>();
        for (PlayedWay way : Play.of(read.line(), desk.camp().setting()).ways()) {
            way.strikesOf(Who.ATHLETE).forEach(s -> Timing.oneBeat(way, s).ifPresent(answers::add));
        }
        long inOne = answers.stream().filter(beats -> beats == 0).count();
        return answers.isEmpty() ? ran : Texts.of("book.onebeat", ran, inOne, answers.size());
    }

    private double ceiling(Drill drill) {
        return Notation.read(drill.line(), desk.camp().vocabulary()) instanceof Read read
                ? Ladder.ceiling(read.line(), desk.camp().setting())
                : RoundPlan.MOST_BPM;
    }

    private Optional<Proposal> proposed(Entry entry) {
        return entry.ledger.proposal(ceiling(entry.drill));
    }

    private static String head(Proposal proposal) {
        return proposal.changesStep()
                ? Texts.of("proposal.step." + proposal.move(), proposal.rung().id(), proposal.bpm())
                : Texts.of("proposal." + proposal.move(), proposal.bpm());
    }

    private Node proposal(Entry entry) {
        Optional<Proposal> proposal = proposed(entry);
        Shape mark = proposal.map(p -> mark(p.move())).orElseGet(() -> new Circle(4));
        String head = proposal.map(Book::head).orElse(Texts.of("proposal.none"));
        String why = proposal.map(p -> Texts.of(
                        "proposal.why",
                        p.clean().n(),
                        p.clean().of(),
                        Math.round(p.clean().low() * 100),
                        Math.round(p.clean().high() * 100)))
                .orElse("");
        VBox words = new VBox(2, Look.text(head, "strong"), Look.text(why, "soft"));
        VBox holder = new VBox(mark);
        holder.setAlignment(Pos.CENTER);
        holder.setMinWidth(24);
        HBox box = new HBox(8, holder, words);
        box.setAlignment(Pos.CENTER_LEFT);
        box.setMinWidth(236);
        box.setPrefWidth(236);
        return box;
    }

    /// A wedge up, a wedge down, a block for the same again.
    private static Shape mark(Proposal.Move move) {
        Shape shape = switch (move) {
            case UP -> new Polygon(0, 14, 16, 14, 8, 0);
            case BACK -> new Polygon(0, 0, 16, 0, 8, 14);
            case AGAIN -> new Rectangle(14, 7);
            case TOO_FEW -> new Circle(4);
        };
        shape.getStyleClass()
                .setAll(
                        switch (move) {
                            case UP -> "book-up";
                            case BACK -> "book-back";
                            case AGAIN, TOO_FEW -> "book-again";
                        });
        return shape;
    }

    @Override
    public String entered(Seen seen) {
        return seen.text();
    }

    @Override
    public boolean pressed(KeyEvent key, boolean typing) {
        boolean held = key.isControlDown() || key.isAltDown();
        if (typing && !held) {
            return false;
        }
        return switch (key.getCode()) {
            case UP -> choose(-1);
            case DOWN -> choose(1);
            case B, ENTER -> toBench();
            case R -> propose();
            case T -> takeNext();
            case O -> overrule();
            case X -> !key.isControlDown() && write();
            default -> false;
        };
    }

    private boolean choose(int step) {
        int size = entries().size();
        chosen = size == 0 ? 0 : Math.floorMod(chosen + step, size);
        open();
        return true;
    }

    private Optional<Entry> chosenEntry() {
        List<Entry> entries = entries();
        return chosen < entries.size() ? Optional.of(entries.get(chosen)) : Optional.empty();
    }

    private boolean toBench() {
        chosenEntry().ifPresent(entry -> {
            desk.drillProperty().set(Optional.of(entry.drill.id()));
            go.accept(Name.BENCH);
            type.accept(entry.drill.line());
        });
        return true;
    }

    /// Takes the proposal, or what the coach decided since: the drill goes into tonight's rounds.
    private boolean propose() {
        chosenEntry().ifPresent(entry -> {
            Optional<Proposal> proposal = proposed(entry);
            boolean own = proposal.map(
                            p -> entry.drill.isOverruledSince(p.from().date()))
                    .orElse(true);
            Rung rung = own ? entry.drill.rung() : proposal.get().rung();
            int bpm = own ? entry.drill.bpm() : proposal.get().bpm();
            if (desk.addToTonight(List.of(new Filling.Choice(entry.drill, rung, bpm, "")))) {
                desk.say(Texts.of("rounds.added", entry.drill.name(), rounds()));
                go.accept(Name.ROUNDS);
            }
        });
        return true;
    }

    private int rounds() {
        return desk.tonight().map(s -> desk.camp().roundsOf(s.id()).size()).orElse(0);
    }

    /// The whole proposal for the next session goes into tonight's rounds.
    private boolean takeNext() {
        List<Filling.Choice> choices = Filling.of(desk.camp(), desk.today(), NEXT);
        if (choices.isEmpty()) {
            desk.warn(Texts.of("rounds.fill.nothing"));
        } else if (desk.addToTonight(choices)) {
            desk.say(Texts.of("rounds.filled", choices.size()));
            go.accept(Name.ROUNDS);
        }
        return true;
    }

    /// The coach decides otherwise: up, the same again, back, in turn. The book remembers that he did.
    private boolean overrule() {
        chosenEntry()
                .ifPresent(entry -> proposed(entry).ifPresent(proposal -> {
                    Day day = proposal.from();
                    int step = Math.max(2, Math.abs(proposal.bpm() - day.bpm()));
                    List<Integer> tempos =
                            List.of(day.bpm() + step, day.bpm(), Math.max(RoundPlan.LEAST_BPM, day.bpm() - step));
                    int now = entry.drill.isOverruledSince(day.date()) ? tempos.indexOf(entry.drill.bpm()) : -1;
                    int bpm = Math.min(RoundPlan.MOST_BPM, tempos.get((now + 1) % tempos.size()));
                    Drill after = entry.drill
                            .at(day.rung(), bpm)
                            .overruledOn(
                                    desk.today(),
                                    Texts.of(
                                            "book.decided",
                                            day.rung().id(),
                                            bpm,
                                            head(proposal).toLowerCase(Locale.ROOT)));
                    if (desk.save(Edit.change(Place.DRILLS, entry.drill, after))) {
                        desk.say(Texts.of("book.overruled", after.overruled()));
                        open();
                    }
                }));
        return true;
    }

    /// Writes the book beside the camp file, as CSV and as JSON.
    private boolean write() {
        Path folder = desk.folder().resolve(Texts.of("book.out.folder"));
        try {
            Files.createDirectories(folder);
            try (Writer csv = Files.newBufferedWriter(folder.resolve("book.csv"))) {
                BookOut.csv(desk.camp(), csv);
            }
            Files.writeString(folder.resolve("book.json"), BookOut.json(desk.camp()));
            desk.say(Texts.of("book.out", folder));
        } catch (IOException e) {
            desk.warn(Texts.of("print.failed", folder, String.valueOf(e.getMessage())));
        }
        return true;
    }
}
