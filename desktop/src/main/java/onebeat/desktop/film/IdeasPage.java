package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import onebeat.core.camp.BookLines;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.film.Idea;
import onebeat.core.film.Share;
import onebeat.core.holding.Odds;
import onebeat.desktop.film.Insights.Insight;
import onebeat.desktop.text.Texts;

/// What the opponent leaves open, the surest first, each with a line for it and the camp's lines that use it.
final class IdeasPage extends LinesPage {

    /// As many as there are function keys for.
    private static final int MOST = 9;

    IdeasPage(UnaryOperator<String> words) {
        super("ideas", words);
    }

    void wait(String opponent) {
        fill(List.of(), List.of(said(Texts.of("ideas.wait", opponent), "soft")));
    }

    void show(Insight insight, Camp camp) {
        List<Idea> ideas = insight.ideas().stream().limit(MOST).toList();
        List<Taken> lines = new ArrayList<>();
        List<Node> nodes = new ArrayList<>();
        for (Idea idea : ideas) {
            nodes.add(row(idea, lines.size(), camp));
            lines.add(new Taken(
                    Texts.of("ideas.name", idea.stimulus(), idea.response()),
                    idea.reply().line(),
                    Odds.even()));
        }
        if (ideas.isEmpty()) {
            nodes.add(said(Texts.of("ideas.none", camp.card().opponent().name()), "soft"));
        }
        fill(lines, nodes);
    }

    private Node row(Idea idea, int at, Camp camp) {
        Share share = idea.share();
        List<Drill> using = BookLines.using(camp, idea);
        String book = using.isEmpty()
                ? Texts.of("ideas.book.none")
                : Texts.of("ideas.book", using.stream().map(Drill::name).collect(Collectors.joining(", ")));
        String habit = Texts.of(
                "ideas.habit",
                inWords(idea.stimulus() + " (" + idea.response() + ")"),
                Texts.of("film.of", share.n(), share.of()),
                HabitDetails.interval(share));
        return new Backed(
                idea.exchanges(),
                List.of(habit),
                said(habit, "small", "strong"),
                keyedAt(at, idea.reply().line()),
                said(
                        Texts.of(
                                "ideas.numbers",
                                inWords(idea.reply().strike()),
                                Texts.share(idea.reply().opening()),
                                Texts.share(idea.reply().effect()),
                                Texts.share(idea.worth())),
                        "soft"),
                said(book, "soft"));
    }
}
