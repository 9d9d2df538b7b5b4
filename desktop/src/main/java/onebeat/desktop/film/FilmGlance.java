package onebeat.desktop.film;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import javafx.scene.image.Image;
import onebeat.core.film.Reel;
import onebeat.desktop.text.Texts;
import onebeat.media.SoundPicture;

/// What is known of a film at a glance: how it sounds along its time, and small pictures of single moments.
///
/// @param sound how it sounds; empty where it has no sound or was not listened to yet
/// @param moments small pictures by their times, in seconds
/// @param roundStarts when rounds begin by the bells that are heard, in seconds; empty where that is not clear
record FilmGlance(Optional<SoundPicture> sound, Map<Double, Image> moments, List<Double> roundStarts) {

    /// Nothing is known.
    static final FilmGlance NONE = new FilmGlance(Optional.empty(), Map.of(), List.of());

    FilmGlance {
        moments = Map.copyOf(moments);
        roundStarts = List.copyOf(roundStarts);
    }

    /// Whether any small picture is there.
    boolean hasMoments() {
        return !moments.isEmpty();
    }

    /// The time of the next picture that shows something sharp heard, or of the one before. Hits are told apart
    /// by the pictures that show them.
    ///
    /// @param nearest gives the time of the picture nearest to a time
    OptionalDouble sharpFrom(double now, boolean on, DoubleUnaryOperator nearest) {
        DoubleStream hits =
                sound.stream().flatMap(heard -> heard.sharp().stream()).mapToDouble(nearest::applyAsDouble);
        return on
                ? hits.filter(at -> at > now).min()
                : hits.filter(at -> at < now).max();
    }

    FilmGlance with(SoundPicture heard) {
        return new FilmGlance(Optional.of(heard), moments, roundStarts);
    }

    FilmGlance with(Map<Double, Image> seen) {
        Map<Double, Image> all = new TreeMap<>(moments);
        all.putAll(seen);
        return new FilmGlance(sound, all, roundStarts);
    }

    /// That bells of rounds are heard, in words; empty where none are, or the rounds are marked already.
    Optional<String> bells(Reel reel) {
        return roundStarts.isEmpty() || !reel.roundStarts().isEmpty()
                ? Optional.empty()
                : Optional.of(Texts.of("film.bells", roundStarts.size()));
    }

    FilmGlance withRounds(List<Double> starts) {
        return new FilmGlance(sound, moments, starts);
    }
}
