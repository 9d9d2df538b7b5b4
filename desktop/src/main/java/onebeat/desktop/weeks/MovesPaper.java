package onebeat.desktop.weeks;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.plan.KeptPlan;
import onebeat.core.plan.PlanWords;
import onebeat.core.plan.PlannedRound;
import onebeat.core.plan.SolvedPlan;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What another plan would change, as a list to be taken or left; what no plan can keep together.
final class MovesPaper extends VBox {

    private static final int MOST = 14;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

    MovesPaper() {
        super(3);
    }

    void show(WeeksPicture picture) {
        List<Node> nodes = new ArrayList<>();
        picture.state().offer().flatMap(WeeksState.Offer::solved).ifPresent(solved -> offered(picture, solved, nodes));
        getChildren().setAll(nodes);
        setVisible(!nodes.isEmpty());
        setManaged(!nodes.isEmpty());
    }

    private static void offered(WeeksPicture picture, SolvedPlan solved, List<Node> nodes) {
        solved.conflicts()
                .forEach(conflict -> nodes.add(Nodes.flow(Nodes.text(PlanWords.of(conflict), "small", "warn"))));
        List<KeptPlan.Move> moves = picture.state().moves();
        boolean first = picture.state()
                .seen()
                .filter(now -> now.kept().rounds().isEmpty())
                .isPresent();
        if (first) {
            nodes.add(Nodes.flow(Nodes.text(
                    Texts.of(
                            "weeks.first",
                            solved.plan().rounds().size(),
                            picture.days().size()),
                    "strong")));
            return;
        }
        int before =
                picture.state().seen().map(now -> now.kept().rounds().size()).orElse(0);
        nodes.add(Nodes.flow(Nodes.text(
                moves.isEmpty() ? Texts.of("weeks.same") : Texts.of("weeks.moves", moves.size(), before), "strong")));
        Map<Said, Integer> said = new LinkedHashMap<>();
        moves.forEach(move -> said.merge(new Said(move.day(), words(picture, move)), 1, Integer::sum));
        said.entrySet().stream().limit(MOST).forEach(one -> nodes.add(row(picture, one.getKey(), one.getValue())));
        if (said.size() > MOST) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("weeks.more", said.size() - MOST), "soft")));
        }
    }

    /// What changes on a day, the same for several rounds told once.
    private record Said(int day, String words) {}

    private static Node row(WeeksPicture picture, Said said, int times) {
        String day = DAY.format(picture.problem().days().get(said.day).date());
        String words = times == 1 ? said.words : Texts.of("weeks.times", times, said.words);
        return Nodes.flow(Nodes.text(day + "  ", "small", "strong"), Nodes.text(words, "small"));
    }

    private static String words(WeeksPicture picture, KeptPlan.Move move) {
        PlannedRound gone = move.gone();
        PlannedRound comes = move.comes();
        if (comes == null) {
            return gone == null ? "" : Texts.of("weeks.goes", picture.name(gone.line()));
        }
        return Texts.of(
                gone == null ? "weeks.comes" : "weeks.heldby",
                picture.name(comes.line()),
                picture.partner(comes.partner()));
    }
}
