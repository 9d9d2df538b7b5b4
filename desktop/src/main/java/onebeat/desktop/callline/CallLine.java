package onebeat.desktop.callline;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.StringProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.Line;
import javafx.scene.text.Text;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Span;
import onebeat.core.review.Finding;
import onebeat.core.review.Severity;
import onebeat.desktop.callline.LineWatch.Seen;
import onebeat.desktop.nodes.LetterMeasure;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The dark line at the foot of the desk. Plain keys type; Tab completes a name; what cannot be read is
/// underlined in place, with the nearest word beside it.
public final class CallLine extends HBox {

    private static final PseudoClass TYPING = PseudoClass.getPseudoClass("typing");

    /// The size of the letters that the heights below are made for, in pixels.
    private static final double USUAL_LETTERS = 22;

    private static final double HEIGHT = 72;
    private static final double UNDERLINE = 38;
    private static final double WORDS_AT = 62;
    private static final double WORDS_ROOM = 16;

    private final Text prompt = new Text();
    private final TextField field = new TextField();
    private final Pane marks = new Pane();
    private final Text hint = new Text();
    private final Text words = new Text();
    private final LetterMeasure measure = new LetterMeasure(this);
    private String inWords = "";

    public CallLine() {
        getStyleClass().add("call-line");
        setAlignment(Pos.CENTER_LEFT);
        setSpacing(14);
        prompt.getStyleClass().setAll("text", "call-prompt");
        hint.getStyleClass().setAll("text", "call-hint");
        field.setId("call-line");
        field.setAccessibleText(Texts.of("call.spoken"));
        field.setPromptText(Texts.of("call.prompt"));
        marks.setMouseTransparent(true);
        words.getStyleClass().setAll("text", "call-words");
        words.setManaged(false);
        StackPane typed = new StackPane(field, marks);
        HBox.setHgrow(typed, Priority.ALWAYS);
        Pane under = new Pane(words);
        under.setMouseTransparent(true);
        StackPane all = new StackPane(typed, under);
        HBox.setHgrow(all, Priority.ALWAYS);
        getChildren().setAll(prompt, all, hint);
        size(typed);
        field.fontProperty().addListener((_, _, _) -> size(typed));
        widthProperty().addListener((_, _, _) -> fitWords());
        field.focusedProperty().addListener((_, _, now) -> pseudoClassStateChanged(TYPING, now));
        Nodes.goesOn(field);
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.TAB && !e.isShiftDown() && complete()) {
                e.consume();
            }
        });
    }

    /// How large the letters are, as a share of the usual size.
    private double larger() {
        return Math.max(1, field.getFont().getSize() / USUAL_LETTERS);
    }

    /// Makes room for the letters as large as they are.
    private void size(Node typed) {
        double larger = larger();
        setMinHeight(HEIGHT * larger);
        setPrefHeight(HEIGHT * larger);
        words.setY(WORDS_AT * larger);
        StackPane.setMargin(typed, new Insets(0, 0, WORDS_ROOM * larger, 0));
        prompt.setTranslateY(-WORDS_ROOM * larger / 2);
        hint.setTranslateY(-WORDS_ROOM * larger / 2);
    }

    /// What the line says in words, under it; empty where there is nothing to say.
    public void words(String said) {
        inWords = said;
        fitWords();
    }

    private void fitWords() {
        double room = getWidth() - getPadding().getLeft() - getPadding().getRight();
        words.setText(room > 0 ? measure.fitted(inWords, room, "call-words") : inWords);
    }

    public StringProperty textProperty() {
        return field.textProperty();
    }

    public String text() {
        return field.getText();
    }

    /// Puts a line in, the caret behind it, or between brackets at its end that are still empty.
    public void set(String text) {
        field.setText(text);
        toItsEnd();
    }

    private void toItsEnd() {
        field.positionCaret(field.getLength() - (field.getText().endsWith("()") ? 1 : 0));
    }

    public void type() {
        field.requestFocus();
        toItsEnd();
    }

    public boolean isTyping() {
        return field.isFocused();
    }

    /// What stands before the line, for example the film's time.
    public void prompt(String words) {
        prompt.setText(words);
        prompt.setVisible(!words.isEmpty());
        prompt.setManaged(!words.isEmpty());
    }

    /// Shows what came of the line.
    public void show(Seen seen) {
        marks.getChildren().clear();
        boolean empty = seen.text().isBlank();
        Optional<Misread> misread = seen.misread().filter(_ -> !empty);
        misread.ifPresent(m -> underline(new Span(m.at(), Math.max(m.end(), m.at() + 1)), "call-wrong"));
        hint.getStyleClass().setAll("text", misread.isPresent() ? "call-hint-wrong" : "call-hint");
        seen.review()
                .ifPresent(review -> review.findings().stream()
                        .filter(f -> f.severity() != Severity.NOTE)
                        .map(Finding::spans)
                        .flatMap(List::stream)
                        .forEach(span -> underline(span, "call-warn")));
        hint.setText(misread.map(CallLine::words).orElseGet(this::nameAtCaret));
    }

    private static String words(Misread misread) {
        return misread.nearest().isEmpty()
                ? Texts.of("call.wrong", misread.expected())
                : Texts.of("call.nearest", String.join("  ", misread.nearest()));
    }

    private void underline(Span span, String style) {
        Node inner = field.lookup(".text");
        double left = inner == null
                ? 0
                : inner.getBoundsInParent().getMinX() + field.getPadding().getLeft();
        double y = UNDERLINE * larger();
        Line line = new Line(left + width(span.start()), y, left + width(span.end()), y);
        line.getStyleClass().setAll(style);
        marks.getChildren().add(line);
    }

    /// How wide the first letters of the line are, in pixels.
    private double width(int letters) {
        Text before = new Text(field.getText().substring(0, Math.min(letters, field.getLength())));
        before.setFont(field.getFont());
        return before.getLayoutBounds().getWidth();
    }

    private String nameAtCaret() {
        return wordAtCaret()
                .flatMap(word -> Catalogue.standard().byCode(word))
                .map(Technique::name)
                .orElse("");
    }

    private Optional<String> wordAtCaret() {
        String before = field.getText().substring(0, Math.min(field.getCaretPosition(), field.getLength()));
        int start = before.length();
        while (start > 0 && isWord(before.charAt(start - 1))) {
            start--;
        }
        return start == before.length() ? Optional.empty() : Optional.of(before.substring(start));
    }

    private static boolean isWord(char c) {
        return Character.isLetterOrDigit(c) || c == '-';
    }

    /// Completes the name before the caret with the first that begins like it.
    private boolean complete() {
        Optional<String> word = wordAtCaret();
        Optional<String> whole = word.flatMap(w -> Catalogue.standard().all().stream()
                .map(Technique::code)
                .filter(code -> code.startsWith(w) && !code.equals(w))
                .findFirst());
        whole.ifPresent(w -> field.insertText(
                field.getCaretPosition(), w.substring(word.orElse("").length())));
        return whole.isPresent();
    }
}
