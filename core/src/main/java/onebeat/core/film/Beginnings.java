package onebeat.core.film;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.FirstAnswers;
import onebeat.core.exchange.Kind;
import onebeat.core.exchange.Side;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Openings;
import onebeat.core.opening.PartnerModel;
import onebeat.core.play.Beat;
import onebeat.core.play.Body;
import onebeat.core.play.Play;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Step;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.core.timing.Interception;

/// The ways to meet what the partner does that the finder goes on from.
final class Beginnings {

    private final Finder.Query query;
    private final Context context;
    private final Map<String, Double> mastery;
    private final PartnerModel model;
    private final List<Weapon> defences = new ArrayList<>();
    private final List<Weapon> plain = new ArrayList<>();
    private boolean narrowed;

    /// More ways to begin are not looked at: each has to be played. Three fed strikes stay below it.
    private static final int MOST = 20_000;

    /// A search that is stopped has something to go on from.
    private static final int ENOUGH = 200;

    Beginnings(Finder.Query query) {
        this.query = query;
        this.context = query.context();
        this.mastery = query.repertoire().mastery();
        this.model = context.partner().atFirstSight();
        for (Weapon weapon : query.repertoire().weapons()) {
            if (weapon.act().technique().isDefence() && !weapon.act().feint()) {
                defences.add(weapon);
            }
            if (isPlain(weapon.act())) {
                plain.add(weapon);
            }
        }
    }

    /// What can stand on a beat of its own with nothing to meet.
    private boolean isPlain(Act act) {
        Technique technique = act.technique();
        boolean allowed = !technique.isStrike() || context.rules().allows(technique, act.level());
        return !act.feint()
                && allowed
                && technique.stance() == StanceEffect.KEEP
                && (technique.isStrike() || technique.kind() == Kind.CLINCH || technique.family() == Family.FEET);
    }

    /// The actions that can follow.
    List<Weapon> plain() {
        return plain;
    }

    /// A way to meet what the partner does.
    ///
    /// @param actions how many of the athlete's it has
    /// @param strike the words of the first strike of the answer; empty where it has none
    record Beginning(String text, int actions, String strike, PlayedWay way, Openings openings, Value value) {

        List<Step> strikes() {
            return way.strikesOf(Who.ATHLETE).toList();
        }

        int feeds() {
            return (int) way.strikesOf(Who.PARTNER).count();
        }

        private Step last() {
            return way.of(Who.ATHLETE)
                    .max(Comparator.comparing(Step::beat)
                            .thenComparingInt(s -> s.placed().act().isStrike() ? 1 : 0)
                            .thenComparingInt(Step::index))
                    .orElseThrow();
        }

        Beat lastBeat() {
            return last().beat();
        }

        /// Beats from the last thing that the partner does to its end.
        int after() {
            double last = way.of(Who.PARTNER)
                    .mapToDouble(s -> s.beat().inBeats())
                    .max()
                    .orElse(0);
            return (int) Math.round(lastBeat().inBeats() - last);
        }

        /// The athlete's body at its end.
        Body body() {
            return last().after();
        }
    }

    /// Whether there were too many ways, and each fed strike was met by the usual defences only.
    boolean isNarrowed() {
        return narrowed;
    }

    /// What the partner throws in a line; nothing where it is no line.
    static List<Step> feeds(String line, Context context) {
        return Notation.read(line) instanceof Read read
                ? Play.of(read.line(), context.setting())
                        .ways()
                        .getFirst()
                        .strikesOf(Who.PARTNER)
                        .toList()
                : List.of();
    }

    /// Every way that has no finding that stays.
    ///
    /// @param stop asked now and then; once true the rest is left out
    List<Beginning> all(BooleanSupplier stop) {
        List<Beginning> all = new ArrayList<>();
        if (!(Notation.read(query.feed()) instanceof Read read)) {
            return all;
        }
        List<Step> feeds = feeds(query.feed(), context);
        if (feeds.isEmpty()) {
            unfed(all, read);
        } else if (feeds.size() <= query.depth()) {
            fed(all, feeds, stop);
        }
        return all;
    }

    /// What the partner does is no strike: whatever pays comes first, and what breaks a hold or works inside it where
    /// there is one.
    private void unfed(List<Beginning> all, Read read) {
        Optional<Technique> hold = Play.of(read.line(), context.setting())
                .ways()
                .getFirst()
                .of(Who.PARTNER)
                .map(s -> s.placed().technique())
                .filter(Technique::isHold)
                .reduce((_, later) -> later);
        List<Weapon> first = new ArrayList<>(plain);
        defences.stream().filter(w -> !plain.contains(w)).forEach(first::add);
        for (Weapon weapon : first) {
            if (hold.isEmpty() || weapon.act().technique().answersHold(hold.get())) {
                add(all, query.feed() + " " + Notation.print(weapon.act()), 1);
            }
        }
    }

    private void fed(List<Beginning> all, List<Step> feeds, BooleanSupplier stop) {
        Technique last = feeds.getLast().placed().technique();
        List<Weapon> together = plain.stream()
                .filter(w -> w.act().isStrike()
                        && w.act().technique().counts() == 1
                        && Interception.sharesBeat(w.act().technique(), last))
                .toList();
        boolean alsoTogether = feeds.size() + 1 <= query.depth();
        for (String text : met(feeds, MOST / (1 + (alsoTogether ? together.size() : 0)))) {
            if (all.size() > ENOUGH && stop.getAsBoolean()) {
                return;
            }
            add(all, text, feeds.size());
            if (alsoTogether) {
                together.forEach(w -> add(all, text + "+" + Notation.print(w.act()), feeds.size() + 1));
            }
        }
        if (feeds.size() == 1) {
            together.forEach(w -> add(all, query.feed() + "+" + Notation.print(w.act()), 1));
        }
    }

    /// The feed with a defence for each of its strikes, in every way; where those are too many, with so many of the
    /// best
    /// defences for each that they are not.
    private List<String> met(List<Step> feeds, int most) {
        List<List<String>> each = new ArrayList<>();
        for (Step feed : feeds) {
            each.add(defences.stream()
                    .filter(defence -> meets(defence, feed))
                    .sorted(Comparator.comparingInt(defence -> rank(defence, feed)))
                    .map(defence -> Notation.print(defence.act()))
                    .toList());
        }
        int many = each.stream().mapToInt(List::size).max().orElse(0);
        while (many > 1 && ways(each, many) > most) {
            many--;
            narrowed = true;
        }
        List<String> texts = new ArrayList<>(List.of(query.feed()));
        for (List<String> answers : each) {
            List<String> longer = new ArrayList<>();
            for (String text : texts) {
                answers.stream().limit(many).forEach(answer -> longer.add(text + " " + answer));
            }
            texts = longer;
        }
        return texts;
    }

    private static double ways(List<List<String>> each, int many) {
        return each.stream()
                .mapToDouble(answers -> Math.min(many, answers.size()))
                .reduce(1, (a, b) -> a * b);
    }

    /// The usual answers first, then the others.
    private int rank(Weapon defence, Step feed) {
        return FirstAnswers.rank(
                        defence.act().technique(),
                        feed.placed().technique(),
                        feed.placed().act().level(),
                        feed.placed().side().orElse(Side.LEAD),
                        context.setting().pairing())
                .orElse(Integer.MAX_VALUE);
    }

    private static boolean meets(Weapon defence, Step feed) {
        return defence.act()
                .technique()
                .meets(feed.placed().technique(), feed.placed().act().level());
    }

    private void add(List<Beginning> all, String text, int actions) {
        if (!(Notation.read(text) instanceof Read read)) {
            return;
        }
        PlayedWay way = Play.of(read.line(), context.setting()).ways().getFirst();
        boolean answers = way.strikesOf(Who.PARTNER)
                .allMatch(feed -> Interception.of(way, feed).isAnswer());
        boolean reaches = way.of(Who.ATHLETE).noneMatch(Step::isShort);
        if (!answers || !reaches || Review.hasLastingStop(read, way, context)) {
            return;
        }
        Openings openings = Openings.withoutCredits(way, context.setting(), model, 0);
        Optional<String> strike = way.strikesOf(Who.ATHLETE)
                .findFirst()
                .map(s -> Notation.print(s.placed().act().normal()));
        all.add(new Beginning(text, actions, strike.orElse(""), way, openings, Value.of(way, openings, mastery)));
    }
}
