package onebeat.formats.cards;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import onebeat.core.exchange.Phrases;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Script;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Limits;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.rounds.Schedule.Between;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.rounds.Session;
import onebeat.core.timing.Timing;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Whose;

/// Makes the cards that are printed.
public final class Cards {

    private static final Phrases WORDS = Phrases.of("cards");

    private Cards() {}

    /// Who and what a card is for.
    ///
    /// @param name the drill's name
    /// @param way which way through the line
    /// @param drawing the rope, where it was drawn
    /// @param words the line in words for a fighter
    public record For(
            String name,
            String athlete,
            String partner,
            Review review,
            int way,
            Optional<Drawing> drawing,
            String words) {

        PlayedWay played() {
            return review.played().ways().get(way);
        }
    }

    /// The partner's card: what they throw, show and hold, beat by beat.
    public static Sheet partner(For what, Script script, List<String> choices) {
        List<String> before = new ArrayList<>(script.before());
        before.addAll(choices);
        before.addAll(script.cannot());
        List<Row> rows = script.cues().stream()
                .map(cue -> new Row(
                        cue.beat().words(),
                        cue.call(),
                        detail(cue),
                        switch (cue.does()) {
                            case THROW, SHOW, MEET -> Whose.PARTNER;
                            case HOLD, TOUCH, SPARE -> Whose.BOTH;
                        }))
                .toList();
        Contact contact = Contact.of(what.played(), what.review.plan(what.way));
        List<String> after = new ArrayList<>(script.faults());
        after.add(WORDS.say("contact", contact.pads(), contact.onPartner(), contact.onHeads()));
        return new Sheet(
                WORDS.say("partner.title", what.partner),
                under(what),
                what.review.canonical(),
                what.drawing,
                before,
                rows,
                2,
                List.of(String.join("  ", after)),
                WORDS.say("cautions"));
    }

    private static String detail(Script.Cue cue) {
        if (cue.does() != Script.Does.THROW) {
            return cue.detail();
        }
        String early = WORDS.say("early", seconds(cue.atMs() - cue.showMs()));
        return cue.detail().isEmpty() ? early : cue.detail() + ", " + early;
    }

    /// The athlete's card: what they do, beat by beat, and what to mind.
    public static Sheet athlete(For what) {
        List<Row> rows = what.played().steps().stream()
                .sorted(Comparator.comparing(Step::beat).thenComparingInt(Step::index))
                .map(step -> new Row(
                        step.beat().words(),
                        step.placed().act().feint()
                                ? WORDS.say("feint", step.placed().technique().name())
                                : step.placed().technique().name(),
                        detail(what, step),
                        step.who() == Who.ATHLETE ? Whose.ATHLETE : Whose.PARTNER))
                .toList();
        List<String> mind = what.review.findings().stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .map(f -> f.text())
                .distinct()
                .limit(3)
                .toList();
        return new Sheet(
                WORDS.say("athlete.title", what.athlete),
                under(what),
                what.review.canonical(),
                what.drawing,
                List.of(what.words),
                rows,
                2,
                mind,
                WORDS.say("cautions"));
    }

    private static String detail(For what, Step step) {
        if (step.who() == Who.PARTNER) {
            return "";
        }
        return Timing.oneBeat(what.played(), step).orElse(1) == 0 ? WORDS.say("one.beat") : "";
    }

    private static String under(For what) {
        return WORDS.say(
                "under",
                what.name,
                what.athlete,
                what.partner,
                Math.round(what.review.context().bpm()),
                what.review.context().rung().id());
    }

    /// The session's sheet: its rounds and what is done between them, what it costs, and the coach's limits.
    ///
    /// @param whose who works in a round and who holds, in words; empty where nobody takes turns
    /// @param words says a line in words
    /// @param over what passes a limit of the coach
    public static Sheet session(
            Session session,
            Schedule schedule,
            String athlete,
            String partner,
            Function<RoundPlan, String> whose,
            UnaryOperator<String> words,
            List<Limits.Excess> over) {
        NavigableMap<Long, Row> byTime = new TreeMap<>();
        for (Stretch stretch : schedule.rounds()) {
            byTime.put(
                    stretch.startMs(),
                    row(stretch, byTime.size() + 1, whose.apply(stretch.part().plan()), words));
        }
        for (Between between : schedule.between()) {
            if (between.block().kind() != Block.Kind.REST) {
                byTime.put(between.startMs(), row(between));
            }
        }
        List<Row> rows = List.copyOf(byTime.values());
        Contact all = schedule.contact();
        List<String> after = new ArrayList<>();
        after.add(WORDS.say("contact.session", all.pads(), all.onPartner(), all.onHeads()));
        over.forEach(excess -> after.add(limit(excess)));
        return new Sheet(
                session.name(),
                WORDS.say(
                        "session.under",
                        session.date(),
                        athlete,
                        partner,
                        session.scheme().name(),
                        clock(schedule.rounds().isEmpty() ? 0 : schedule.lengthMs() - Schedule.READY_MS)),
                "",
                Optional.empty(),
                List.of(),
                rows,
                rows.size() > 7 ? 2 : 1,
                after,
                WORDS.say("cautions"));
    }

    private static Row row(Stretch stretch, int number, String whose, UnaryOperator<String> words) {
        Contact contact = stretch.contact();
        String told = WORDS.say(
                "round",
                lineAndWords(stretch.part().text(), words),
                stretch.part().plan().bpm(),
                stretch.repetitions(),
                stretch.part().plan().rung().id(),
                contact.pads() + contact.held(),
                contact.onPartner(),
                contact.onHeads());
        return new Row(
                "" + number,
                stretch.part().name(),
                whose.isEmpty() ? told : whose + " " + told,
                stretch.part().plan().isAthletes() ? Whose.BOTH : Whose.PARTNER);
    }

    private static String lineAndWords(String line, UnaryOperator<String> words) {
        String said = words.apply(line);
        return said.equals(line) ? line : WORDS.say("said", said, line);
    }

    /// Warm-up, feet, trunk and the like. How each exercise is made easier and harder is told on the floor:
    /// here it would make all else too small to read.
    private static Row row(Between between) {
        String exercises = between.block().exercises().stream()
                .map(e -> WORDS.say("exercise", e.name(), clock(e.seconds() * 1000L)))
                .collect(Collectors.joining(" · "));
        String name = between.block().kind().word();
        return new Row("", WORDS.say("block", name, clock(between.block().seconds() * 1000L)), exercises, Whose.BOTH);
    }

    /// A limit that is passed, in words.
    public static String limit(Limits.Excess excess) {
        return WORDS.say(
                "limit." + excess.limit().of(),
                excess.touches(),
                WORDS.say("in." + excess.limit().in()),
                excess.most());
    }

    private static String seconds(double ms) {
        return String.format(Locale.ROOT, "%.1f", ms / 1000);
    }

    private static String clock(long ms) {
        return String.format(Locale.ROOT, "%d:%02d", ms / 60_000, ms / 1000 % 60);
    }
}
