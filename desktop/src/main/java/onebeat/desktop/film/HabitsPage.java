package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Card;
import onebeat.core.exchange.Pairing;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.film.Sighting;
import onebeat.core.film.Sightings;
import onebeat.core.play.Who;
import onebeat.core.wording.Wording;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// What the opponent does after what, and what is known of the figure at hand.
final class HabitsPage extends VBox implements AutoCloseable {

    private final Text title = Nodes.text("", "title");
    private final Text under = Nodes.text("", "soft");
    private final FrayView frays;
    private final UnaryOperator<String> words;
    private final VBox details = new VBox(3);

    /// What the opponent does after what the athlete does: the ideas and the plan stand on it.
    private List<After> habits = List.of();

    /// What is shown: that, or what the opponent does after an own strike.
    private List<After> shown = List.of();

    private List<Sighting> own = List.of();
    private List<Sighting> others = List.of();
    private String opponent = "";
    private boolean afterOwn;
    private int chosen;

    /// More exchanges than these are counted beside the interface.
    private static final int COUNTED_AT_ONCE = 1_500;

    /// More sightings than these are looked through beside the interface.
    private static final int LOOKED_AT_ONCE = 1_500;

    private final BackgroundQuestion worker = new BackgroundQuestion("habits", under::setText);
    private final BackgroundQuestion closer = new BackgroundQuestion("habit", this::failed);
    private final Runnable whenCounted;

    /// @param whenCounted told when the habits that were asked for are there
    /// @param words a line in words; nothing where the shorthand comes first
    HabitsPage(Runnable whenCounted, UnaryOperator<String> words) {
        super(4);
        this.whenCounted = whenCounted;
        this.words = words;
        this.frays = new FrayView(this::choose, words);
        getStyleClass().add("paper");
        VBox.setVgrow(frays, Priority.ALWAYS);
        details.setMinHeight(USE_PREF_SIZE);
        details.getStyleClass().add("details");
        getChildren().setAll(title, Nodes.flow(under), frays, details);
    }

    /// What is counted on the film of a camp.
    private record Counted(
            List<After> habits,
            List<After> shown,
            List<Sighting> own,
            List<Sighting> others,
            int studied,
            long open,
            long reels) {

        static Counted of(Camp camp, boolean afterOwn) {
            List<Exchange> studied = camp.studied();
            List<Sighting> answers = Sightings.of(studied, Who.PARTNER, camp.vocabulary());
            List<Exchange> rest = camp.studiedOfOthers();
            List<After> habits = FollowUps.of(answers);
            List<Sighting> own = afterOwn ? Sightings.ofOwn(studied, Who.PARTNER, camp.vocabulary()) : answers;
            return new Counted(
                    habits,
                    afterOwn ? FollowUps.of(own) : habits,
                    own,
                    afterOwn
                            ? Sightings.ofOwn(rest, Who.PARTNER, camp.vocabulary())
                            : Sightings.of(rest, Who.PARTNER, camp.vocabulary()),
                    studied.size(),
                    studied.stream().filter(e -> e.pairing() == Pairing.OPEN).count(),
                    studied.stream().map(Exchange::reelId).distinct().count());
        }
    }

    void show(Camp camp) {
        boolean own = afterOwn;
        if (camp.exchanges().size() <= COUNTED_AT_ONCE) {
            worker.stop();
            show(camp, Counted.of(camp, own));
        } else {
            under.setText(Texts.of("film.habits.counting", camp.exchanges().size()));
            worker.ask(_ -> Counted.of(camp, own), counted -> {
                show(camp, counted);
                whenCounted.run();
            });
        }
    }

    private void show(Camp camp, Counted counted) {
        habits = counted.habits;
        own = counted.own;
        others = counted.others;
        shown = counted.shown;
        chosen = Math.clamp(chosen, 0, Math.max(0, figures().size() - 1));
        opponent = camp.card().opponent().name();
        title.setText(Texts.of(afterOwn ? "film.habits.own" : "film.habits", opponent));
        under.setText(Texts.of(
                "film.habits.from",
                whose(camp.card()),
                counted.studied,
                counted.reels,
                counted.open,
                camp.exchanges().size() - counted.studied));
        draw();
    }

    /// Whose habits they are: stance and height tell how much of it any such fighter would do.
    private static String whose(Card card) {
        long taller = Math.round(card.opponent().heightCm() - card.athlete().heightCm());
        return Texts.of(
                taller == 0 ? "film.whose.same" : taller > 0 ? "film.whose.taller" : "film.whose.shorter",
                Texts.of("stance." + card.opponent().stance()),
                Math.abs(taller));
    }

    /// What follows an own strike of the opponent's is shown, or again what answers the athlete's.
    void turnOver(Camp camp) {
        afterOwn = !afterOwn;
        chosen = 0;
        show(camp);
    }

    /// One response to one stimulus.
    private record Figure(After after, FollowUp follow) {}

    private List<Figure> figures() {
        List<Figure> all = new ArrayList<>();
        shown.forEach(after -> after.responses().stream()
                .limit(FrayView.MOST_RESPONSES)
                .forEach(follow -> all.add(new Figure(after, follow))));
        return all;
    }

    private Optional<Figure> figure() {
        List<Figure> all = figures();
        return chosen < all.size() ? Optional.of(all.get(chosen)) : Optional.empty();
    }

    /// The next or the last figure comes to hand.
    void step(int by) {
        chosen = Math.clamp(chosen + by, 0, Math.max(0, figures().size() - 1));
        draw();
    }

    private void choose(String stimulus, String response) {
        List<Figure> all = figures();
        for (int i = 0; i < all.size(); i++) {
            if (all.get(i).after.stimulus().equals(stimulus)
                    && all.get(i).follow.response().equals(response)) {
                chosen = i;
            }
        }
        draw();
    }

    /// The habit at hand, where it answers something that the athlete does: only then a drill can be made of it.
    Optional<After> after() {
        return afterOwn ? Optional.empty() : figure().map(Figure::after);
    }

    /// The figure at hand with its count, in a sentence.
    Optional<String> told() {
        return figure().map(this::told);
    }

    private String told(Figure figure) {
        String stimulus = figure.after.stimulus();
        String response = figure.follow.response();
        return Texts.of(
                "film.details",
                said(stimulus, stimulus),
                Wording.within(said("(" + response + ")", response), opponent),
                HabitDetails.share(figure.follow.share()),
                HabitDetails.interval(figure.follow.share()));
    }

    /// The ids of the exchanges behind the figure at hand.
    List<String> behind() {
        return figure().map(f -> f.follow.exchanges()).orElse(List.of());
    }

    List<After> habits() {
        return habits;
    }

    private void draw() {
        frays.show(shown, figure().map(f -> f.after.stimulus()), figure().map(f -> f.follow.response()));
        closer.stop();
        if (figure().isEmpty()) {
            details.getChildren().clear();
        } else {
            looked(figure().get());
        }
    }

    private void looked(Figure figure) {
        Supplier<HabitDetails> look = look(figure, own, others);
        if (own.size() + others.size() <= LOOKED_AT_ONCE) {
            details(figure, look.get().told());
        } else {
            details(figure, List.of(Texts.of("film.details.counting")));
            closer.ask(_ -> look.get(), known -> details(figure, known.told()));
        }
    }

    private static Supplier<HabitDetails> look(Figure figure, List<Sighting> own, List<Sighting> others) {
        return () -> HabitDetails.of(own, others, figure.after.stimulus(), figure.follow.response());
    }

    private void details(Figure figure, List<String> known) {
        List<Node> nodes = new ArrayList<>();
        nodes.add(Nodes.flow(Nodes.text(told(figure), "small", "strong")));
        known.forEach(line -> nodes.add(Nodes.flow(Nodes.text(line, "soft"))));
        nodes.add(Nodes.flow(Nodes.text(Texts.of(afterOwn ? "film.details.keys.own" : "film.details.keys"), "soft")));
        details.getChildren().setAll(nodes);
    }

    private void failed(String sentence) {
        details.getChildren().setAll(Nodes.flow(Nodes.text(sentence, "soft")));
    }

    /// In words where they come first.
    private String said(String line, String shorthand) {
        String said = words.apply(line);
        return said.isEmpty() ? shorthand : said;
    }

    @Override
    public void close() {
        worker.close();
        closer.close();
    }
}
