package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import onebeat.core.exchange.Level;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Odds;
import onebeat.core.holding.Partner;
import onebeat.core.holding.Script;
import onebeat.core.holding.Script.Cue;
import onebeat.core.review.Review;
import onebeat.desktop.figures.HolderView;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The partner's half of the line: what they see, beat by beat what they throw, do or hold, and what it
/// costs them.
final class HolderPage extends VBox implements Page {

    private static final double VIEW_HIGH = 236;

    private final HolderView view = new HolderView();
    private final VBox rows = new VBox(7);

    HolderPage() {
        super(8);
        getStyleClass().add("paper");
        view.setMinHeight(VIEW_HIGH);
        view.setPrefHeight(VIEW_HIGH);
        Region scroll = Nodes.scroll(rows);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .setAll(
                        Nodes.text(Texts.of("holder.title"), "title"),
                        Nodes.flow(Nodes.text(Texts.of("holder.under"), "soft")),
                        view,
                        scroll);
    }

    @Override
    public Region view() {
        return this;
    }

    @Override
    public Optional<String> line(int functionKey) {
        return Optional.empty();
    }

    /// Goes to a place along the line.
    void at(double beat) {
        view.at(beat);
    }

    void show(Review review, int way, Optional<Partner> partner, Odds odds) {
        view.show(new HolderView.Picture(
                review.played().ways().get(way),
                review.plan(way),
                review.context().setting(),
                review.context().bpm()));
        Script script = review.script(way, partner);
        List<Node> nodes = new ArrayList<>();
        Script.choices(review.read().line(), odds).forEach(words -> nodes.add(flow(words, "strong")));
        script.cannot().forEach(words -> nodes.add(flow(words, "footer-wrong")));
        script.before().forEach(words -> nodes.add(flow(words, "soft")));
        script.cues().forEach(cue -> nodes.add(row(cue)));
        script.faults().forEach(words -> nodes.add(flow(words, "soft")));
        Contact contact = Contact.of(review.played().ways().get(way), review.plan(way));
        nodes.add(flow(account(contact), "strong"));
        nodes.add(flow(Texts.of("caution.short"), "caution"));
        rows.getChildren().setAll(nodes);
    }

    private static Node row(Cue cue) {
        VBox beat = new VBox(Nodes.text(cue.beat().words(), "strong"));
        beat.setMinWidth(22);
        String style = switch (cue.does()) {
            case THROW, SHOW, MEET -> "of-partner";
            case HOLD -> "small";
            case TOUCH, SPARE -> "of-athlete";
        };
        String when = cue.does() == Script.Does.THROW
                ? Texts.of("holder.early", Texts.seconds(cue.atMs() - cue.showMs()))
                : cue.does() == Script.Does.HOLD ? Texts.of("holder.there", Texts.seconds(cue.showMs())) : "";
        VBox words = new VBox(1, flow(cue.call(), style, "strong"));
        String detail = cue.detail() + when;
        if (!detail.isEmpty()) {
            words.getChildren().add(flow(detail, "soft"));
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        return new HBox(10, beat, words);
    }

    private static Region flow(String words, String... styles) {
        return Nodes.flow(Nodes.text(words, styles));
    }

    private static String account(Contact contact) {
        return Texts.of(
                "holder.account",
                contact.pads(),
                contact.onPartner(),
                contact.athlete().getOrDefault(Level.HEAD, 0));
    }
}
