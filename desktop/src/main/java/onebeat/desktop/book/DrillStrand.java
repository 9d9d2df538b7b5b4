package onebeat.desktop.book;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Polyline;
import javafx.scene.text.Text;
import onebeat.core.book.Ledger;
import onebeat.core.book.Ledger.Day;
import onebeat.core.film.Share;
import onebeat.core.timing.Rung;
import onebeat.desktop.nodes.DrawnPane;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// One drill across the days: its clean share with the interval, higher is cleaner.
final class DrillStrand extends DrawnPane {

    private static final double TOP = 8;
    private static final double LOW = 46;
    private static final double HEIGHT = 68;
    private static final double WORDS = 22;
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final Ledger ledger;
    private final LocalDate first;
    private final LocalDate last;
    private final LetterMeasure measure = new LetterMeasure(this);

    DrillStrand(Ledger ledger, LocalDate first, LocalDate last) {
        this.ledger = ledger;
        this.first = first;
        this.last = last;
        setMinHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    @Override
    protected void draw() {
        List<Node> nodes = new ArrayList<>();
        for (double y : List.of(TOP, (TOP + LOW) / 2, LOW)) {
            Line rule = new Line(10, y, getWidth() - 40, y);
            rule.getStyleClass().setAll("beat-line");
            nodes.add(rule);
        }
        Polyline strand = new Polyline();
        strand.getStyleClass().setAll("book-strand");
        List<Node> marks = new ArrayList<>();
        StringBuilder spoken = new StringBuilder();
        setMinHeight(HEIGHT + WORDS * (measure.larger() - 1));
        for (Day day : ledger.days()) {
            day.clean().ifPresent(clean -> {
                double x = x(day.date());
                strand.getPoints().addAll(x, y(clean.share()));
                mark(marks, clean, x);
                spoken.append(Texts.of("book.day", SHORT.format(day.date()), clean.n(), clean.of()));
            });
        }
        nodes.add(strand);
        nodes.addAll(marks);
        nodes.addAll(words());
        getChildren().setAll(nodes);
        setAccessibleText(spoken.toString());
    }

    private void mark(List<Node> marks, Share clean, double x) {
        Line interval = new Line(x, y(clean.low()), x, y(clean.high()));
        interval.getStyleClass().setAll("book-interval");
        Circle dot = new Circle(x, y(clean.share()), 5);
        dot.getStyleClass().setAll("book-dot");
        marks.addAll(List.of(interval, dot));
    }

    /// What stands under the days, the newest first; an older one for which no room is left stands in the spoken
    /// words only.
    private List<Node> words() {
        List<Node> all = new ArrayList<>();
        double end = getWidth();
        for (Day day : ledger.days().reversed()) {
            if (day.clean().isEmpty()) {
                continue;
            }
            Share clean = day.clean().get();
            Text words = Nodes.text(
                    Texts.of("book.mark", SHORT.format(day.date()), clean.n(), clean.of(), day.bpm())
                            + (day.rung() == Rung.WHOLE ? "" : " " + day.rung().id()),
                    "soft");
            double width = measure.width(words.getText(), "soft");
            double x = Math.min(x(day.date()) - 8, end - width);
            if (x < 0) {
                break;
            }
            words.setX(x);
            words.setY(LOW + WORDS * measure.larger() - 4);
            all.add(words);
            end = x - 10;
        }
        return all;
    }

    private double x(LocalDate day) {
        double whole = Math.max(1, ChronoUnit.DAYS.between(first, last));
        return 24 + ChronoUnit.DAYS.between(first, day) / whole * (getWidth() - 100);
    }

    private static double y(double share) {
        return LOW - share * (LOW - TOP);
    }
}
