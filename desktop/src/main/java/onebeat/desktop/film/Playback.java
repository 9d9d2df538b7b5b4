package onebeat.desktop.film;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.layout.StackPane;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.core.play.Setting;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.text.Texts;

/// The reel on the screen: its time, its speed, what it runs between, and what it plays in a row.
final class Playback {

    private static final double HALF = 0.5;

    private final CampSession app;
    private final Runnable moved;
    private final BiConsumer<Reel, Double> lengthKnown;
    private final StackPane screen = new StackPane();
    private Optional<DrawnReel> reel = Optional.empty();
    private Optional<Player> player = Optional.empty();
    private Optional<String> cannot = Optional.empty();
    private Optional<Double> begin = Optional.empty();
    private Optional<Double> end = Optional.empty();
    private List<Exchange> row = List.of();
    private int rowAt;
    private boolean playing;
    private boolean slow;
    private boolean looping;

    /// @param moved told when the time has changed
    /// @param lengthKnown told how long a film turned out to be
    Playback(CampSession app, Runnable moved, BiConsumer<Reel, Double> lengthKnown) {
        this.app = app;
        this.moved = moved;
        this.lengthKnown = lengthKnown;
        screen.setMinSize(0, 0);
    }

    StackPane screen() {
        return screen;
    }

    Optional<DrawnReel> reel() {
        return reel;
    }

    /// Why the film cannot be played, where it cannot.
    Optional<String> cannot() {
        return cannot;
    }

    Optional<Double> begin() {
        return begin;
    }

    Optional<Double> end() {
        return end;
    }

    double timeS() {
        return player.map(Player::timeS).orElse(0.0);
    }

    /// Shows this reel as the camp has it now. The same reel runs on where it is.
    void show(Optional<Reel> now) {
        Camp camp = app.camp();
        Optional<Reel> before = reel.map(DrawnReel::reel);
        boolean same = before.isPresent()
                && now.isPresent()
                && before.get().id().equals(now.get().id())
                && before.get().file().equals(now.get().file());
        boolean ran = playing && same;
        double from = same ? timeS() : 0;
        if (!same) {
            forget();
        }
        reel = now.map(r -> new DrawnReel(camp, r));
        boolean filmed = player.filter(FilmPlayer.class::isInstance).isPresent();
        if (same && filmed) {
            return;
        }
        player.ifPresent(Player::close);
        player = reel.map(r -> open(r, from));
        player.ifPresent(p -> screen.getChildren().setAll(p.view()));
        if (ran) {
            player.ifPresent(p -> p.play(speed()));
        }
    }

    private void forget() {
        pause();
        looping = false;
        begin = Optional.empty();
        end = Optional.empty();
        cannot = Optional.empty();
    }

    private Player open(DrawnReel drawn, double from) {
        Reel now = drawn.reel();
        if (now.isDrawn() || cannot.isPresent()) {
            return drawn(drawn, from);
        }
        Path file = app.folder().resolve(now.file());
        if (!Files.isRegularFile(file)) {
            cannot = Optional.of(Texts.of("film.gone", file));
            return drawn(drawn, from);
        }
        try {
            return FilmPlayer.open(
                    file, from, length -> lengthKnown.accept(now, length), why -> instead(now, why), this::tick);
        } catch (RuntimeException e) {
            cannot = Optional.of(Texts.of("film.cannot.UNKNOWN", file.getFileName()));
            return drawn(drawn, from);
        }
    }

    /// The figures stand in for a film that cannot be played.
    private void instead(Reel of, String why) {
        if (reel.map(r -> r.reel().id().equals(of.id())).orElse(false)) {
            pause();
            double at = timeS();
            cannot = Optional.of(why);
            player.ifPresent(Player::close);
            player = reel.map(r -> drawn(r, at));
            player.ifPresent(p -> screen.getChildren().setAll(p.view()));
            app.warn(why);
            moved.run();
        }
    }

    private Player drawn(DrawnReel drawn, double from) {
        return new DrawnPlayer(drawn, new Setting(app.camp().card().athlete(), drawn.studied()), from, this::tick);
    }

    /// The time went on by itself.
    private void tick() {
        if (playing) {
            double now = timeS();
            Optional<double[]> between = between();
            if (between.isPresent() && now > between.get()[1]) {
                nextTurn(between.get()[0]);
            } else if (reel.isPresent() && now >= reel.get().reel().seconds() - 1e-9) {
                pause();
            }
        }
        moved.run();
    }

    private void nextTurn(double from) {
        if (row.isEmpty()) {
            seek(from);
        } else if (rowAt + 1 < row.size()) {
            rowAt++;
            playRow();
        } else {
            row = List.of();
            pause();
        }
    }

    /// What it runs between: the exchange in the row, the marks, or the exchange at hand.
    private Optional<double[]> between() {
        if (!row.isEmpty()) {
            return reel.map(r -> bounds(r, row.get(rowAt)));
        }
        if (!looping) {
            return Optional.empty();
        }
        if (begin.isPresent() || end.isPresent()) {
            double to = end.orElseGet(() -> reel.map(r -> r.reel().seconds()).orElse(0.0));
            return Optional.of(new double[] {begin.orElse(0.0), to});
        }
        return reel.flatMap(r -> r.nearest(timeS()).map(e -> bounds(r, e)));
    }

    private static double[] bounds(DrawnReel reel, Exchange exchange) {
        return new double[] {reel.from(exchange), reel.to(exchange)};
    }

    /// Plays these exchanges one after the other, whatever reel they are on.
    void playInARow(List<Exchange> exchanges) {
        row = new ArrayList<>(exchanges);
        row.sort(Comparator.comparing(Exchange::reelId).thenComparingDouble(Exchange::timeS));
        rowAt = 0;
        if (!row.isEmpty()) {
            playRow();
        }
    }

    private void playRow() {
        List<Exchange> kept = row;
        int at = rowAt;
        Exchange next = kept.get(at);
        app.reelProperty().set(Optional.of(next.reelId()));
        show(app.camp().reels().get(next.reelId()));
        row = kept;
        rowAt = at;
        reel.ifPresent(r -> seekTo(r.from(next)));
        run();
    }

    void seek(double seconds) {
        row = List.of();
        seekTo(seconds);
    }

    private void seekTo(double seconds) {
        double last = reel.map(r -> r.reel().seconds()).orElse(0.0);
        player.ifPresent(p -> p.seek(Math.clamp(seconds, 0, Math.max(0, last))));
        moved.run();
    }

    void toggle() {
        if (playing) {
            pause();
        } else {
            if (reel.map(r -> timeS() >= r.reel().seconds() - 1e-3).orElse(false)) {
                seek(0);
            }
            run();
        }
        moved.run();
    }

    private void run() {
        playing = true;
        player.ifPresent(p -> p.play(speed()));
    }

    void pause() {
        playing = false;
        row = List.of();
        player.ifPresent(Player::pause);
    }

    private double speed() {
        return slow ? HALF : 1;
    }

    void halfSpeed() {
        slow = !slow;
        if (playing) {
            player.ifPresent(p -> p.play(speed()));
        }
    }

    void loop() {
        looping = !looping;
    }

    void markBegin() {
        begin = Optional.of(timeS());
        end = end.filter(e -> e > timeS());
    }

    void markEnd() {
        end = Optional.of(timeS());
        begin = begin.filter(b -> b < timeS());
    }

    void unmark() {
        begin = Optional.empty();
        end = Optional.empty();
    }

    /// How it plays, in words.
    String words() {
        List<String> words = new ArrayList<>();
        words.add(Texts.of(playing ? "film.playing" : "film.paused"));
        if (slow) {
            words.add(Texts.of("film.half"));
        }
        if (!row.isEmpty()) {
            words.add(Texts.of("film.row", rowAt + 1, row.size()));
        } else if (looping) {
            words.add(Texts.of(begin.isPresent() || end.isPresent() ? "film.looping.marks" : "film.looping"));
        }
        if (begin.isPresent() || end.isPresent()) {
            words.add(Texts.of(
                    "film.marks",
                    begin.map(Texts::filmTime).orElse("…"),
                    end.map(Texts::filmTime).orElse("…")));
        }
        return String.join(" · ", words);
    }

    void close() {
        player.ifPresent(Player::close);
        player = Optional.empty();
        reel = Optional.empty();
    }
}
