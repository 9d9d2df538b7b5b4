package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import onebeat.core.film.Habit;
import onebeat.core.film.Habit.Against;
import onebeat.core.film.Runs;
import onebeat.core.film.Share;
import onebeat.core.film.Sighting;
import onebeat.desktop.text.Texts;

/// What is known of one habit beyond its count, and its sentences. A long film has many sightings to look through: that
/// is not for the interface's thread.
///
/// @param runs the same response after two or three things in a row, where there is more than one of them
record HabitDetails(Habit habit, List<Runs> runs) {

    /// Runs that end in the habit, at most.
    private static final int RUNS = 2;

    HabitDetails {
        runs = List.copyOf(runs);
    }

    /// @param own sightings, with at least one of the stimulus
    /// @param others sightings of others, to compare with
    static HabitDetails of(List<Sighting> own, List<Sighting> others, String stimulus, String response) {
        return new HabitDetails(
                Habit.of(own, others, stimulus, response).orElseThrow(),
                IntStream.rangeClosed(2, 3)
                        .boxed()
                        .flatMap(length -> Runs.of(own, length).stream()
                                .filter(r -> r.stimuli().getLast().equals(stimulus)
                                        && r.response().equals(response)
                                        && r.share().n() > 1)
                                .limit(RUNS))
                        .limit(RUNS)
                        .toList());
    }

    /// A sentence for each thing that the count allows to say.
    List<String> told() {
        List<String> told = new ArrayList<>(contexts());
        habit.change().map(a -> against("film.change", a, "")).ifPresent(told::add);
        habit.base().map(a -> against("film.base", a, "")).ifPresent(told::add);
        habit.kind()
                .map(a -> against("film.kind", a, Texts.of("film.kind." + habit.stance())))
                .ifPresent(told::add);
        runs.forEach(r -> told.add(Texts.of("film.run", r.words(), share(r.share()), interval(r.share()))));
        return told.isEmpty() ? List.of(Texts.of("film.details.few")) : told;
    }

    /// One sentence for each way to split: pairing, range, round, part of the fight.
    private List<String> contexts() {
        Map<String, List<String>> byKind = new TreeMap<>();
        new TreeMap<>(habit.contexts()).forEach((name, share) -> {
            String kind = name.substring(0, name.indexOf(' '));
            String which = name.substring(kind.length() + 1).toLowerCase(Locale.ROOT);
            byKind.computeIfAbsent(kind, _ -> new ArrayList<>())
                    .add(Texts.of("film.context", which, share(share), interval(share)));
        });
        return byKind.entrySet().stream()
                .map(e -> Texts.of("film.contexts." + e.getKey(), String.join(", ", e.getValue())))
                .toList();
    }

    /// @param others who the others are, in a word
    private static String against(String key, Against against, String others) {
        return Texts.of(
                key + (against.isClear() ? ".clear" : ".unclear"),
                share(against.here()),
                share(against.there()),
                Texts.chance(against.p()),
                others);
    }

    static String share(Share share) {
        return Texts.of("film.of", share.n(), share.of());
    }

    static String interval(Share share) {
        return Texts.of("film.interval", Math.round(100 * share.low()), Math.round(100 * share.high()));
    }
}
