package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.exchange.Constants;
import onebeat.core.notation.Vocabulary;
import onebeat.core.play.Who;

/// What the opponent does in the ten seconds after they were visibly shaken, and what came of going after it: finish,
/// or wait. That a shaken fighter swings, ties up or runs, and that a wild finish is countered, is common practice; the
/// bounds are defaults.
///
/// @param times how often they were shaken on film
/// @param reactions what they did first, the most frequent first; nothing where nothing was seen within the time
/// @param landed how many of the attacks within the time landed; empty where nobody attacked
/// @param punished how many of them were countered; empty where nobody attacked
/// @param exchanges the ids of what stands behind it: each shaken moment, and what was seen after it
public record WhenHurt(
        int times,
        List<Reacted> reactions,
        Optional<Share> landed,
        Optional<Share> punished,
        Advice advice,
        List<String> exchanges) {

    private static final Constants NUMBERS = Constants.of(WhenHurt.class, "habits.csv", "number");

    /// What happens so long after belongs to it, in seconds.
    private static final double AFTER_S = NUMBERS.get("hurt_seconds");

    /// From so many attacks on something is said.
    private static final int LEAST_ATTACKS = (int) NUMBERS.get("hurt_least");

    public WhenHurt {
        reactions = List.copyOf(reactions);
        exchanges = List.copyOf(exchanges);
    }

    /// How often they did it.
    public record Reacted(Reaction reaction, Share share) {}

    /// What follows from it.
    public enum Advice {
        /// Attacks land clearly more often than they are countered.
        FINISH,
        /// Attacks are countered clearly more often than they land.
        WAIT,
        /// Neither is clear.
        UNCLEAR,
        /// Too little was seen to say.
        TOO_FEW
    }

    /// Looks at what was seen.
    ///
    /// @param exchanges all of the opponent's film, in any order
    /// @return empty where they were never shaken on film
    public static Optional<WhenHurt> of(List<Exchange> exchanges, Vocabulary vocabulary) {
        List<Exchange> hurt = exchanges.stream().filter(WhenHurt::isHurt).toList();
        if (hurt.isEmpty()) {
            return Optional.empty();
        }
        List<String> behind = new ArrayList<>();
        List<Reaction> first = new ArrayList<>();
        int attacks = 0;
        int landed = 0;
        int punished = 0;
        for (Exchange moment : hurt) {
            behind.add(moment.id());
            List<Exchange> after = after(moment, exchanges);
            after.forEach(e -> behind.add(e.id()));
            after.stream().findFirst().map(e -> Reaction.of(e, vocabulary)).ifPresent(first::add);
            for (Exchange one : after) {
                if (one.starter() == Who.ATHLETE && one.outcome() != Outcome.NONE) {
                    attacks++;
                    landed += one.outcome().landed() ? 1 : 0;
                    punished += one.outcome() == Outcome.COUNTERED ? 1 : 0;
                }
            }
        }
        Optional<Share> hits = share(landed, attacks);
        Optional<Share> counters = share(punished, attacks);
        return Optional.of(new WhenHurt(
                hurt.size(),
                reactions(first),
                hits,
                counters,
                advice(attacks, hits, counters),
                behind.stream().distinct().toList()));
    }

    /// It was the opponent who was shaken: the athlete began, and it ended so.
    private static boolean isHurt(Exchange exchange) {
        return exchange.outcome() == Outcome.HURT && exchange.starter() == Who.ATHLETE;
    }

    private static List<Exchange> after(Exchange moment, List<Exchange> all) {
        return all.stream()
                .filter(e -> e.reelId().equals(moment.reelId()))
                .filter(e -> e.timeS() > moment.timeS() && e.timeS() <= moment.timeS() + AFTER_S)
                .sorted(Comparator.comparingDouble(Exchange::timeS))
                .toList();
    }

    private static List<Reacted> reactions(List<Reaction> first) {
        List<Reacted> all = new ArrayList<>();
        for (Reaction one : Reaction.values()) {
            int count = (int) first.stream().filter(r -> r == one).count();
            if (count > 0) {
                all.add(new Reacted(one, Share.of(count, first.size())));
            }
        }
        all.sort(Comparator.comparingInt((Reacted r) -> -r.share.n()));
        return all;
    }

    private static Optional<Share> share(int n, int of) {
        return of == 0 ? Optional.empty() : Optional.of(Share.of(n, of));
    }

    private static Advice advice(int attacks, Optional<Share> landed, Optional<Share> punished) {
        if (attacks < LEAST_ATTACKS || landed.isEmpty() || punished.isEmpty()) {
            return Advice.TOO_FEW;
        }
        if (landed.get().low() > punished.get().high()) {
            return Advice.FINISH;
        }
        return punished.get().low() > landed.get().high() ? Advice.WAIT : Advice.UNCLEAR;
    }
}
