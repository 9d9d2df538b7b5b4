package onebeat.desktop.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import onebeat.core.exchange.Intent;
import onebeat.core.film.Answer;
import onebeat.core.film.AnswerList;
import onebeat.core.film.Finder;
import onebeat.core.film.Found;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Setups;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.play.Placed;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What the finder proposes: the best answers to what the line feeds, or whole lines for the strike that it
/// ends with. It works beside the interface, shows what it has as it gets better, and stops when the page
/// is turned.
final class FinderPage extends ListPage implements AutoCloseable {

    /// Answers are looked for up to so many actions, one more at a time.
    private static final int DEEPEST = 5;

    private final boolean forWeapon;
    private final BackgroundQuestion worker = new BackgroundQuestion("finder", this::failed);
    private List<Answer> shown = List.of();
    private String askedFor = "";

    /// @param forWeapon whether lines for a weapon are looked for, or answers to a feed
    FinderPage(boolean forWeapon, UnaryOperator<String> words) {
        super(forWeapon ? "weapon" : "answers", 12, words);
        this.forWeapon = forWeapon;
    }

    @Override
    public Optional<String> line(int functionKey) {
        int index = functionKey - FIRST_KEY;
        return index >= 0 && index < shown.size() ? Optional.of(shown.get(index).line()) : Optional.empty();
    }

    /// Looks for what fits a line, unless it was looked for last: taking a proposal does not begin the
    /// search anew.
    void show(Review review, Repertoire repertoire) {
        PlayedWay way = review.played().ways().getFirst();
        Optional<String> wanted = forWeapon ? weapon(way) : feed(way);
        boolean own = shown.stream().anyMatch(a -> a.line().equals(review.canonical()));
        String key = wanted.orElse("")
                + review.context().partner().hashCode()
                + review.context().setting();
        if (key.equals(askedFor) || (own && wanted.isPresent())) {
            return;
        }
        askedFor = key;
        shown = List.of();
        if (wanted.isEmpty()) {
            worker.stop();
            rows(List.of(Nodes.flow(Nodes.text(Texts.of(forWeapon ? "weapon.none" : "answers.none"), "soft"))));
            return;
        }
        look(wanted.get(), review.context(), repertoire);
    }

    /// Stops what is being looked for.
    void stop() {
        worker.stop();
        askedFor = "";
    }

    private void failed(String sentence) {
        askedFor = "";
        rows(List.of(Nodes.flow(Nodes.text(sentence, "soft"))));
    }

    private void look(String wanted, Context context, Repertoire repertoire) {
        int top = LAST_KEY - FIRST_KEY + 1;
        rows(List.of(Nodes.flow(Nodes.text(Texts.of("answers.looking", wanted), "soft"))));
        if (forWeapon) {
            worker.ask(
                    _ -> Setups.of(new Setups.Query(wanted, context, repertoire, top)),
                    found -> fill(found, Texts.of("weapon.looked", wanted, found.looked())));
            return;
        }
        worker.ask(asked -> {
            for (int depth = 2; depth <= DEEPEST && !asked.isOld(); depth++) {
                int deep = depth;
                Found found = AnswerList.of(
                        new Finder.Query(wanted, context, repertoire, deep, top),
                        best -> asked.tell(() -> fill(best, Texts.of("answers.looking", wanted))),
                        asked::isOld);
                String key = found.whole() ? "answers.looked" : "answers.some";
                asked.tell(() -> fill(found, Texts.of(key, wanted, deep, found.looked(), found.skipped())));
                if (!found.whole()) {
                    return;
                }
            }
        });
    }

    private void fill(Found found, String under) {
        fill(found.answers(), under);
    }

    private void fill(List<Answer> answers, String under) {
        shown = answers;
        List<Node> nodes = new ArrayList<>();
        nodes.add(Nodes.flow(Nodes.text(under, "strong")));
        for (int i = 0; i < answers.size(); i++) {
            nodes.add(row(answers.get(i), FIRST_KEY + i));
        }
        if (answers.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("answers.nothing"), "soft")));
        }
        rows(nodes);
    }

    private Node row(Answer answer, int key) {
        String numbers = Texts.of(
                "answers.numbers",
                Texts.share(answer.value().opening()),
                Texts.share(answer.value().effect()),
                Texts.share(answer.value().exposure()));
        VBox row = new VBox(2, keyed(key, answer.line()), Nodes.flow(Nodes.text(numbers, "soft")));
        if (answer.taught() && answer.reasons().isEmpty()) {
            row.getChildren().add(Nodes.flow(Nodes.text(Texts.of("answers.taught"), "small")));
        }
        answer.reasons().forEach(reason -> row.getChildren().add(Nodes.flow(Nodes.text(reason, "small"))));
        return row;
    }

    /// What the line feeds at its start, as one bracket: strikes until something of the athlete's follows
    /// that is not meant to meet them.
    private static Optional<String> feed(PlayedWay way) {
        List<String> strikes = new ArrayList<>();
        for (Placed placed : way.way().actions()) {
            if (placed.who() == Who.ATHLETE && !placed.technique().isDefence()) {
                break;
            }
            if (placed.who() == Who.PARTNER && placed.act().isStrike()) {
                strikes.add(plain(placed.act()));
            }
        }
        return strikes.isEmpty() ? Optional.empty() : Optional.of("(" + String.join(" ", strikes) + ")");
    }

    /// The last strike of the athlete's.
    private static Optional<String> weapon(PlayedWay way) {
        return way.strikesOf(Who.ATHLETE)
                .reduce((_, later) -> later)
                .map(s -> plain(s.placed().act()));
    }

    private static String plain(Act act) {
        return Notation.print(new Act(false, act.technique(), act.level(), Intent.NORMAL, act.span()));
    }

    @Override
    public void close() {
        worker.close();
    }
}
