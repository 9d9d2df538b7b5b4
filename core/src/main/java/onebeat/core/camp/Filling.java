package onebeat.core.camp;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import onebeat.core.book.Proposal;
import onebeat.core.book.Proposal.Move;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Phrases;
import onebeat.core.holding.Holding;
import onebeat.core.holding.Partner;
import onebeat.core.ladder.Prerequisites;
import onebeat.core.notation.Line;
import onebeat.core.notation.Read;
import onebeat.core.play.Placing;
import onebeat.core.play.Play;
import onebeat.core.play.Setting;
import onebeat.core.play.Who;
import onebeat.core.timing.Rung;

/// What the book proposes for a session: the lines that are due, each with its reason.
///
/// First what slipped, then what was clean enough to go on, then what was not done for long, then one new
/// line; nothing that the partner at the door does not feed or hold, nothing before what it is built on,
/// and nothing new in the last days.
public final class Filling {

    private static final Constants NUMBERS = Constants.of(Filling.class, "filling.csv", "number");
    private static final int LONG_AGO = (int) NUMBERS.get("long_ago_days");
    private static final int NOTHING_NEW = (int) NUMBERS.get("nothing_new_days");
    private static final int MOST_NEW = (int) NUMBERS.get("most_new");
    private static final Phrases WORDS = Phrases.of("filling");

    private Filling() {}

    /// A line that is proposed.
    ///
    /// @param rung the ladder step to do it at
    /// @param reason why, in words with the numbers
    public record Choice(Drill drill, Rung rung, int bpm, String reason) {}

    private record Ranked(Choice choice, int rank, long order, boolean fresh) {}

    /// The lines for a session of so many rounds, the most urgent first.
    public static List<Choice> of(Camp camp, LocalDate day, int rounds) {
        return of(Proposals.of(camp), day, rounds);
    }

    /// The same from what is proposed for each line.
    public static List<Choice> of(Proposals proposals, LocalDate day, int rounds) {
        Camp camp = proposals.camp();
        Setting setting = camp.setting();
        List<Ranked> ranked = new ArrayList<>();
        for (Drill drill : camp.drills().all()) {
            proposals
                    .read(drill)
                    .filter(read -> feeds(camp, read, setting) && holds(camp, read, setting))
                    .flatMap(read -> ranked(proposals, drill, read.line(), day))
                    .ifPresent(ranked::add);
        }
        ranked.sort(Comparator.comparingInt(Ranked::rank).thenComparingLong(Ranked::order));
        List<Choice> choices = new ArrayList<>();
        int fresh = 0;
        for (Ranked one : ranked) {
            if (choices.size() < rounds && (!one.fresh || fresh < MOST_NEW)) {
                choices.add(one.choice);
                fresh += one.fresh ? 1 : 0;
            }
        }
        return choices;
    }

    private static Optional<Ranked> ranked(Proposals proposals, Drill drill, Line line, LocalDate day) {
        Camp camp = proposals.camp();
        Optional<Proposal> proposal = proposals.of(drill);
        if (proposal.isEmpty()) {
            boolean tooLate = ChronoUnit.DAYS.between(day, camp.card().fightNight()) <= NOTHING_NEW;
            boolean ready = camp.drills().all().stream()
                    .filter(other -> isBefore(proposals, other, line))
                    .allMatch(other -> proposals.of(other).isPresent());
            if (tooLate || !ready) {
                return Optional.empty();
            }
            Choice choice = new Choice(drill, Rung.WHOLE, drill.bpm(), WORDS.say("new"));
            return Optional.of(new Ranked(choice, NEW_RANK, 0, true));
        }
        Proposal next = proposal.get();
        long days = ChronoUnit.DAYS.between(next.from().date(), day);
        boolean overruled = drill.isOverruledSince(next.from().date());
        Rung rung = overruled ? drill.rung() : next.rung();
        int bpm = overruled ? drill.bpm() : next.bpm();
        String numbers = WORDS.say(
                "numbers",
                next.clean().n(),
                next.clean().of(),
                Math.round(100 * next.clean().low()),
                Math.round(100 * next.clean().high()),
                days);
        String reason = overruled
                ? WORDS.say("overruled", drill.overruled())
                : WORDS.say(
                                days >= LONG_AGO && (next.move() == Move.AGAIN || next.move() == Move.KEEP)
                                        ? "long"
                                        : "move." + next.move(),
                                rung.id(),
                                bpm)
                        + " " + numbers;
        int rank = switch (next.move()) {
            case BACK -> 0;
            case UP -> 1;
            case KEEP, AGAIN -> days >= LONG_AGO ? 2 : 3;
            case TOO_FEW -> 3;
        };
        return Optional.of(new Ranked(new Choice(drill, rung, bpm, reason), rank, -days, false));
    }

    private static final int NEW_RANK = 4;

    private static boolean isBefore(Proposals proposals, Drill other, Line line) {
        return proposals
                .read(other)
                .filter(read -> Prerequisites.isBefore(read.line(), line))
                .isPresent();
    }

    /// Whether what is at hand holds everything that a line hits.
    public static boolean holds(Camp camp, Read read) {
        return holds(camp, read, camp.setting());
    }

    private static boolean holds(Camp camp, Read read, Setting setting) {
        return Play.of(read.line(), setting).ways().stream().allMatch(way -> Holding.hasTargets(way, camp.holder()));
    }

    /// Whether the partner at the door feeds everything that a line asks of them.
    public static boolean feeds(Camp camp, Read read) {
        return feeds(camp, read, camp.setting());
    }

    private static boolean feeds(Camp camp, Read read, Setting setting) {
        Optional<Partner> partner = camp.partner();
        return partner.isEmpty()
                || Placing.ways(read.line(), setting.pairing()).stream()
                        .flatMap(way -> way.actions().stream())
                        .filter(p -> p.who() == Who.PARTNER && p.technique().isStrike())
                        .allMatch(p ->
                                partner.get().feeds().contains(p.technique().family()));
    }
}
