package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import onebeat.core.exchange.Level;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Pad;
import onebeat.core.holding.PadPlan;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Texts;

/// The other man's half of the line: beat by beat what he throws, does or holds, and what it costs him.
final class HolderPage extends ListPage {

    HolderPage() {
        super("holder", 9);
    }

    @Override
    public Optional<String> line(int functionKey) {
        return Optional.empty();
    }

    void show(Review review, int way) {
        PlayedWay played = review.played().ways().get(way);
        PadPlan plan = review.plan(way);
        List<Node> nodes = new ArrayList<>();
        played.steps().stream()
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .forEach(step -> row(review, plan, step).ifPresent(nodes::add));
        nodes.add(Look.flow(Look.text(account(Contact.of(played, plan)), "strong")));
        nodes.add(Look.flow(Look.text(Texts.of("caution.short"), "caution")));
        rows(nodes);
    }

    private static Optional<Node> row(Review review, PadPlan plan, Step step) {
        String name = step.placed().technique().name();
        if (step.who() == Who.PARTNER) {
            String words = step.placed().act().isStrike()
                    ? Texts.of(
                            "holder.throw",
                            name,
                            Texts.of("level." + step.placed().act().level()),
                            Math.round(review.context().rung().showMs()))
                    : Texts.of("holder.do", name);
            return Optional.of(line(step, words, "of-partner"));
        }
        if (!step.placed().act().isStrike()) {
            return Optional.empty();
        }
        return Optional.of(plan.of(step.index())
                .map(pad -> line(step, held(pad, name), "small"))
                .orElseGet(() -> line(step, Texts.of("holder.touch", name), "of-athlete")));
    }

    private static String held(Pad pad, String name) {
        return Texts.of(
                "holder.hold",
                Texts.of("hand." + pad.hand()),
                Texts.of("gear." + pad.gear()),
                Texts.of("level." + pad.level()),
                pad.angle(),
                name,
                Texts.seconds(pad.showMs()));
    }

    private static Node line(Step step, String words, String style) {
        return new HBox(10, beat(step), grown(words, style));
    }

    private static Node beat(Step step) {
        VBox holder = new VBox(Look.text(step.beat().words(), "strong"));
        holder.setMinWidth(22);
        return holder;
    }

    private static Node grown(String words, String style) {
        Region flow = Look.flow(Look.text(words, style));
        HBox.setHgrow(flow, Priority.ALWAYS);
        return flow;
    }

    private static String account(Contact contact) {
        return Texts.of(
                "holder.account",
                contact.pads(),
                contact.onPartner(),
                contact.athlete().getOrDefault(Level.HEAD, 0));
    }
}
