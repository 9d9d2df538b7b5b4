package onebeat.desktop.film;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiConsumer;
import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.sound.CardStream;
import onebeat.desktop.sound.StreamedSound;
import onebeat.desktop.text.Texts;
import onebeat.media.FilmFile;

/// The reel on the screen: its time, its speed, what it runs between, and what it plays in a row.
final class Playback {

    private final CampSession app;
    private final Runnable moved;
    private final BiConsumer<Reel, Double> lengthKnown;
    private final ScreenGlass screen = new ScreenGlass();
    private final StreamedSound out = new CardStream();
    private Optional<DrawnReel> reel = Optional.empty();
    private Optional<Player> player = Optional.empty();
    private Optional<String> cannot = Optional.empty();
    private Marks marks = Marks.NONE;
    private ExchangesInARow row = ExchangesInARow.NONE;
    private boolean playing;
    private PlaySpeed speed = PlaySpeed.OWN;
    private boolean looping;

    /// @param moved told when the time has changed
    /// @param lengthKnown told how long a film turned out to be
    Playback(CampSession app, Runnable moved, BiConsumer<Reel, Double> lengthKnown) {
        this.app = app;
        this.moved = moved;
        this.lengthKnown = lengthKnown;
    }

    ScreenGlass screen() {
        return screen;
    }

    Optional<DrawnReel> reel() {
        return reel;
    }

    /// Why the film cannot be played, where it cannot.
    Optional<String> cannot() {
        return cannot;
    }

    Marks marks() {
        return marks;
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
        if (!same || !filmed) {
            player.ifPresent(Player::close);
            player = reel.map(r -> open(r, from));
        }
        reel.ifPresent(r -> player.ifPresent(p -> p.moments(r.moments())));
        if (same && filmed) {
            return;
        }
        player.ifPresent(p -> screen.show(p.view()));
        if (ran) {
            player.ifPresent(p -> p.play(speed.rate()));
        }
    }

    private void forget() {
        pause();
        looping = false;
        marks = Marks.NONE;
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
        return new FilmPlayer(file, from, out, new FilmPlayer.Told() {
            @Override
            public void opened(FilmFile film) {
                lengthKnown.accept(now, film.info().seconds());
            }

            @Override
            public void cannot(String sentence) {
                instead(now, sentence);
            }

            @Override
            public void moved() {
                tick();
            }
        });
    }

    /// The figures stand in for a film that cannot be played.
    private void instead(Reel of, String why) {
        if (reel.map(r -> r.reel().id().equals(of.id())).orElse(false)) {
            pause();
            double at = timeS();
            cannot = Optional.of(why);
            player.ifPresent(Player::close);
            player = reel.map(r -> drawn(r, at));
            player.ifPresent(p -> screen.show(p.view()));
            app.warn(why);
            moved.run();
        }
    }

    private Player drawn(DrawnReel drawn, double from) {
        return new DrawnPlayer(drawn, from, this::tick);
    }

    /// The time went on by itself.
    private void tick() {
        if (playing) {
            double now = timeS();
            Optional<double[]> between = between();
            if (between.isPresent() && now > between.get()[1]) {
                nextTurn(between.get()[0]);
            } else if (player.map(Player::isAtEnd).orElse(false)) {
                pause();
            }
        }
        moved.run();
    }

    private void nextTurn(double from) {
        if (row.isEmpty()) {
            seek(from);
            return;
        }
        playRow(row.next());
        if (row.isEmpty()) {
            pause();
        }
    }

    /// What it runs between: the exchange in the row, the marks, or the exchange at hand.
    private Optional<double[]> between() {
        if (!row.isEmpty()) {
            return reel.flatMap(r -> row.here().map(r::bounds));
        }
        if (!looping) {
            return Optional.empty();
        }
        if (marks.isSet()) {
            double to = marks.end()
                    .orElseGet(() -> reel.map(r -> r.reel().seconds()).orElse(0.0));
            return Optional.of(new double[] {marks.begin().orElse(0.0), to});
        }
        return reel.flatMap(r -> r.nearest(timeS()).map(r::bounds));
    }

    /// Plays these exchanges one after the other, whatever reel they are on.
    void playInARow(List<Exchange> exchanges) {
        playRow(ExchangesInARow.of(exchanges));
    }

    private void playRow(ExchangesInARow next) {
        next.here().ifPresent(exchange -> {
            app.reelProperty().set(Optional.of(exchange.reelId()));
            show(app.camp().reels().get(exchange.reelId()));
            reel.ifPresent(r -> seekTo(r.from(exchange)));
            run();
        });
        row = next;
    }

    void seek(double seconds) {
        row = ExchangesInARow.NONE;
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
            if (player.map(Player::isAtEnd).orElse(false)) {
                seek(0);
            }
            run();
        }
        moved.run();
    }

    private void run() {
        playing = true;
        player.ifPresent(p -> p.play(speed.rate()));
    }

    void pause() {
        playing = false;
        row = ExchangesInARow.NONE;
        player.ifPresent(Player::pause);
    }

    /// Runs so fast from here on.
    void speed(PlaySpeed now) {
        speed = now;
        if (playing) {
            player.ifPresent(p -> p.play(speed.rate()));
        }
    }

    void loop() {
        looping = !looping;
    }

    FilmGlance glance() {
        return player.map(Player::glance).orElse(FilmGlance.NONE);
    }

    /// Goes to the next sharp sound, or to the one before.
    void toSharp(boolean on) {
        pause();
        OptionalDouble next = glance().sharpFrom(
                        timeS(), on, at -> player.map(p -> p.nearest(at)).orElse(at));
        next.ifPresentOrElse(this::seek, () -> app.say(Texts.of("film.sharp.none")));
    }

    PlaySpeed speed() {
        return speed;
    }

    void mark(Marks now) {
        marks = now;
    }

    /// Stands still so many pictures on, or back where that is below 0.
    void step(int pictures) {
        pause();
        player.ifPresent(p -> seek(p.stepped(pictures)));
    }

    /// How it plays, in words.
    String words() {
        List<String> words = new ArrayList<>();
        words.add(player.flatMap(Player::busy).orElseGet(() -> Texts.of(playing ? "film.playing" : "film.paused")));
        if (speed != PlaySpeed.OWN) {
            words.add(Texts.of("film.speed." + speed));
        }
        if (!row.isEmpty()) {
            words.add(row.words());
        } else if (looping) {
            words.add(Texts.of(marks.isSet() ? "film.looping.marks" : "film.looping"));
        }
        if (marks.isSet()) {
            words.add(marks.words());
        }
        reel.flatMap(r -> glance().bells(r.reel())).ifPresent(words::add);
        words.addAll(screen.words());
        return String.join(" · ", words);
    }

    void close() {
        player.ifPresent(Player::close);
        player = Optional.empty();
        reel = Optional.empty();
    }
}
