package onebeat.core.film;

import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import onebeat.core.exchange.Kind;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Code;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;

/// The answers to a feed as a coach would want them listed: different ideas, what is taught
/// at every other place, each with its way out (common practice).
///
/// What the exact search ([Finder]) found stands in its own order between what is taught ([TaughtCounters]). No two
/// differ in the defences alone. A line that ends as one before it is cut back to where it still goes its own
/// way. The way out costs no action.
public final class AnswerList {

    /// So many more are looked for than are told: some fall together.
    private static final int SPARE = 2;

    private final Finder.Query query;
    private final AnswerReview review;
    private final List<Answer> taught;

    private AnswerList(Finder.Query query) {
        this.query = query;
        this.review = new AnswerReview(
                query.context(),
                query.context().partner().atFirstSight(),
                query.repertoire().mastery());
        this.taught = TaughtCounters.lines(query).stream()
                .flatMap(line -> review.of(line).stream())
                .sorted(Answer.BEST)
                .map(Answer::asTaught)
                .toList();
    }

    /// The answers.
    ///
    /// @param stop asked now and then; once true the search ends with what it has
    public static Found of(Finder.Query query, BooleanSupplier stop) {
        return new AnswerList(query).listed(Finder.find(wider(query), stop));
    }

    /// The answers, told as they improve.
    ///
    /// @param improved is given the best so far when they change
    public static Found of(Finder.Query query, Consumer<List<Answer>> improved, BooleanSupplier stop) {
        AnswerList list = new AnswerList(query);
        return list.listed(Finder.find(wider(query), best -> improved.accept(list.listed(best)), stop));
    }

    private static Finder.Query wider(Finder.Query query) {
        return new Finder.Query(query.feed(), query.context(), query.repertoire(), query.depth(), query.top() * SPARE);
    }

    private Found listed(Found found) {
        return new Found(found.looked(), found.skipped(), found.whole(), listed(found.answers()));
    }

    private List<Answer> listed(List<Answer> searched) {
        Map<String, Answer> byIdea = new LinkedHashMap<>();
        Set<String> endings = new HashSet<>();
        Set<String> strikesOnly = new HashSet<>();
        int fromTaught = 0;
        int fromSearch = 0;
        while (byIdea.size() < query.top() && (fromTaught < taught.size() || fromSearch < searched.size())) {
            boolean takeTaught =
                    fromTaught < taught.size() && (byIdea.size() % 2 == 0 || fromSearch >= searched.size());
            Answer next = takeTaught ? taught.get(fromTaught++) : searched.get(fromSearch++);
            Answer own = takeTaught ? next : shortened(next, endings);
            String idea = idea(own.line());
            if (!byIdea.containsKey(idea) && strikesOnly.add(strikesOf(own.line()))) {
                byIdea.put(idea, own);
                endings.add(ending(own.line()));
            }
        }
        return byIdea.values().stream().map(this::withExit).toList();
    }

    /// Cut back until it ends otherwise than those before it, or has a single strike.
    private Answer shortened(Answer answer, Set<String> endings) {
        Answer best = answer;
        while (endings.contains(ending(best.line())) && strikes(best.line()) > 1) {
            int cut = best.line().lastIndexOf(' ');
            Optional<Answer> shorter =
                    cut < 0 ? Optional.empty() : review.of(best.line().substring(0, cut));
            if (shorter.isEmpty()) {
                break;
            }
            best = shorter.get();
        }
        return best;
    }

    /// The defences and the first strike.
    private String idea(String line) {
        StringBuilder idea = new StringBuilder();
        for (Step step : own(line)) {
            idea.append(' ').append(Notation.print(step.placed().act().normal()));
            if (step.placed().act().isStrike()) {
                break;
            }
        }
        return idea.toString();
    }

    /// All that is not the first defence: answers that differ in that alone are one.
    private String strikesOf(String line) {
        return own(line).stream()
                .dropWhile(s -> s.placed().technique().kind() == Kind.DEFENCE)
                .map(s -> Notation.print(s.placed().act()))
                .collect(Collectors.joining(" "));
    }

    /// The last strike of several; a single one is an ending of its own.
    private String ending(String line) {
        List<Step> strikes =
                own(line).stream().filter(s -> s.placed().act().isStrike()).toList();
        return strikes.size() < 2
                ? line
                : Notation.print(strikes.getLast().placed().act().normal());
    }

    private long strikes(String line) {
        return own(line).stream().filter(s -> s.placed().act().isStrike()).count();
    }

    private List<Step> own(String line) {
        return way(line).map(way -> way.of(Who.ATHLETE).toList()).orElse(List.of());
    }

    private Optional<PlayedWay> way(String line) {
        return Notation.read(line) instanceof Read read
                ? Optional.of(
                        Play.of(read.line(), query.context().setting()).ways().getFirst())
                : Optional.empty();
    }

    /// With the way out where the line stands still at its end and leaving is no fault.
    private Answer withExit(Answer answer) {
        Context context = query.context();
        if (!(Notation.read(answer.line()) instanceof Read read)) {
            return answer;
        }
        Review bare = Review.withoutMends(read, context);
        if (bare.findings(Code.NO_EXIT).isEmpty()) {
            return answer;
        }
        String out = answer.line() + " " + context.setting().pairing().wayOut();
        if (!(Notation.read(out) instanceof Read longer)) {
            return answer;
        }
        Review left = Review.withoutMends(longer, context);
        boolean worse = left.findings().stream()
                        .filter(f -> f.severity() != Severity.NOTE)
                        .count()
                > bare.findings().stream()
                        .filter(f -> f.severity() != Severity.NOTE)
                        .count();
        return worse ? answer : answer.reading(left.canonical());
    }
}
