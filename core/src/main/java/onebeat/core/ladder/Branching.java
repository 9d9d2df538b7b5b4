package onebeat.core.ladder;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import onebeat.core.exchange.Side;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.film.Replies;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Act;
import onebeat.core.notation.Call;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Partner;
import onebeat.core.notation.Read;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.opening.Openings;
import onebeat.core.opening.Posture;
import onebeat.core.opening.Stimulus;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Who;
import onebeat.core.review.Context;

/// Gives a line something to read: other feeds than its own, or other reactions to its own strikes.
///
/// @param before what comes before the read
/// @param ways the cues with what is done on each, the line's own first
/// @param weights how often each cue comes
record Branching(String before, List<Way> ways, List<Integer> weights) {

    /// Cues of a read at most; more nobody reads in time.
    static final int MOST = 3;

    /// The cue that nothing comes.
    private static final String NONE = "none";

    /// Feeds that come in place of the line's own, the usual ones first.
    private static final List<String> FEEDS = List.of("1", "2", "3", "1b", "2b");

    Branching {
        ways = List.copyOf(ways);
        weights = List.copyOf(weights);
    }

    /// One cue and its answer.
    record Way(String cue, String answer) {}

    /// The read of a line, or none where nothing can be read in it.
    ///
    /// @param stands whether a call line has no stop
    static Optional<Branching> of(Line line, Ladder.With with, Predicate<String> stands) {
        if (isSet(line)) {
            return whole(line, with.replies(), stands);
        }
        List<Item> items = line.items();
        for (int i = 0; i < items.size(); i++) {
            if (items.get(i) instanceof Reads reads) {
                return Optional.of(own(items, i, reads, with.habits()));
            }
        }
        Optional<Branching> flinch = flinch(items, with, stands);
        if (flinch.isPresent()) {
            return flinch;
        }
        for (int i = 0; i < items.size(); i++) {
            if (feed(items, i).isPresent()) {
                Optional<Branching> found = feeds(items, i, with.replies(), stands);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Stream.concat(written(items), fromThePayoff(items))
                .flatMap(i -> strike(items.get(i)).stream()
                        .flatMap(strike -> reactions(items, i, strike, with, stands).stream()))
                .findFirst();
    }

    /// Where the line itself waits for a reaction.
    private static Stream<Integer> written(List<Item> items) {
        return IntStream.range(0, items.size() - 1)
                .filter(i -> calls(items.get(i + 1)).stream().anyMatch(Partner.class::isInstance))
                .boxed();
    }

    /// Else the read stands before the payoff, or as near to it as something can be read.
    private static Stream<Integer> fromThePayoff(List<Item> items) {
        int payoff = IntStream.range(0, items.size())
                .filter(i -> strike(items.get(i)).isPresent())
                .max()
                .orElse(0);
        return IntStream.concat(
                        IntStream.range(0, payoff).map(i -> payoff - 1 - i), IntStream.range(payoff, items.size() - 1))
                .boxed();
    }

    private static boolean isSet(Line line) {
        return line.items().size() == 1 && line.items().getFirst() instanceof Repeat;
    }

    /// A set stays whole: it is what is done when nothing is fed; what is fed in its place is answered.
    private static Optional<Branching> whole(Line line, Replies replies, Predicate<String> stands) {
        List<Way> ways = new ArrayList<>();
        ways.add(new Way(NONE, Notation.print(line)));
        for (String feed : FEEDS) {
            if (ways.size() < MOST) {
                add(ways, "", feed, replies, stands);
            }
        }
        return ways.size() < 2
                ? Optional.empty()
                : Optional.of(new Branching("", ways, ways.stream().map(_ -> 1).toList()));
    }

    /// The read of a feint follows the flinch that its payoff waits for: where that flinch comes the payoff, where
    /// another comes what it opens, and where none comes the way out (F22, J15).
    private static Optional<Branching> flinch(List<Item> items, Ladder.With with, Predicate<String> stands) {
        for (int i = 0; i + 1 < items.size(); i++) {
            Optional<Act> feint = calls(items.get(i)).stream()
                    .filter(call -> call instanceof Act act
                            && act.feint()
                            && act.technique().isStrike())
                    .map(call -> (Act) call)
                    .findFirst();
            if (feint.isPresent()) {
                Optional<Branching> found = reactions(items, i, feint.get(), with, stands);
                if (found.isPresent()) {
                    return found;
                }
            }
        }
        return Optional.empty();
    }

    /// The line with its first so many cues.
    String text(int cues) {
        List<Way> taken = ways.subList(0, Math.min(cues, ways.size()));
        String read = taken.stream().map(w -> "(" + w.cue + "): " + w.answer).collect(Collectors.joining(" | "));
        return (before + " { " + read + " }").strip();
    }

    /// How often the first so many cues come.
    Odds odds(int cues) {
        int taken = Math.min(cues, ways.size());
        Odds odds = Odds.even();
        for (int i = 0; i < taken; i++) {
            odds = odds.with(0, taken, i, weights.get(i));
        }
        return odds;
    }

    /// The line's own read; each cue comes as often as film says after the strike before it.
    private static Branching own(List<Item> items, int at, Reads reads, List<After> habits) {
        String after = Notation.print(new Line(items.subList(at + 1, items.size())));
        List<Way> ways = reads.branches().stream()
                .map(b -> new Way(inside(b.cue()), (Notation.print(b.answer()) + " " + after).strip()))
                .toList();
        Optional<After> film = at == 0
                ? Optional.empty()
                : calls(items.get(at - 1)).stream()
                        .filter(Act.class::isInstance)
                        .map(call -> Notation.print(((Act) call).normal()))
                        .reduce((_, last) -> last)
                        .flatMap(words -> habits.stream()
                                .filter(h -> h.stimulus().equals(words))
                                .findFirst());
        return new Branching(
                Notation.print(new Line(items.subList(0, at))),
                ways,
                ways.stream().map(w -> film.map(f -> times(f, w.cue)).orElse(1)).toList());
    }

    /// How often a cue came on film; at least once, since the coach drills it.
    private static int times(After film, String cue) {
        return film.responses().stream()
                .filter(f -> f.response().equals(cue))
                .mapToInt(f -> f.share().n())
                .findFirst()
                .orElse(1);
    }

    /// What stands between the brackets.
    private static String inside(Partner partner) {
        return partner.items().stream()
                .map(item -> item instanceof Act act ? Notation.print(act) : "_")
                .collect(Collectors.joining(" "));
    }

    /// The partner's strikes where an item is nothing else.
    private static Optional<Partner> feed(List<Item> items, int at) {
        List<Call> calls = calls(items.get(at));
        return calls.size() == 1
                        && calls.getFirst() instanceof Partner partner
                        && partner.items().stream().anyMatch(item -> item instanceof Act act && act.isStrike())
                ? Optional.of(partner)
                : Optional.empty();
    }

    private static Optional<Act> strike(Item item) {
        return calls(item).stream()
                .filter(call -> call instanceof Act act && act.isStrike())
                .map(call -> (Act) call)
                .reduce((_, later) -> later);
    }

    private static List<Call> calls(Item item) {
        return item instanceof Half half && half.units().size() == 1
                ? half.units().getFirst().calls()
                : List.of();
    }

    /// Other feeds in place of the line's own.
    private static Optional<Branching> feeds(List<Item> items, int at, Replies replies, Predicate<String> stands) {
        String own = inside(feed(items, at).orElseThrow());
        if (at + 1 == items.size()) {
            return Optional.empty();
        }
        String before = at == 0 ? "" : Notation.print(new Line(items.subList(0, at)));
        List<Way> ways = new ArrayList<>();
        ways.add(new Way(own, Notation.print(new Line(items.subList(at + 1, items.size())))));
        for (String feed : Stream.concat(FEEDS.stream(), Stream.of(NONE)).toList()) {
            boolean same = own.equals(feed) || own.startsWith(feed + " ");
            if (ways.size() < MOST && !same) {
                add(ways, before, feed, replies, stands);
            }
        }
        return ways.size() < 2
                ? Optional.empty()
                : Optional.of(
                        new Branching(before, ways, ways.stream().map(_ -> 1).toList()));
    }

    /// Other reactions to a strike of the athlete's than the one that the line goes on with.
    private static Optional<Branching> reactions(
            List<Item> items, int at, Act strike, Ladder.With with, Predicate<String> stands) {
        Context context = with.replies().context();
        String before = Notation.print(new Line(items.subList(0, at + 1)));
        Optional<Partner> written = at + 1 < items.size()
                ? calls(items.get(at + 1)).stream()
                        .filter(call -> call instanceof Partner)
                        .map(call -> (Partner) call)
                        .findFirst()
                : Optional.empty();
        String rest = Notation.print(new Line(items.subList(at + (written.isPresent() ? 2 : 1), items.size())));
        if (rest.isEmpty()) {
            return Optional.empty();
        }
        List<Seen> seen = new ArrayList<>(seen(strike, context, with.habits()));
        if (strike.feint()) {
            seen.removeIf(one -> one.response.equals(NONE));
            seen.add(Math.min(1, seen.size()), new Seen(NONE, 1));
        }
        List<Way> ways = new ArrayList<>();
        List<String> owns = written.map(p -> List.of(inside(p)))
                .orElseGet(() -> Stream.concat(Stream.of(NONE), seen.stream().map(Seen::response))
                        .toList());
        owns.stream()
                .filter(cue -> stands.test(before + " (" + cue + ") " + rest))
                .findFirst()
                .ifPresent(cue -> ways.add(new Way(cue, rest)));
        if (ways.isEmpty()) {
            return Optional.empty();
        }
        for (Seen one : seen) {
            if (ways.size() < MOST && !one.response.equals(ways.getFirst().cue)) {
                if (strike.feint() && one.response.equals(NONE)) {
                    keep(ways, before, new Way(NONE, context.setting().pairing().wayOut()), stands);
                } else if (!opensTheSame(before, ways.getFirst().cue, one.response, rest, context)) {
                    add(ways, before, one.response, with.replies(), stands);
                }
            }
        }
        // What opens the same place leads to the same end, once something else is there to be told from it.
        for (Seen one : seen) {
            boolean there = ways.stream().anyMatch(way -> way.cue.equals(one.response));
            if (ways.size() > 1
                    && ways.size() < MOST
                    && !there
                    && opensTheSame(before, ways.getFirst().cue, one.response, rest, context)) {
                keep(ways, before, new Way(one.response, rest), stands);
            }
        }
        List<Integer> weights = ways.stream()
                .map(w -> seen.stream()
                        .filter(s -> s.response.equals(w.cue))
                        .map(Seen::weight)
                        .findFirst()
                        .orElse(1))
                .toList();
        return ways.size() < 2 ? Optional.empty() : Optional.of(new Branching(before, ways, weights));
    }

    /// Whether another reaction opens the place of what follows as well as the one that it waits for.
    private static boolean opensTheSame(String before, String cue, String other, String rest, Context context) {
        if (cue.equals(NONE) || other.equals(NONE)) {
            return false;
        }
        OptionalDouble one = openingAfter(before, cue, rest, context);
        OptionalDouble two = openingAfter(before, other, rest, context);
        return one.isPresent() && two.isPresent() && two.getAsDouble() >= one.getAsDouble() - NEARLY;
    }

    /// So little less open is as open. The program's own.
    private static final double NEARLY = 0.1;

    private static OptionalDouble openingAfter(String before, String cue, String rest, Context context) {
        if (!(Notation.read(before + " (" + cue + ") " + rest, context.vocabulary()) instanceof Read read)) {
            return OptionalDouble.empty();
        }
        PlayedWay way = Play.of(read.line(), context.setting()).ways().getFirst();
        Openings openings = Openings.withoutCredits(way, context.setting(), context.partner(), 0);
        int from = before.length();
        return way.strikesOf(Who.ATHLETE)
                .filter(s -> s.placed().span().start() > from)
                .findFirst()
                .map(s -> OptionalDouble.of(openings.of(s).orElseThrow().value()))
                .orElseGet(OptionalDouble::empty);
    }

    private static void add(List<Way> ways, String before, String cue, Replies replies, Predicate<String> stands) {
        String out = replies.context().setting().pairing().wayOut();
        replies.best(before, cue)
                .ifPresent(reply -> keep(ways, before, new Way(cue, reply.words() + " " + out), stands));
    }

    private static void keep(List<Way> ways, String before, Way way, Predicate<String> stands) {
        if (stands.test((before + " (" + way.cue + ") " + way.answer).strip())) {
            ways.add(way);
        }
    }

    /// What the partner may do after a strike, the likeliest first.
    private record Seen(String response, int weight) {}

    private static List<Seen> seen(Act strike, Context context, List<After> habits) {
        String words = Notation.print(strike.normal());
        Optional<After> film =
                habits.stream().filter(h -> h.stimulus().equals(words)).findFirst();
        if (film.isPresent()) {
            return film.get().responses().stream()
                    .map((FollowUp f) -> new Seen(f.response(), f.share().n()))
                    .toList();
        }
        Stimulus stimulus = new Stimulus(
                strike.technique().code(),
                strike.level(),
                strike.technique()
                        .arrival()
                        .at(
                                strike.technique().fixedSide().orElse(Side.LEAD),
                                context.setting().pairing()));
        List<Seen> all = new ArrayList<>();
        for (Posture posture : Posture.values()) {
            int weight = (int)
                    Math.round(100 * context.partner().chance(stimulus, posture).orElse(0.0));
            if (weight > 0) {
                all.add(new Seen(posture.word(), weight));
            }
        }
        all.sort(Comparator.comparingInt(Seen::weight).reversed());
        return all;
    }
}
