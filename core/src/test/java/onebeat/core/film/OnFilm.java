package onebeat.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Stance;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;

/// Exchanges for tests.
final class OnFilm {

    private OnFilm() {}

    /// The line so many times, each in an exchange of its own, against a southpaw.
    static List<Exchange> times(int times, String line) {
        List<Exchange> all = new ArrayList<>();
        for (int i = 0; i < times; i++) {
            all.add(new Exchange(
                    line + " " + i,
                    "reel",
                    i,
                    1,
                    line.startsWith("(") ? Who.PARTNER : Who.ATHLETE,
                    Stance.ORTHODOX,
                    Stance.SOUTHPAW,
                    Optional.empty(),
                    line,
                    Outcome.NONE,
                    ""));
        }
        return all;
    }

    @SafeVarargs
    static List<FollowUps.After> habits(List<Exchange>... parts) {
        List<Exchange> all = new ArrayList<>();
        for (List<Exchange> part : parts) {
            all.addAll(part);
        }
        return FollowUps.of(all, Who.PARTNER, Vocabulary.standard());
    }
}
