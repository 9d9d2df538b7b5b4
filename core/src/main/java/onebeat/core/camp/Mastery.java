package onebeat.core.camp;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.exchange.Constants;
import onebeat.core.exchange.Intent;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Weapon;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Placed;
import onebeat.core.play.Placing;
import onebeat.core.play.Way;
import onebeat.core.play.Who;

/// What the athlete has, and how surely, as the book knows it: the usual repertoire and whatever stands in
/// the camp's lines; each action as sure as the repetitions of the lines that hold it were clean.
///
/// Few repetitions say little, so they are added to a prior: a Beta posterior mean (Gelman and others,
/// Bayesian Data Analysis, 3rd ed. 2013, section 2.1). What was never judged is as sure as the prior.
public final class Mastery {

    private static final Constants NUMBERS = Constants.of(Mastery.class, "mastery.csv", "number");
    private static final double PRIOR_CLEAN = NUMBERS.get("prior_clean");
    private static final double PRIOR_JUDGED = NUMBERS.get("prior_judged");

    private Mastery() {}

    /// The repertoire of a camp's athlete.
    public static Repertoire of(Camp camp) {
        Map<String, int[]> counts = new HashMap<>();
        Map<String, Weapon> weapons = new HashMap<>();
        List<String> order = new ArrayList<>();
        for (Weapon weapon : Repertoire.usual().weapons()) {
            String words = Notation.print(weapon.act());
            weapons.put(words, weapon);
            order.add(words);
        }
        for (Drill drill : camp.drills().all()) {
            if (Notation.read(drill.line(), camp.vocabulary()) instanceof Read read) {
                int[] judged = judged(camp, drill);
                for (Act act : actions(read, camp)) {
                    String words = Notation.print(act);
                    if (weapons.putIfAbsent(words, new Weapon(act, 1)) == null) {
                        order.add(words);
                    }
                    int[] sum = counts.computeIfAbsent(words, _ -> new int[2]);
                    sum[0] += judged[0];
                    sum[1] += judged[1];
                }
            }
        }
        return new Repertoire(order.stream()
                .map(words -> {
                    int[] sum = counts.getOrDefault(words, new int[2]);
                    double sure = (sum[0] + PRIOR_CLEAN) / (sum[1] + PRIOR_JUDGED);
                    Weapon weapon = weapons.get(words);
                    if (weapon == null) {
                        throw new IllegalStateException("no weapon " + words);
                    }
                    return new Weapon(weapon.act(), sure);
                })
                .toList());
    }

    /// Clean repetitions, and all that were judged.
    private static int[] judged(Camp camp, Drill drill) {
        int clean = 0;
        int all = 0;
        for (Repetition one : camp.repetitionsOf("")) {
            if (one.drillId().equals(drill.id())) {
                all++;
                clean += one.judgement() == Judgement.CLEAN ? 1 : 0;
            }
        }
        return new int[] {clean, all};
    }

    private static Set<Act> actions(Read read, Camp camp) {
        Map<String, Act> unlike = new HashMap<>();
        Set<Act> all = new LinkedHashSet<>();
        for (Way way : Placing.ways(read.line(), camp.setting().pairing())) {
            for (Placed placed : way.actions()) {
                Act act = placed.act();
                Act plain = new Act(false, act.technique(), act.level(), Intent.NORMAL, act.span());
                if (placed.who() == Who.ATHLETE
                        && !act.feint()
                        && unlike.putIfAbsent(Notation.print(plain), plain) == null) {
                    all.add(plain);
                }
            }
        }
        return all;
    }
}
