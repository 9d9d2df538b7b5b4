package onebeat.core.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.FollowUps.FollowUp;
import onebeat.core.holding.Odds;
import onebeat.core.notation.Act;
import onebeat.core.notation.Call;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Partner;
import onebeat.core.notation.Read;
import onebeat.core.play.Placing;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;

/// A drill made of what was seen on film: the opponent's part is what the partner gives, the athlete's part the
/// answer, and where the opponent answers in more than one way those are its reads, as often as on film. What was
/// seen once is no read yet.
///
/// @param line the line of the drill
/// @param odds of its read, as counted
/// @param reads what the athlete does on each cue, the most frequent first; empty where there is no read
public record Seized(String line, Odds odds, List<IfThen> reads) {

    /// Cues of a read at most: more nobody reads in time.
    private static final int MOST_CUES = 3;

    public Seized {
        reads = List.copyOf(reads);
    }

    /// If the opponent does this, then the athlete does that.
    ///
    /// @param cue what the opponent does, as between brackets
    /// @param share how often, with its interval
    /// @param answer what the athlete does then
    public record IfThen(String cue, Share share, String answer) {}

    /// The drill of an exchange.
    ///
    /// @param habits the opponent's responses to what the athlete does
    public static Seized of(Exchange exchange, List<After> habits, Context context, Repertoire repertoire) {
        if (!(Notation.read(exchange.line(), context.vocabulary()) instanceof Read read)) {
            return new Seized(exchange.line(), Odds.even(), List.of());
        }
        List<Item> items = read.line().items();
        for (int i = 0; i + 1 < items.size(); i++) {
            Optional<After> after = own(items.get(i)).flatMap(stimulus -> after(habits, stimulus));
            Optional<String> seen = theirs(items.get(i + 1));
            if (after.isPresent() && seen.isPresent()) {
                String beginning = Notation.print(new Line(items.subList(0, i + 1)));
                String answer = Notation.print(new Line(items.subList(i + 2, items.size())));
                return of(beginning, after.get(), Optional.of(new Own(seen.get(), answer)), context, repertoire)
                        .orElseGet(() -> new Seized(read.canonical(), Odds.even(), List.of()));
            }
        }
        return new Seized(read.canonical(), Odds.even(), List.of());
    }

    /// The drill of a habit: what the opponent does after this, each way with its best reply. Empty where nothing
    /// replies.
    public static Optional<Seized> of(After after, Context context, Repertoire repertoire) {
        return of(after.stimulus(), after, Optional.empty(), context, repertoire);
    }

    /// What the athlete did after one of the responses.
    private record Own(String response, String answer) {}

    private static Optional<Seized> of(
            String beginning, After after, Optional<Own> own, Context context, Repertoire repertoire) {
        List<IfThen> reads = new ArrayList<>();
        for (FollowUp follow : after.responses()) {
            boolean ownsIt = own.isPresent() && own.get().response.equals(follow.response());
            boolean seenAgain = follow.share().n() > 1;
            if ((reads.size() < MOST_CUES && seenAgain) || ownsIt) {
                Optional<String> answer = ownsIt && stands(beginning, own.get(), context)
                        ? Optional.of(withoutWayOut(own.get().answer, context))
                        : Reply.best(beginning, follow.response(), context, repertoire)
                                .map(Reply::words);
                answer.ifPresent(words -> reads.add(new IfThen(follow.response(), follow.share(), words)));
            }
        }
        if (reads.isEmpty()) {
            return Optional.empty();
        }
        String branches = reads.size() == 1
                ? "(" + reads.getFirst().cue + ") " + reads.getFirst().answer
                : "{ "
                        + reads.stream()
                                .map(r -> "(" + r.cue + "): " + r.answer)
                                .collect(Collectors.joining(" | "))
                        + " }";
        String text =
                beginning + " " + branches + " " + context.setting().pairing().wayOut();
        Odds odds = Odds.even();
        for (int i = 0; reads.size() > 1 && i < reads.size(); i++) {
            odds = odds.with(0, reads.size(), i, reads.get(i).share.n());
        }
        return Notation.read(text, context.vocabulary()) instanceof Read read
                ? Optional.of(new Seized(read.canonical(), odds, reads))
                : Optional.empty();
    }

    /// Whether what the athlete did has a strike in it and no `stop`.
    private static boolean stands(String beginning, Own own, Context context) {
        String text = beginning + " (" + own.response + ") " + own.answer;
        return !own.answer.isEmpty()
                && Notation.read(text, context.vocabulary()) instanceof Read read
                && Placing.ways(read.line(), context.setting().pairing()).getFirst().actions().stream()
                        .anyMatch(p -> p.who() == Who.ATHLETE && p.act().isStrike())
                && !Review.withoutMends(read, context).hasStop();
    }

    private static String withoutWayOut(String answer, Context context) {
        String out = context.setting().pairing().wayOut();
        return answer.endsWith(" " + out) ? answer.substring(0, answer.length() - out.length() - 1) : answer;
    }

    private static Optional<After> after(List<After> habits, String stimulus) {
        return habits.stream().filter(h -> h.stimulus().equals(stimulus)).findFirst();
    }

    /// What the athlete does alone on the one beat of an item, as habits name it.
    private static Optional<String> own(Item item) {
        List<String> words = new ArrayList<>();
        for (Call call : calls(item)) {
            if (!(call instanceof Act act)) {
                return Optional.empty();
            }
            words.add(Notation.print(act.normal()));
        }
        return words.isEmpty() ? Optional.empty() : Optional.of(String.join("+", words));
    }

    /// The one thing that the opponent does on the one beat of an item.
    private static Optional<String> theirs(Item item) {
        List<Call> calls = calls(item);
        return calls.size() == 1
                        && calls.getFirst() instanceof Partner partner
                        && partner.items().size() == 1
                        && partner.items().getFirst() instanceof Act act
                ? Optional.of(Notation.print(act))
                : Optional.empty();
    }

    private static List<Call> calls(Item item) {
        return item instanceof Half half && half.units().size() == 1
                ? half.units().getFirst().calls()
                : List.of();
    }
}
