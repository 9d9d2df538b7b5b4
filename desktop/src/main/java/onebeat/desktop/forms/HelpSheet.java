package onebeat.desktop.forms;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import onebeat.core.camp.Camp;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Review;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Command;
import onebeat.desktop.command.CommandWords;
import onebeat.desktop.command.Group;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.nodes.LongList;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.nodes.PieceByPiece;
import onebeat.desktop.print.Print;
import onebeat.desktop.rope.RopeView;
import onebeat.desktop.text.Texts;

/// The sheet on F1: what can be done here with which key, and how a line is written, with examples drawn as ropes.
public final class HelpSheet extends VBox {

    private static final double ROPE_HIGH = 176;
    private static final double ROPE_WIDE = 380;
    private static final double WIDE = 1_060;
    private static final double LEAST_HIGH = 400;

    /// Of the width: the key, the command's name, what it does.
    private static final List<Double> COLUMNS = List.of(14.0, 25.0, 61.0);

    private static final List<String> EXAMPLES = List.of("one", "two", "three", "four");

    /// So many rows come at once, and so many of them are seen.
    private static final int ROWS_AT_ONCE = 3;

    private static final int ROWS_SEEN = 24;

    private final LongList<Row> keys;

    /// @param commands of the station that is on, then of the program
    public HelpSheet(CampSession app, List<BoundCommand> commands, OwnKeys own) {
        super(12);
        setId("help-sheet");
        getStyleClass().addAll("paper", "preview");
        setPrefSize(WIDE, LEAST_HIGH);
        List<Command<?, ?>> all = listed(commands);
        Button print = new Button(Texts.of("help.print"));
        print.setId("help-print");
        print.setOnAction(_ -> Print.keys(app, all, own));
        HBox head = new HBox(14, Nodes.text(Texts.of("help.title"), "title"), Nodes.spring(), print);
        VBox right = new VBox(8, Nodes.text(Texts.of("help.line"), "heading"));
        right.setPadding(new Insets(0, 14, 0, 0));
        ScrollPane examples = Nodes.scroll(right);
        examples.setFocusTraversable(true);
        examples.setMinWidth(ROPE_WIDE + 20);
        examples.setPrefWidth(ROPE_WIDE + 20);
        examples.setMaxWidth(ROPE_WIDE + 20);
        keys = new LongList<>(List.of(), Row::spoken, row -> row.drawn(own));
        HBox.setHgrow(keys, Priority.ALWAYS);
        HBox body = new HBox(26, keys, examples);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().setAll(head, body);
        var _ = PieceByPiece.lay(pieces(rows(all), right, app.camp()));
    }

    /// The keys take the keyboard: its arrows go through them.
    public void begin() {
        keys.requestFocus();
    }

    /// Each command once, those with a key.
    private static List<Command<?, ?>> listed(List<BoundCommand> commands) {
        Set<String> seen = new HashSet<>();
        List<Command<?, ?>> all = new ArrayList<>();
        for (BoundCommand one : commands) {
            if (!one.command().keys().isEmpty() && seen.add(one.id())) {
                all.add(one.command());
            }
        }
        return all;
    }

    /// A kind of command, or a command under it.
    private sealed interface Row {

        String spoken();

        Node drawn(OwnKeys own);

        record Of(Group group) implements Row {
            @Override
            public String spoken() {
                return CommandWords.of(group.key());
            }

            @Override
            public Node drawn(OwnKeys own) {
                return Nodes.text(spoken(), "heading");
            }
        }

        record One(Command<?, ?> command) implements Row {
            @Override
            public String spoken() {
                return command.name() + ". " + command.help();
            }

            @Override
            public Node drawn(OwnKeys own) {
                String key = own.shown(command).map(KeyPress::words).orElse("");
                Label help = Nodes.label(command.help(), "soft");
                help.setWrapText(true);
                return Nodes.columns(COLUMNS, Nodes.key(key), Nodes.label(command.name(), "small"), help);
            }
        }
    }

    private static List<Row> rows(List<Command<?, ?>> commands) {
        List<Row> rows = new ArrayList<>();
        for (Group group : Group.values()) {
            List<Row> some = commands.stream()
                    .filter(c -> c.group() == group)
                    .<Row>map(Row.One::new)
                    .toList();
            if (!some.isEmpty()) {
                rows.add(new Row.Of(group));
                rows.addAll(some);
            }
        }
        return rows;
    }

    /// What comes onto the empty sheet: the rows, and how a line is written.
    private List<Runnable> pieces(List<Row> rows, VBox right, Camp camp) {
        int seen = Math.min(ROWS_SEEN, rows.size());
        List<Runnable> pieces = new ArrayList<>();
        for (int from = 0; from < seen; from += ROWS_AT_ONCE) {
            List<Row> next = rows.subList(from, Math.min(from + ROWS_AT_ONCE, seen));
            pieces.add(() -> keys.getItems().addAll(next));
        }
        pieces.add(() -> keys.getItems().addAll(rows.subList(seen, rows.size())));
        pieces.add(() -> right.getChildren().add(Nodes.flow(Nodes.text(Texts.of("help.line.under"), "small"))));
        for (String which : EXAMPLES) {
            pieces.add(() -> right.getChildren().addAll(example(camp, which)));
        }
        return pieces;
    }

    /// An example in words, and as a rope.
    private static List<Node> example(Camp camp, String which) {
        String line = Texts.of("help.example." + which);
        RopeView rope = new RopeView();
        rope.setPrefSize(ROPE_WIDE, ROPE_HIGH);
        rope.setMinHeight(ROPE_HIGH);
        draw(rope, line, camp);
        return List.of(
                Nodes.text(line, "mono-strong"),
                Nodes.flow(Nodes.text(Texts.of("help.example." + which + ".why"), "soft")),
                rope);
    }

    private static void draw(RopeView rope, String line, Camp camp) {
        if (Notation.read(line, camp.vocabulary()) instanceof Read read) {
            rope.show(new RopeView.Picture(
                    Review.withoutMends(read, camp.context()),
                    0,
                    camp.card().athlete().name(),
                    camp.across().name(),
                    false));
        }
    }
}
