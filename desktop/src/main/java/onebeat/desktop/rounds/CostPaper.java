package onebeat.desktop.rounds;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextFlow;
import onebeat.core.camp.Camp;
import onebeat.core.holding.Contact;
import onebeat.core.review.Limits;
import onebeat.core.review.Severity;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;
import onebeat.formats.cards.Cards;

/// What tonight costs the athlete and the partner: time, repetitions and touches, beside the week's.
final class CostPaper extends VBox {

    CostPaper() {
        super(6);
    }

    void show(RoundsPicture picture) {
        Optional<Schedule> schedule = picture.schedule();
        List<Stretch> rounds = schedule.map(Schedule::rounds).orElse(List.of());
        int repetitions = rounds.stream().mapToInt(Stretch::repetitions).sum();
        Contact session = schedule.map(Schedule::contact).orElse(Contact.NONE);
        Contact week = picture.week();
        long lengthMs = schedule.filter(s -> !s.rounds().isEmpty())
                .map(s -> s.lengthMs() - Schedule.READY_MS)
                .orElse(0L);
        List<Node> rows = new ArrayList<>();
        int most = picture.session().map(Session::minutes).orElse(0);
        rows.add(cost("rounds.cost.minutes", Texts.clock(lengthMs / 1000.0)));
        if (most > 0 && lengthMs > most * 60_000L) {
            rows.add(Nodes.flow(Nodes.text(Texts.of("rounds.cost.over", most), "footer-wrong")));
        }
        rows.add(cost("rounds.cost.reps", "" + repetitions));
        rows.add(cost("rounds.cost.pads", session.pads() + " · " + week.pads()));
        if (session.held() + week.held() > 0) {
            rows.add(cost("rounds.cost.held", session.held() + " · " + week.held()));
        }
        rows.add(cost("rounds.cost.partner", session.onPartner() + " · " + week.onPartner()));
        rows.add(cost("rounds.cost.heads", session.onHeads() + " · " + week.onHeads()));
        rows.add(Nodes.flow(Nodes.text(limbs(session), "soft")));
        getChildren().setAll(rows);
        picture.excesses()
                .forEach(excess -> getChildren()
                        .add(Nodes.flow(Nodes.text(Cards.limit(excess), severity(picture.camp(), excess)))));
        getChildren().add(Nodes.flow(Nodes.text(Texts.of("caution.short"), "caution")));
    }

    /// A passed limit weighs as much as the coach says.
    private static String severity(Camp camp, Limits.Excess excess) {
        Severity severity = camp.context().severities().of(excess.limit().of().code());
        return severity == Severity.STOP ? "footer-wrong" : "strong";
    }

    private static String limbs(Contact contact) {
        return contact.byLimb().entrySet().stream()
                .map(e -> Texts.of("rounds.limb", e.getKey().words(), e.getValue()))
                .collect(Collectors.joining(" · "));
    }

    private static HBox cost(String key, String value) {
        TextFlow words = Nodes.flow(Nodes.text(Texts.of(key), "small"));
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(8, words, Nodes.text(value, "mono-strong"));
        row.setAlignment(Pos.BASELINE_LEFT);
        return row;
    }
}
