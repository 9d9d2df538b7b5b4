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
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The dark line at the foot of the desk. Plain keys type; Tab completes a name; what cannot be read is
/// underlined in place, with the nearest word beside it.
public final class CallLine extends HBox {

    private static final PseudoClass TYPING = PseudoClass.getPseudoClass("typing");

    /// The width of one character of the field's typeface at its size, in pixels (JetBrains Mono: 0.6 em at
    /// 22 px).
    private static final double CHARACTER = 13.2;

    private static final double HEIGHT = 72;
    private static final double WORDS_AT = 62;
    private static final double WORDS_ROOM = 16;

    private final Text prompt = new Text();
    private final TextField field = new TextField();
    private final Pane marks = new Pane();
    private final Text hint = new Text();
    private final Text words = new Text();

    public CallLine() {
        getStyleClass().add("call-line");
        setAlignment(Pos.CENTER_LEFT);
        setSpacing(14);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        prompt.getStyleClass().setAll("text", "call-prompt");
        hint.getStyleClass().setAll("text", "call-hint");
        field.setId("call-line");
        field.setAccessibleText(Texts.of("call.spoken"));
        field.setPromptText(Texts.of("call.prompt"));
        marks.setMouseTransparent(true);
        words.getStyleClass().setAll("text", "call-words");
        words.setManaged(false);
        words.setY(WORDS_AT);
        StackPane typed = new StackPane(field, marks);
        HBox.setHgrow(typed, Priority.ALWAYS);
        Pane under = new Pane(words);
        under.setMouseTransparent(true);
        StackPane all = new StackPane(typed, under);
        HBox.setHgrow(all, Priority.ALWAYS);
        StackPane.setMargin(typed, new Insets(0, 0, WORDS_ROOM, 0));
        prompt.setTranslateY(-WORDS_ROOM / 2);
        hint.setTranslateY(-WORDS_ROOM / 2);
        getChildren().setAll(prompt, all, hint);
        field.focusedProperty().addListener((_, _, now) -> pseudoClassStateChanged(TYPING, now));
        Nodes.goesOn(field);
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.TAB && !e.isShiftDown() && complete()) {
                e.consume();
            }
        });
    }

    /// What the line says in words, under it; empty where there is nothing to say.
    public void words(String said) {
        words.setText(said);
    }

    public StringProperty textProperty() {
        return field.textProperty();
    }

    public String text() {
        return field.getText();
    }

    /// Puts a line in, the caret behind it.
    public void set(String text) {
        field.setText(text);
        field.end();
    }

    public void type() {
        field.requestFocus();
        field.end();
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
        double y = 38;
        Line line = new Line(left + span.start() * CHARACTER, y, left + span.end() * CHARACTER, y);
        line.getStyleClass().setAll(style);
        marks.getChildren().add(line);
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
