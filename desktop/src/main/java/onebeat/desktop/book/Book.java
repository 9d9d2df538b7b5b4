package onebeat.desktop.book;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Note;
import onebeat.core.book.Proposal;
import onebeat.core.book.Proposal.Move;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.camp.Turns;
import onebeat.core.holding.Partner;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.FilesOut;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.Station;
import onebeat.desktop.book.BookRow.Entry;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.formats.book.BookOut;
import onebeat.formats.out.OutFiles;
import org.jspecify.annotations.Nullable;

/// The book: one strand for each drill across the days, and at its end what is proposed.
public final class Book implements Station {

    /// So many lines are proposed for the next session.
    private static final int NEXT = 4;

    private final CampSession app;
    private final Navigator navigator;
    private final VBox view = new VBox(10);
    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final VBox rows = new VBox(6);
    private final ScrollPane scroll = Nodes.scroll(rows);
    private final VBox next = new VBox(3);
    private @Nullable Camp proposedFor;
    private String search = "";
    private String whose = "";
    private int chosen;

    public Book(CampSession app, Navigator navigator) {
        this.app = app;
        this.navigator = navigator;
        view.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        next.getStyleClass().add("next-session");
        view.getChildren()
                .setAll(title, under, next, scroll, Nodes.flow(Nodes.text(Texts.of("caution.book"), "caution")));
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

    /// The camp as the one sees it whose book this is.
    private Camp camp() {
        return Turns.workedBy(app.camp(), whose).orElse(app.camp());
    }

    /// What ran last stands on top; where something is looked for, only what has it in its name or line.
    private List<Entry> entries() {
        String wanted = search.strip().toLowerCase(Locale.ROOT);
        Camp camp = camp();
        return camp.drills().all().stream()
                .filter(d -> wanted.isEmpty()
                        || d.name().toLowerCase(Locale.ROOT).contains(wanted)
                        || d.line().contains(wanted)
                        || camp.notesOf(d.id()).stream()
                                .anyMatch(n -> n.text().toLowerCase(Locale.ROOT).contains(wanted)))
                .map(d -> new Entry(d, camp.ledger(d.id())))
                .filter(e -> !wanted.isEmpty() || !e.ledger().days().isEmpty())
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
        if (Turns.workedBy(app.camp(), whose).isEmpty()) {
            // He whose book this was is no partner any more.
            whose = "";
        }
        Camp camp = camp();
        List<Entry> entries = entries();
        chosen = Math.clamp(chosen, 0, Math.max(0, entries.size() - 1));
        int judged = entries.stream()
                .flatMap(e -> e.ledger().days().stream())
                .mapToInt(Day::judged)
                .sum();
        int minutes = entries.stream()
                        .flatMap(e -> e.ledger().days().stream())
                        .mapToInt(Day::seconds)
                        .sum()
                / 60;
        title.setText(Texts.of("book.title", camp.card().athlete().name()));
        under.setText(Texts.of("book.under", entries.size(), judged, minutes));
        LocalDate first = entries.stream()
                .flatMap(e -> e.ledger().days().stream())
                .map(Day::date)
                .min(Comparator.naturalOrder())
                .orElse(app.today());
        List<Node> nodes = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            BookRow row = new BookRow(camp, entries.get(i), first, app.today());
            row.pseudoClassStateChanged(Nodes.CHOSEN, i == chosen);
            int index = i;
            row.setOnMouseClicked(_ -> {
                chosen = index;
                open();
            });
            nodes.add(row);
        }
        if (nodes.isEmpty()) {
            nodes.add(Nodes.flow(
                    Nodes.text(Texts.of(search.isBlank() ? "book.empty" : "book.notfound", search), "soft")));
        }
        rows.getChildren().setAll(nodes);
        scroll.setVvalue(nodes.size() < 2 ? 0 : (double) chosen / (nodes.size() - 1));
        showNext();
    }

    /// What the book proposes for the next session, each line with its reason.
    private void showNext() {
        Camp camp = camp();
        if (!camp.equals(proposedFor)) {
            proposedFor = camp;
            proposedNext(camp, Filling.of(camp, app.today(), NEXT));
        }
        next.setVisible(next.getChildren().size() > 1 && search.isBlank());
        next.setManaged(next.isVisible());
    }

    private void proposedNext(Camp camp, List<Filling.Choice> choices) {
        List<Node> nodes = new ArrayList<>();
        String head = whose.isEmpty()
                ? Texts.of("book.next")
                : Texts.of("book.next.other", camp.card().athlete().name());
        nodes.add(Nodes.text(head, "small", "strong"));
        for (Filling.Choice choice : choices) {
            nodes.add(Nodes.flow(
                    Nodes.text(choice.drill().name() + "  ", "small", "strong"), Nodes.text(choice.reason(), "soft")));
        }
        names(
                nodes,
                "book.solid",
                camp,
                drill -> Filling.proposal(camp, drill)
                        .filter(p -> p.move() == Move.UP || p.move() == Move.KEEP)
                        .isPresent());
        names(nodes, "book.fresh", camp, drill -> camp.ledger(drill.id()).days().isEmpty());
        next.getChildren().setAll(nodes);
    }

    /// The names of the drills that are so.
    private void names(List<Node> nodes, String key, Camp camp, Predicate<Drill> so) {
        String names = camp.drills().all().stream().filter(so).map(Drill::name).collect(Collectors.joining(", "));
        if (!names.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of(key, names), "soft")));
        }
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
            case R -> ofTheAthlete(this::propose);
            case T -> ofTheAthlete(this::takeNext);
            case O -> ofTheAthlete(this::overrule);
            case W -> nextWhose();
            case N -> note();
            case X -> !key.isControlDown() && write();
            default -> false;
        };
    }

    /// What is decided here is the athlete's; in a partner's book there is only to read and to note.
    private boolean ofTheAthlete(BooleanSupplier does) {
        if (whose.isEmpty()) {
            return does.getAsBoolean();
        }
        app.warn(Texts.of(
                "book.others",
                camp().card().athlete().name(),
                app.camp().card().athlete().name()));
        return true;
    }

    /// The athlete's book, then that of each partner who worked.
    private boolean nextWhose() {
        List<String> all = new ArrayList<>();
        all.add("");
        app.camp().partners().all().stream()
                .map(Partner::id)
                .filter(id -> !app.camp().repetitionsOf(id).isEmpty()
                        || app.camp().rounds().all().stream()
                                .anyMatch(r -> r.worker().equals(id)))
                .forEach(all::add);
        whose = all.get((all.indexOf(whose) + 1) % all.size());
        chosen = 0;
        if (all.size() == 1) {
            app.warn(Texts.of("book.alone"));
        }
        open();
        return true;
    }

    /// A note on the chosen drill is written.
    private boolean note() {
        chosenEntry().ifPresent(entry -> {
            NoteForm form =
                    new NoteForm(entry.drill(), camp().notesOf(entry.drill().id()), text -> {
                        Note note = new Note(
                                app.camp().notes().nextId("b"), entry.drill().id(), app.today(), text, whose);
                        if (app.save(Edit.add(Place.NOTES, note))) {
                            navigator.closeForm();
                            open();
                        }
                    });
            navigator.open(form);
            form.begin();
        });
        return true;
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
            app.drillProperty().set(Optional.of(entry.drill().id()));
            navigator.go(Name.BENCH);
            navigator.type(entry.drill().line());
        });
        return true;
    }

    /// Takes the proposal, or what the coach decided since: the drill goes into tonight's rounds.
    private boolean propose() {
        chosenEntry().ifPresent(entry -> {
            Optional<Proposal> proposal = Filling.proposal(app.camp(), entry.drill());
            boolean own = proposal.map(
                            p -> entry.drill().isOverruledSince(p.from().date()))
                    .orElse(true);
            Rung rung = own ? entry.drill().rung() : proposal.get().rung();
            int bpm = own ? entry.drill().bpm() : proposal.get().bpm();
            if (app.addToTonight(List.of(new Filling.Choice(entry.drill(), rung, bpm, "")))) {
                app.say(Texts.of("rounds.added", entry.drill().name(), rounds()));
                navigator.go(Name.ROUNDS);
            }
        });
        return true;
    }

    private int rounds() {
        return app.tonight().map(s -> app.camp().roundsOf(s.id()).size()).orElse(0);
    }

    /// The whole proposal for the next session goes into tonight's rounds.
    private boolean takeNext() {
        List<Filling.Choice> choices = Filling.of(app.camp(), app.today(), NEXT);
        if (choices.isEmpty()) {
            app.warn(Texts.of("rounds.fill.nothing"));
        } else if (app.addToTonight(choices)) {
            app.say(Texts.of("rounds.filled", choices.size()));
            navigator.go(Name.ROUNDS);
        }
        return true;
    }

    /// The coach decides otherwise: up, the same again, back, in turn. The book remembers that he did.
    private boolean overrule() {
        chosenEntry()
                .ifPresent(entry -> Filling.proposal(app.camp(), entry.drill()).ifPresent(proposal -> {
                    Day day = proposal.from();
                    int step = Math.max(2, Math.abs(proposal.bpm() - day.bpm()));
                    List<Integer> tempos =
                            List.of(day.bpm() + step, day.bpm(), Math.max(RoundPlan.LEAST_BPM, day.bpm() - step));
                    int now = entry.drill().isOverruledSince(day.date())
                            ? tempos.indexOf(entry.drill().bpm())
                            : -1;
                    int bpm = Math.min(RoundPlan.MOST_BPM, tempos.get((now + 1) % tempos.size()));
                    Drill after = entry.drill()
                            .at(day.rung(), bpm)
                            .overruledOn(
                                    app.today(),
                                    Texts.of(
                                            "book.decided",
                                            day.rung().id(),
                                            bpm,
                                            BookRow.head(proposal).toLowerCase(Locale.ROOT)));
                    if (app.save(Edit.change(Place.DRILLS, entry.drill(), after))) {
                        app.say(Texts.of("book.overruled", after.overruled()));
                        open();
                    }
                }));
        return true;
    }

    /// Writes the books beside the camp file, as CSV and as JSON.
    private boolean write() {
        Path folder = app.folder().resolve(Texts.of("book.out.folder"));
        List<String> written = new ArrayList<>();
        try {
            BookOut.write(app.camp(), folder, FilesOut.files(), OutFiles.Taken.NUMBER, written);
            app.say(Texts.of("book.out", folder, String.join(", ", written)));
        } catch (IOException e) {
            app.warn(FilesOut.failed(folder, written, e));
        }
        return true;
    }
}
