package onebeat.desktop.film;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import onebeat.core.film.Exchange;
import onebeat.core.film.Seized;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.film.Insights.Insight;
import onebeat.desktop.print.Print;
import onebeat.desktop.text.Texts;

/// What lies beside the film: the habits, and over them the ideas, the plan, or a log that comes in.
final class Pages extends StackPane implements AutoCloseable {

    /// The function key that makes a drill of the habit at hand.
    private static final int HABIT_KEY = 2;

    private final CampSession app;
    private final HabitsPage habits;
    private final IdeasPage ideas;
    private final PlanPage plan;
    private final Insights insights;
    private final ArrivalPage arrival;
    private final Runnable changed;

    /// @param changed told when a log came in or did not, and the film is to be shown as it is now
    Pages(CampSession app, Runnable changed) {
        this.app = app;
        this.habits = new HabitsPage(this::ask, line -> app.wordsOnFilm().first(line));
        this.ideas = new IdeasPage(line -> app.wordsOnFilm().first(line));
        this.plan = new PlanPage(
                line -> app.wordsOnFilm().first(line), line -> app.wordsOnFilm().preferred(line));
        this.changed = changed;
        this.insights = new Insights(app, this::failed);
        this.arrival = new ArrivalPage(app);
        getChildren().setAll(habits);
    }

    /// Shows the camp as it is now.
    void show() {
        habits.show(app.camp());
        ask();
    }

    boolean turnToIdeas() {
        return turnTo(ideas);
    }

    boolean turnToPlan() {
        return turnTo(plan);
    }

    /// What the opponent does after an own strike, or again after the athlete's.
    boolean turnHabitsOver() {
        getChildren().setAll(habits);
        habits.turnOver(app.camp());
        return true;
    }

    private boolean turnTo(Region page) {
        getChildren().setAll(getChildren().contains(page) ? habits : page);
        ask();
        return true;
    }

    /// What the page that is turned to needs is worked out.
    private void ask() {
        String opponent = app.camp().card().opponent().name();
        if (getChildren().contains(ideas)) {
            ideas.wait(opponent);
            insights.ask(habits.habits(), insight -> ideas.show(insight, app.camp()));
        } else if (getChildren().contains(plan)) {
            plan.wait(opponent);
            insights.ask(habits.habits(), insight -> plan.show(insight, app.camp()));
        }
    }

    /// What could not be worked out is said where it was waited for.
    private void failed(String sentence) {
        lines().ifPresent(page -> page.failed(sentence));
        app.warn(sentence);
    }

    boolean print() {
        insights.ask(habits.habits(), (Insight insight) -> Print.plan(app, insight.plan()));
        return true;
    }

    /// The page of lines that lies over the habits.
    private Optional<LinesPage> lines() {
        return getChildren().stream()
                .filter(LinesPage.class::isInstance)
                .map(LinesPage.class::cast)
                .findFirst();
    }

    /// Another habit or line is chosen.
    void choose(int step) {
        lines().ifPresentOrElse(page -> page.choose(step), () -> habits.step(step));
    }

    /// What is chosen, in a sentence or a few.
    List<String> told() {
        return lines().map(LinesPage::told)
                .orElseGet(() -> habits.told().stream().toList());
    }

    /// The ids of the exchanges behind what is chosen.
    List<String> behind() {
        return lines().map(LinesPage::behind).orElseGet(habits::behind);
    }

    /// The line of a function key: of the ideas, of the plan, or the drill of the habit at hand.
    Optional<LinesPage.Taken> line(int functionKey) {
        return switch (getChildren().getFirst()) {
            case LinesPage page -> page.line(functionKey);
            case HabitsPage _
            when functionKey == HABIT_KEY ->
                habits.after()
                        .flatMap(after -> Seized.of(after, insights.context(), insights.repertoire())
                                .map(s -> new LinesPage.Taken(
                                        Texts.of("film.drill.habit", after.stimulus()), s.line(), s.odds())));
            default -> Optional.empty();
        };
    }

    /// The drill of an exchange, with their other responses on film as its reads.
    Seized seized(Exchange exchange) {
        return Seized.of(exchange, habits.habits(), insights.context(), insights.repertoire());
    }

    /// Whether what lies beside the film offers lines.
    boolean hasLines() {
        return lines().map(LinesPage::hasLines).orElseGet(() -> habits.after().isPresent());
    }

    /// A log comes in from a file.
    void read(Path file) {
        getChildren().setAll(arrival);
        arrival.read(file);
    }

    /// Whether a log waits to be taken or not.
    boolean arrives() {
        return getChildren().contains(arrival);
    }

    /// The log that waits is taken, or not. While it is written the page stays, and can stop it.
    void decide(boolean take) {
        if (take) {
            arrival.take(this::arrived);
        } else if (arrival.drop()) {
            arrived();
        }
    }

    private void arrived() {
        getChildren().setAll(habits);
        changed.run();
    }

    @Override
    public void close() {
        habits.close();
        insights.close();
        arrival.close();
    }
}
