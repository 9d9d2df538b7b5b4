package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.camp.Camp;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FightPlan.Plan;
import onebeat.desktop.film.Insights.Insight;
import onebeat.desktop.text.Texts;
import onebeat.formats.cards.PlanCard;

/// Three plans against the opponent, and what to stay away from.
final class PlanPage extends LinesPage {

    private final UnaryOperator<String> preferred;

    /// @param words a line in words; nothing where the shorthand comes first
    /// @param preferred a line in words, or as it is written, whichever comes first
    PlanPage(UnaryOperator<String> words, UnaryOperator<String> preferred) {
        super("plan", words);
        this.preferred = preferred;
    }

    void wait(String opponent) {
        fill(List.of(), List.of(said(Texts.of("ideas.wait", opponent), "soft")));
    }

    void show(Insight insight, Camp camp) {
        FightPlan plan = insight.plan();
        String opponent = camp.card().opponent().name();
        PlanCard card = new PlanCard(camp.card().athlete().name(), opponent, preferred);
        List<Taken> lines = new ArrayList<>();
        List<Node> nodes = new ArrayList<>();
        for (Plan one : plan.plans()) {
            String title = card.title(lines.size() + 1, one);
            VBox row = new Backed(
                    one.idea().exchanges(),
                    List.of(title, card.evidence(one)),
                    said(title, "small", "strong"),
                    keyedAt(lines.size(), one.drill().line()));
            card.reads(one).forEach(read -> row.getChildren().add(said(read, "small")));
            row.getChildren().add(said(card.evidence(one), "soft"));
            nodes.add(row);
            lines.add(new Taken(title, one.drill().line(), one.drill().odds()));
        }
        if (lines.isEmpty()) {
            nodes.add(said(Texts.of("ideas.none", opponent), "soft"));
        }
        nodes.add(said(Texts.of("plan.away"), "small", "strong"));
        List<String> avoid = card.avoid(plan);
        for (int i = 0; i < avoid.size(); i++) {
            Node words = said(avoid.get(i), "small");
            nodes.add(
                    i < plan.avoid().size()
                            ? new Backed(plan.avoid().get(i).exchanges(), List.of(avoid.get(i)), words)
                            : words);
        }
        if (avoid.isEmpty()) {
            nodes.add(said(Texts.of("plan.away.none"), "soft"));
        }
        FightPlan.Moments moments = plan.moments();
        moments.whenHurt().ifPresent(hurt -> nodes.add(moment("plan.hurt", hurt.exchanges(), card.whenHurt(plan))));
        moments.afterHit().ifPresent(hit -> nodes.add(moment("plan.hit", hit.exchanges(), card.afterHit(plan))));
        moments.pause().ifPresent(pause -> nodes.add(moment("plan.pause", pause.exchanges(), card.pause(plan))));
        nodes.add(said(Texts.of("caution.short"), "caution"));
        fill(lines, nodes);
    }

    /// What film says of a moment of the fight.
    private VBox moment(String title, List<String> exchanges, List<String> sentences) {
        VBox rows = new Backed(exchanges, sentences, said(Texts.of(title), "small", "strong"));
        sentences.forEach(words -> rows.getChildren().add(said(words, "small")));
        return rows;
    }
}
