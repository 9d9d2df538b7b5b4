package onebeat.core.ladder;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import onebeat.core.exchange.Constants;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Replies;
import onebeat.core.holding.Choices;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Act;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Pause;
import onebeat.core.notation.Read;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.opening.Openings;
import onebeat.core.play.Play;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.timing.Reaction;
import onebeat.core.timing.Rung;
import onebeat.core.timing.Timing;

/// How a line is grown, step by step: its parts, its pieces slowly, whole, faster, with broken rhythm, with
/// a read, drawn at random, as the opponent does it, and live.
///
/// No stage has a `stop`, and each is harder than the one before by [Difficulty].
///
/// @param stages from the parts to live; empty where the line itself has a `stop` that has to be mended first
public record Ladder(List<Stage> stages) {

    private static final Constants NUMBERS = Constants.of(Ladder.class, "ladder.csv", "number");
    private static final double USUAL_CEILING = NUMBERS.get("usual_ceiling");
    private static final double MOST_CEILING = NUMBERS.get("most_ceiling");

    private static final double MS_A_MINUTE = 60_000;

    /// Slower nobody drills.
    private static final int LEAST_BPM = 20;

    /// How much slower a step is tried that does not stand at its own tempo. The program's own.
    private static final double SLOWER = 0.9;

    public Ladder {
        stages = List.copyOf(stages);
    }

    /// What a ladder is built from.
    ///
    /// @param replies with which other cues are answered
    /// @param habits the opponent's, from film; may be empty
    public record With(Replies replies, List<After> habits) {

        /// What is usual, without film.
        public static With usual(Context context) {
            return new With(new Replies(context, Repertoire.usual()), List.of());
        }

        private Context context() {
            return replies.context();
        }
    }

    /// The ladder of a line.
    public static Ladder of(Read read, With with) {
        return new Builder(read, with).ladder();
    }

    /// The tempo ceiling that a line's ladder leads to, in beats a minute.
    public static double ceiling(Line line, Setting setting) {
        return Builder.ceiling(Play.of(line, setting)).orElse(USUAL_CEILING);
    }

    /// The tempo at which a step begins.
    ///
    /// @param ceiling of the line, in beats a minute
    public static int bpm(Rung rung, double ceiling) {
        String number = rung == Rung.TEMPO ? "tempo_1" : rung.id();
        int cues = rung.compareTo(Rung.READS) < 0 ? 1 : rung == Rung.READS ? 2 : Branching.MOST;
        double wanted = Math.min(NUMBERS.get(number) * ceiling, readable(cues));
        return (int) Math.max(LEAST_BPM, Math.round(wanted));
    }

    /// The fastest tempo at which a beat leaves the time to see a cue and choose (Hick's law), in beats a
    /// minute.
    private static double readable(int cues) {
        return cues < 2 ? Double.MAX_VALUE : Math.floor(MS_A_MINUTE / Reaction.ms(cues));
    }

    /// The stages of a step.
    public List<Stage> of(Rung rung) {
        return stages.stream().filter(s -> s.rung() == rung).toList();
    }

    /// Puts stages together, each harder than the last.
    private static final class Builder {

        private final Read read;
        private final With with;
        private final double ceiling;
        private final Difficulty difficulty;
        private final String whole;
        private final Optional<Branching> branching;
        private final List<Stage> stages = new ArrayList<>();
        private final Set<String> done = new HashSet<>();

        Builder(Read read, With with) {
            this.read = read;
            this.with = with;
            Predicate<String> stands = text -> stands(text, Rung.SLOW, USUAL_CEILING);
            branching = Branching.of(read.line(), with, stands);
            whole = straight(read);
            Line line = line(whole).orElse(read.line());
            Played played = Play.of(line, with.context().setting());
            ceiling = ceiling(played).orElse(USUAL_CEILING);
            difficulty = new Difficulty(line, played, ceiling);
        }

        /// The line with what it reads decided: a read is put in later.
        private String straight(Read of) {
            boolean reads = of.line().items().stream().anyMatch(i -> i instanceof Reads);
            return reads && branching.isPresent() ? straight(branching.get(), 0) : Notation.print(of.line());
        }

        private static String straight(Branching from, int way) {
            Branching.Way one = from.ways().get(way);
            return (from.before() + " (" + one.cue() + ") " + one.answer()).strip();
        }

        Ladder ladder() {
            if (!stands(Notation.print(read.line()), Rung.WHOLE, bpm("whole"))) {
                return new Ladder(List.of());
            }
            Line line = line(whole).orElseThrow();
            Pieces pieces = Pieces.of(line, text -> stands(text, Rung.SLOW, bpm("slow")));
            sorted(Rung.PARTS, pieces.parts(), bpm("parts"));
            List<String> slow = new ArrayList<>();
            pieces.pair().ifPresent(slow::add);
            slow.addAll(pieces.grown());
            if (slow.isEmpty()) {
                slow.add(whole);
            }
            sorted(Rung.SLOW, slow, bpm("slow"));
            add(Rung.WHOLE, whole, bpm("whole"), Odds.even());
            add(Rung.TEMPO, whole, bpm("tempo_1"), Odds.even());
            add(Rung.TEMPO, whole, bpm("tempo_2"), Odds.even());
            add(Rung.TEMPO, whole, bpm("tempo_3"), Odds.even());
            add(Rung.BROKEN, broken(line), bpm("broken"), Odds.even());
            String random = whole;
            Odds odds = Odds.even();
            if (branching.isPresent()) {
                add(Rung.READS, branching.get().text(2), bpm("reads"), Odds.even());
                random = leadIn(branching.get().text(Branching.MOST));
                odds = branching.get().odds(Branching.MOST);
            }
            add(Rung.RANDOM, random, bpm("random"), Odds.even());
            add(Rung.FILM, random, bpm("film"), odds);
            add(Rung.LIVE, random, bpm("live"), odds);
            return new Ladder(stages);
        }

        private int bpm(String share) {
            return (int) Math.max(LEAST_BPM, Math.round(NUMBERS.get(share) * ceiling));
        }

        private void sorted(Rung rung, List<String> lines, int bpm) {
            lines.stream()
                    .distinct()
                    .sorted((a, b) -> Double.compare(hard(rung, a, bpm), hard(rung, b, bpm)))
                    .forEach(text -> add(rung, text, bpm, Odds.even()));
        }

        private double hard(Rung rung, String text, int bpm) {
            Line line = line(text).orElseThrow();
            return difficulty.of(line, Play.of(line, with.context().setting()), rung, bpm);
        }

        /// A stage that stops at every tempo or is no harder than the last one of another kind is left out. None is
        /// faster than its own line allows, or than its cues can be seen and chosen between.
        private void add(Rung rung, String text, int wanted, Odds odds) {
            Optional<Line> line = line(text);
            if (line.isEmpty()) {
                return;
            }
            int bpm = standing(text, rung, (int) Math.min(wanted, Math.floor(fastest(line.get()))));
            if (bpm < LEAST_BPM) {
                return;
            }
            String canonical = Notation.print(line.get());
            double hard = hard(rung, canonical, bpm);
            boolean harder = stages.isEmpty() || hard >= stages.getLast().difficulty();
            if (harder && done.add(rung + " " + canonical + " " + bpm)) {
                stages.add(new Stage(rung, canonical, bpm, odds, hard));
            }
        }

        /// The fastest tempo up to this one at which it has no `stop`: at a fast one steps cover less and feints
        /// come too soon. Zero where there is none.
        private int standing(String text, Rung rung, int fastest) {
            for (int bpm = fastest; bpm >= LEAST_BPM; bpm = (int) (bpm * SLOWER)) {
                if (stands(text, rung, bpm)) {
                    return bpm;
                }
            }
            return 0;
        }

        private double fastest(Line of) {
            double own = ceiling(Play.of(of, with.context().setting())).orElse(ceiling);
            int cues = Choices.reads(of).stream()
                    .mapToInt(Choices.OfRead::options)
                    .max()
                    .orElse(1);
            return Math.min(own, readable(cues));
        }

        private Optional<Line> line(String text) {
            return Notation.read(text, with.context().vocabulary()) instanceof Read one
                    ? Optional.of(one.line())
                    : Optional.empty();
        }

        private boolean stands(String text, Rung rung, double bpm) {
            return Notation.read(text, with.context().vocabulary()) instanceof Read one
                    && !Review.withoutMends(one, with.context().at(bpm).on(rung))
                            .hasStop();
        }

        /// A pause where it opens most, or costs least.
        private String broken(Line line) {
            List<Item> items = Pieces.items(line);
            boolean inside = !items.equals(line.items());
            String best = "";
            double most = Double.NEGATIVE_INFINITY;
            for (int at = 1; at < items.size(); at++) {
                if (!strikes(items.subList(at, items.size()))) {
                    break;
                }
                List<Item> longer = new ArrayList<>(items);
                longer.add(at, new Pause(items.get(at).span()));
                String text = Notation.print(inside ? set(line, longer) : new Line(longer));
                if (stands(text, Rung.BROKEN, bpm("broken"))) {
                    double opens = opens(text);
                    if (opens > most) {
                        most = opens;
                        best = text;
                    }
                }
            }
            return best.isEmpty() ? whole + " _ " + whole : best;
        }

        /// Whether something is struck in these: a pause after the last strike opens nothing.
        private boolean strikes(List<Item> items) {
            return Play.of(new Line(items), with.context().setting()).ways().stream()
                    .anyMatch(way -> way.strikesOf(Who.ATHLETE).findAny().isPresent());
        }

        /// The set that the line is, with other items inside.
        private static Line set(Line line, List<Item> items) {
            Repeat set = (Repeat) line.items().getFirst();
            return new Line(List.of(new Repeat(new Line(items), set.least(), set.most(), set.span())));
        }

        private double opens(String text) {
            PlayedWay way = Play.of(line(text).orElseThrow(), with.context().setting())
                    .ways()
                    .getFirst();
            Openings openings = Openings.withoutCredits(
                    way, with.context().setting(), with.context().partner(), 0);
            return way.strikesOf(Who.ATHLETE)
                    .mapToDouble(s -> openings.of(s).map(o -> o.value()).orElse(0.0))
                    .sum();
        }

        /// How often the lead-in comes is drawn from one to four, so that nobody counts (F23, F46): the real pair
        /// before its feint. Nothing else is a lead-in; they do not nest.
        private String leadIn(String reads) {
            Line own = line(whole).orElseThrow();
            Optional<Integer> shown = reads.contains("[") ? Optional.empty() : shownBefore(own.items());
            if (shown.isEmpty()) {
                return reads;
            }
            String pair = Notation.print(new Line(own.items().subList(0, shown.get())));
            String drawn = "[" + pair + "]*1..4" + reads.substring(Math.min(reads.length(), pair.length()));
            return reads.startsWith(pair + " ") && stands(drawn, Rung.RANDOM, bpm("random")) ? drawn : reads;
        }

        /// How many items there are up to the real one of the first feint; empty where there is none.
        private static Optional<Integer> shownBefore(List<Item> items) {
            Optional<Act> feint =
                    items.stream().flatMap(Builder::acts).filter(Act::feint).findFirst();
            return feint.flatMap(fake -> IntStream.range(0, items.size())
                    .filter(i -> acts(items.get(i))
                            .anyMatch(act -> !act.feint()
                                    && act.technique().equals(fake.technique())
                                    && act.level() == fake.level()))
                    .mapToObj(i -> i + 1)
                    .findFirst());
        }

        private static Stream<Act> acts(Item item) {
            return item instanceof Half half
                    ? half.units().stream()
                            .flatMap(unit -> unit.calls().stream())
                            .filter(Act.class::isInstance)
                            .map(Act.class::cast)
                    : Stream.of();
        }

        private static OptionalDouble ceiling(Played played) {
            OptionalDouble lowest = played.ways().stream()
                    .flatMap(w -> Timing.ceiling(w).stream())
                    .mapToDouble(link -> link.ceilingBpm())
                    .min();
            return lowest.isPresent() ? OptionalDouble.of(Math.clamp(lowest.getAsDouble(), 40, MOST_CEILING)) : lowest;
        }
    }
}
