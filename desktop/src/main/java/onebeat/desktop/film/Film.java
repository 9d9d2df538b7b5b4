package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Place;
import onebeat.core.exchange.Pairing;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Outcome;
import onebeat.core.film.Reel;
import onebeat.core.play.Who;
import onebeat.core.review.Review;
import onebeat.desktop.desk.Desk;
import onebeat.desktop.desk.LineWatch.Seen;
import onebeat.desktop.desk.Look;
import onebeat.desktop.desk.Station;
import onebeat.desktop.desk.Texts;
import onebeat.desktop.figures.FigureView;

/// Film: typing a call line while it plays logs an exchange; the next single key is its outcome.
public final class Film implements Station {

    private static final double STEP_S = 0.1;
    private static final int ROWS = 4;

    /// Exchanges start at this tempo when they become drills. A default.
    private static final int FIRST_BPM = 60;

    private final Desk desk;
    private final Consumer<Station.Name> go;
    private final Consumer<String> type;
    private final Consumer<String> prompt;
    private final HBox view = new HBox(14);
    private final FigureView figures = new FigureView();
    private final Text reelName = Look.text("", "small");
    private final Text time = Look.text("", "narrow");
    private final Text state = Look.text("", "small");
    private final TimeRope axis = new TimeRope(this::seek);
    private final VBox rows = new VBox(6);
    private final Text habitsTitle = Look.text("", "title");
    private final Text habitsUnder = Look.text("", "soft");
    private final FrayView habits = new FrayView();
    private Optional<DrawnReel> reel = Optional.empty();
    private Optional<String> chosen = Optional.empty();
    private Optional<String> awaitsOutcome = Optional.empty();
    private double timeS;
    private boolean playing;
    private boolean slow;
    private boolean looping;
    private final AnimationTimer timer = new AnimationTimer() {
        private long last;

        @Override
        public void start() {
            last = System.nanoTime();
            super.start();
        }

        @Override
        public void handle(long now) {
            long nanos = System.nanoTime();
            run((nanos - last) / 1e9);
            last = nanos;
        }
    };

    /// @param go leads to another station
    /// @param type puts a line into the call line
    /// @param prompt shows what stands before the call line
    public Film(Desk desk, Consumer<Station.Name> go, Consumer<String> type, Consumer<String> prompt) {
        this.desk = desk;
        this.go = go;
        this.type = type;
        this.prompt = prompt;
        build();
    }

    private void build() {
        figures.getStyleClass().add("on-screen");
        HBox head = new HBox(reelName, Look.spring(), time);
        head.setAlignment(Pos.CENTER);
        HBox foot = new HBox(state);
        foot.setAlignment(Pos.CENTER);
        VBox over = new VBox(head, spring(), foot);
        over.setMouseTransparent(true);
        over.getStyleClass().add("screen-words");
        StackPane screen = new StackPane(figures, over);
        screen.getStyleClass().add("screen");
        screen.setMinSize(0, 0);
        VBox.setVgrow(screen, Priority.ALWAYS);
        rows.setMinHeight(Region.USE_PREF_SIZE);
        VBox left = new VBox(10, screen, axis, rows);
        VBox right = new VBox(4, habitsTitle, habitsUnder, habits);
        right.getStyleClass().add("paper");
        VBox.setVgrow(habits, Priority.ALWAYS);
        left.setMinWidth(0);
        right.setMinWidth(0);
        left.prefWidthProperty().bind(view.widthProperty().multiply(0.55));
        left.maxWidthProperty().bind(left.prefWidthProperty());
        HBox.setHgrow(right, Priority.ALWAYS);
        view.getChildren().setAll(left, right);
    }

    private static Pane spring() {
        Pane spring = new Pane();
        VBox.setVgrow(spring, Priority.ALWAYS);
        return spring;
    }

    @Override
    public Name name() {
        return Name.FILM;
    }

    @Override
    public Region view() {
        return view;
    }

    @Override
    public String prompt() {
        return reel.isPresent() ? Texts.filmTime(timeS) : "";
    }

    @Override
    public String keys() {
        return Texts.of("film.keys");
    }

    @Override
    public void open() {
        Optional<Reel> on = desk.reelProperty().get().flatMap(desk.camp().reels()::get);
        reel = on.map(r -> new DrawnReel(desk.camp(), r));
        reelName.setText(on.map(Reel::name).orElse(Texts.of("film.empty")));
        showHabits();
        showTime();
    }

    @Override
    public void leave() {
        pause();
        awaitsOutcome = Optional.empty();
    }

    private void showHabits() {
        String opponent = desk.camp().card().opponent().name();
        habitsTitle.setText(Texts.of("film.habits", opponent));
        int exchanges = desk.camp().exchanges().size();
        long open = desk.camp().exchanges().all().stream()
                .filter(e -> e.pairing() == Pairing.OPEN)
                .count();
        habitsUnder.setText(
                Texts.of("film.habits.from", exchanges, desk.camp().reels().size(), open));
        habits.show(FollowUps.of(
                desk.camp().exchanges().all(), Who.PARTNER, desk.camp().vocabulary()));
    }

    private void showTime() {
        time.setText(Texts.filmTime(timeS));
        state.setText(stateWords());
        prompt.accept(prompt());
        Optional<DrawnReel.Frame> frame = reel.flatMap(r -> r.at(timeS));
        frame.ifPresentOrElse(
                f -> figures.show(f.way(), f.setting(), f.beat()),
                () -> figures.show(null, desk.camp().setting(), 0));
        Optional<String> now = reel.flatMap(r -> r.nearest(timeS)).map(Exchange::id);
        if (!now.equals(chosen) || rows.getChildren().isEmpty()) {
            chosen = now;
            showExchanges();
        }
        axis.time(timeS);
    }

    private void showExchanges() {
        reel.ifPresent(r -> axis.show(r.reel(), r.exchanges(), chosen));
        List<Exchange> all = reel.map(DrawnReel::exchanges).orElse(List.of());
        List<Node> nodes = new ArrayList<>();
        int here = chosenIndex(all);
        int from = Math.clamp(here - 1, 0, Math.max(0, all.size() - ROWS));
        for (Exchange exchange : all.subList(from, Math.min(all.size(), from + ROWS))) {
            nodes.add(row(exchange));
        }
        if (nodes.isEmpty()) {
            nodes.add(Look.flow(Look.text(Texts.of("film.rows.empty"), "soft")));
        }
        rows.getChildren().setAll(nodes);
    }

    private int chosenIndex(List<Exchange> all) {
        return chosen.map(id -> all.stream().map(Exchange::id).toList().indexOf(id))
                .orElse(0);
    }

    private Node row(Exchange exchange) {
        boolean here = chosen.equals(Optional.of(exchange.id()));
        boolean asks = awaitsOutcome.equals(Optional.of(exchange.id()));
        Text when = Look.text(Texts.filmTime(exchange.timeS()), "soft");
        when.setWrappingWidth(66);
        Text outcome = asks
                ? Look.text(Texts.of("film.outcome.ask"), "caution", "of-athlete")
                : Look.text(Texts.of("outcome." + exchange.outcome().word()), "soft");
        Text starter = Look.text(
                exchange.starter() == Who.ATHLETE
                        ? desk.camp().card().athlete().name()
                        : desk.camp().card().opponent().name(),
                "small",
                exchange.starter() == Who.ATHLETE ? "of-athlete" : "of-partner");
        starter.setWrappingWidth(58);
        Text line = Look.text(exchange.line(), "mono-strong");
        HBox row = asks
                ? new HBox(10, line, Look.spring(), outcome)
                : new HBox(10, when, starter, line, Look.spring(), outcome);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().setAll("row", "paper-row");
        row.pseudoClassStateChanged(Look.CHOSEN, here);
        row.setOnMouseClicked(_ -> seek(exchange.timeS()));
        return row;
    }

    private String stateWords() {
        String speed = slow ? Texts.of("film.half") : "";
        String loop = looping ? Texts.of("film.looping") : "";
        String run = Texts.of(playing ? "film.playing" : "film.paused");
        return String.join(
                " · ",
                List.of(run, speed, loop).stream().filter(w -> !w.isEmpty()).toList());
    }

    private void run(double seconds) {
        if (reel.isEmpty()) {
            return;
        }
        double next = timeS + seconds * (slow ? 0.5 : 1);
        if (looping) {
            Optional<Exchange> here = chosenExchange();
            if (here.isPresent() && next > reel.get().to(here.get())) {
                next = reel.get().from(here.get());
            }
        }
        if (next >= reel.get().reel().seconds()) {
            next = reel.get().reel().seconds();
            pause();
        }
        timeS = next;
        showTime();
    }

    private Optional<Exchange> chosenExchange() {
        return chosen.flatMap(desk.camp().exchanges()::get);
    }

    /// Goes to a time on the reel, in seconds.
    public void seek(double seconds) {
        double end = reel.map(r -> r.reel().seconds()).orElse(0.0);
        timeS = Math.clamp(seconds, 0, end);
        showTime();
    }

    private void pause() {
        playing = false;
        timer.stop();
        state.setText(stateWords());
    }

    @Override
    public String entered(Seen seen) {
        if (reel.isEmpty()) {
            desk.warn(Texts.of("film.empty"));
            return seen.text();
        }
        if (seen.review().isEmpty()) {
            desk.warn(seen.misread().map(m -> m.sentence()).orElse(Texts.of("bench.nothing")));
            return seen.text();
        }
        Exchange exchange = exchange(reel.get().reel(), seen.review().get());
        if (!desk.save(Edit.add(Place.EXCHANGES, exchange))) {
            return seen.text();
        }
        awaitsOutcome = Optional.of(exchange.id());
        desk.say(Texts.of("film.logged", Texts.filmTime(exchange.timeS())));
        open();
        chosen = Optional.of(exchange.id());
        showExchanges();
        return "";
    }

    /// The exchange that was seen: pairing and range are carried over from the last one logged.
    private Exchange exchange(Reel on, Review review) {
        Optional<Exchange> last = desk.camp().exchanges().all().stream().reduce((_, later) -> later);
        boolean partnerStarts = review.canonical().startsWith("(");
        return new Exchange(
                desk.camp().exchanges().nextId("x"),
                on.id(),
                Math.round(timeS * 10) / 10.0,
                on.roundAt(timeS),
                partnerStarts ? Who.PARTNER : Who.ATHLETE,
                last.map(Exchange::athleteStance)
                        .orElse(desk.camp().card().athlete().stance()),
                last.map(Exchange::partnerStance)
                        .orElse(desk.camp().card().opponent().stance()),
                last.flatMap(Exchange::range),
                review.canonical(),
                Outcome.NONE,
                "");
    }

    @Override
    public boolean pressed(KeyEvent key, boolean typing) {
        boolean held = key.isControlDown() || key.isAltDown();
        if (!held && awaitsOutcome.isPresent() && takeOutcome(key.getCode())) {
            return true;
        }
        if (typing && !held) {
            return false;
        }
        return switch (key.getCode()) {
            case SPACE -> play();
            case LEFT -> step(-STEP_S);
            case RIGHT -> step(STEP_S);
            case UP -> choose(-1);
            case DOWN -> choose(1);
            case L -> loop();
            case H -> halfSpeed();
            case B -> toBench();
            case PAGE_DOWN -> nextReel(1);
            case PAGE_UP -> nextReel(-1);
            case DELETE, BACK_SPACE -> remove();
            default -> false;
        };
    }

    private boolean takeOutcome(KeyCode code) {
        Optional<Outcome> outcome = switch (code) {
            case C -> Optional.of(Outcome.CLEAN);
            case P -> Optional.of(Outcome.PARTIAL);
            case B -> Optional.of(Outcome.BLOCKED);
            case M -> Optional.of(Outcome.MISSED);
            case X -> Optional.of(Outcome.COUNTERED);
            case N -> Optional.of(Outcome.NONE);
            default -> Optional.empty();
        };
        Optional<Exchange> exchange = awaitsOutcome.flatMap(desk.camp().exchanges()::get);
        awaitsOutcome = Optional.empty();
        if (outcome.isPresent() && exchange.isPresent()) {
            desk.save(
                    Edit.change(Place.EXCHANGES, exchange.get(), exchange.get().withOutcome(outcome.get())));
            desk.say(
                    Texts.of("film.outcome", Texts.of("outcome." + outcome.get().word())));
        }
        open();
        showExchanges();
        return outcome.isPresent();
    }

    private boolean play() {
        if (reel.isEmpty()) {
            return false;
        }
        if (playing) {
            pause();
        } else {
            playing = true;
            if (timeS >= reel.get().reel().seconds()) {
                timeS = 0;
            }
            timer.start();
            state.setText(stateWords());
        }
        return true;
    }

    private boolean step(double seconds) {
        pause();
        seek(timeS + seconds);
        return true;
    }

    private boolean choose(int step) {
        List<Exchange> all = reel.map(DrawnReel::exchanges).orElse(List.of());
        if (!all.isEmpty()) {
            seek(all.get(Math.clamp(chosenIndex(all) + step, 0, all.size() - 1)).timeS());
        }
        return true;
    }

    private boolean loop() {
        looping = !looping;
        state.setText(stateWords());
        return true;
    }

    private boolean halfSpeed() {
        slow = !slow;
        state.setText(stateWords());
        return true;
    }

    private boolean nextReel(int step) {
        List<String> ids = desk.camp().reels().all().stream().map(Reel::id).toList();
        if (!ids.isEmpty()) {
            int now = desk.reelProperty().get().map(ids::indexOf).orElse(0);
            desk.reelProperty().set(Optional.of(ids.get(Math.floorMod(now + step, ids.size()))));
            timeS = 0;
            chosen = Optional.empty();
            rows.getChildren().clear();
            open();
        }
        return true;
    }

    private boolean remove() {
        chosenExchange().ifPresent(exchange -> {
            if (desk.save(Edit.remove(Place.EXCHANGES, exchange))) {
                desk.say(Texts.of("film.removed"));
                chosen = Optional.empty();
                open();
                showExchanges();
            }
        });
        return true;
    }

    /// Makes a drill of the exchange: his part becomes the feed, the athlete's part the answer.
    private boolean toBench() {
        chosenExchange().ifPresent(exchange -> {
            Drill drill = new Drill(
                    desk.camp().drills().nextId("d"),
                    Texts.of("film.drill", Texts.filmTime(exchange.timeS())),
                    exchange.line(),
                    FIRST_BPM,
                    desk.today(),
                    exchange.id());
            if (desk.save(Edit.add(Place.DRILLS, drill))) {
                desk.drillProperty().set(Optional.of(drill.id()));
                go.accept(Name.BENCH);
                type.accept(drill.line());
                desk.say(Texts.of("film.benched", drill.name()));
            }
        });
        return true;
    }
}
