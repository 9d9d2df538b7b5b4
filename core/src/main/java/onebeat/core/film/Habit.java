package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Stance;
import org.apache.commons.statistics.inference.FisherExactTest;

/// One habit looked at closely: how often the opponent answers this with that, by context, early and late, and beside
/// others.
///
/// Where a count is too small to say anything the answer is empty: three sightings are a guess.
///
/// @param share of all sightings of the stimulus
/// @param contexts the same by pairing, range, round and part of the fight, where the count allows; the name of the
///     context first. The late part of a fight, in which fighters are tired, is the second half of the rounds that were
///     logged on its reel
/// @param change early against late in their fights; empty where the count does not allow it
/// @param base against all reels; empty where there is nothing to compare with
/// @param stance the stance in which it was mostly seen
/// @param kind against all others in that stance: whether it is a habit of this one or of such fighters; empty where
///     there is nothing to compare with
public record Habit(
        String stimulus,
        String response,
        Share share,
        Map<String, Share> contexts,
        Optional<Against> change,
        Optional<Against> base,
        Stance stance,
        Optional<Against> kind) {

    private static final Constants NUMBERS = Constants.of(Habit.class, "habits.csv", "number");
    private static final int LEAST_SPLIT = (int) NUMBERS.get("least_split");
    private static final int LEAST_COMPARED = (int) NUMBERS.get("least_compared");

    public Habit {
        contexts = Map.copyOf(contexts);
    }

    /// Two shares side by side.
    ///
    /// @param p how likely so large a difference would be if there were none: two-sided, Fisher's exact
    ///     test (Fisher 1922, J. R. Stat. Soc. 85:87; computed by commons-statistics)
    public record Against(Share here, Share there, double p) {

        /// Whether the difference is more than chance would give one time in twenty.
        public boolean isClear() {
            return p < 0.05;
        }
    }

    private static final Comparator<Sighting> IN_TIME = Comparator.comparingDouble(
                    (Sighting s) -> s.exchange().timeS())
            .thenComparing(s -> s.exchange().id());

    /// Sightings early and late in their fights. Which of two fights came first no reel says, so each is halved by
    /// itself, by what was seen on it; one in the middle belongs to neither half.
    private record Halves(List<Sighting> early, List<Sighting> late) {

        static Halves of(List<Sighting> seen) {
            List<Sighting> early = new ArrayList<>();
            List<Sighting> late = new ArrayList<>();
            seen.stream()
                    .sorted(IN_TIME)
                    .collect(Collectors.groupingBy(s -> s.exchange().reelId(), TreeMap::new, Collectors.toList()))
                    .values()
                    .forEach(reel -> {
                        int half = reel.size() / 2;
                        early.addAll(reel.subList(0, half));
                        late.addAll(reel.subList(reel.size() - half, reel.size()));
                    });
            return new Halves(early, late);
        }
    }

    /// Looks at one habit.
    ///
    /// @param own the sightings of the one that is asked about
    /// @param others sightings of the others, to compare with
    public static Optional<Habit> of(List<Sighting> own, List<Sighting> others, String stimulus, String response) {
        List<Sighting> seen =
                own.stream().filter(s -> s.stimulus().equals(stimulus)).toList();
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        Map<String, Share> contexts = new TreeMap<>();
        split(seen, response, s -> "pairing " + s.exchange().pairing()).forEach(contexts::put);
        split(seen, response, s -> s.exchange().range().map(r -> "range " + r).orElse(""))
                .forEach(contexts::put);
        split(seen, response, s -> "round " + s.exchange().round()).forEach(contexts::put);
        Map<String, Integer> last = own.stream()
                .collect(Collectors.toMap(
                        s -> s.exchange().reelId(), s -> s.exchange().round(), Math::max));
        split(seen, response, s -> part(s.exchange(), last)).forEach(contexts::put);
        List<Sighting> elsewhere =
                others.stream().filter(s -> s.stimulus().equals(stimulus)).toList();
        Stance stance = mostly(seen);
        Halves halves = Halves.of(seen);
        return Optional.of(new Habit(
                stimulus,
                response,
                share(seen, response),
                contexts,
                against(halves.early(), halves.late(), response),
                against(seen, elsewhere, response),
                stance,
                against(
                        seen,
                        elsewhere.stream()
                                .filter(s -> s.exchange().partnerStance() == stance)
                                .toList(),
                        response)));
    }

    /// Early or late in its fight; nothing where that had but one round on film.
    private static String part(Exchange exchange, Map<String, Integer> last) {
        int rounds = last.getOrDefault(exchange.reelId(), 1);
        if (rounds < 2) {
            return "";
        }
        return 2 * exchange.round() > rounds ? "part late" : "part early";
    }

    private static Stance mostly(List<Sighting> seen) {
        long southpaw = seen.stream()
                .filter(s -> s.exchange().partnerStance() == Stance.SOUTHPAW)
                .count();
        return 2 * southpaw > seen.size() ? Stance.SOUTHPAW : Stance.ORTHODOX;
    }

    private static Share share(List<Sighting> seen, String response) {
        return Share.of(count(seen, response), seen.size());
    }

    private static int count(List<Sighting> seen, String response) {
        return (int) seen.stream().filter(s -> s.response().equals(response)).count();
    }

    /// The share in each context, where there is more than one and each has enough.
    private static Map<String, Share> split(List<Sighting> seen, String response, Function<Sighting, String> context) {
        Map<String, List<Sighting>> groups = new TreeMap<>();
        seen.forEach(s ->
                groups.computeIfAbsent(context.apply(s), _ -> new ArrayList<>()).add(s));
        groups.remove("");
        groups.values().removeIf(group -> group.size() < LEAST_SPLIT);
        Map<String, Share> shares = new TreeMap<>();
        if (groups.size() > 1) {
            groups.forEach((name, group) -> shares.put(name, share(group, response)));
        }
        return shares;
    }

    private static Optional<Against> against(List<Sighting> here, List<Sighting> there, String response) {
        if (here.size() < LEAST_COMPARED || there.size() < LEAST_COMPARED) {
            return Optional.empty();
        }
        int a = count(here, response);
        int b = count(there, response);
        int[][] table = {{a, here.size() - a}, {b, there.size() - b}};
        double p = a + b == 0 || a + b == here.size() + there.size()
                ? 1
                : FisherExactTest.withDefaults().test(table).getPValue();
        return Optional.of(new Against(share(here, response), share(there, response), Math.min(1, p)));
    }
}
