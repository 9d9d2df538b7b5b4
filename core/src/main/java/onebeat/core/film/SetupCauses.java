package onebeat.core.film;

import java.util.ArrayList;
import java.util.List;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Family;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Move;
import onebeat.core.exchange.Part;
import onebeat.core.exchange.Technique;
import onebeat.core.film.SetupCause.How;
import onebeat.core.notation.Act;
import onebeat.core.notation.Notation;
import onebeat.core.review.Context;

/// All that can be put before a weapon, from what the athlete has: a strike, the same twice, a feint, a pattern, the
/// answer to a feed, an angle, or the way in to a hold.
///
/// @param weapon the call of the weapon
/// @param strike its last strike
record SetupCauses(Context context, Repertoire repertoire, String weapon, Act strike) {

    /// The feeds that are answered first.
    private static final List<String> FEEDS = List.of("1", "2", "3", "1b", "2b", "3b");

    List<SetupCause> all() {
        List<SetupCause> all = new ArrayList<>();
        List<String> strikes = strikes();
        if (isHold()) {
            entries(all, strikes);
            return all;
        }
        for (String words : strikes) {
            strike(all, words);
        }
        pairs(all, strikes);
        decoys(all);
        feeds(all);
        Catalogue.standard().all().stream()
                .filter(t -> t.isDefence() && changesTheAngle(t.traits().move()))
                .forEach(t -> all.add(new SetupCause("angle", t.code(), "", How.ANGLE)));
        return all;
    }

    private boolean isHold() {
        return weapon.startsWith("tie ") || weapon.startsWith("collar ");
    }

    private List<String> strikes() {
        return repertoire.weapons().stream()
                .map(Weapon::act)
                .filter(act -> act.isStrike() && context.rules().allows(act.technique(), act.level()))
                .map(Notation::print)
                .toList();
    }

    /// Only an arm that goes all the way carries the athlete in: a feint does not (F16).
    private static void entries(List<SetupCause> all, List<String> strikes) {
        strikes.stream().filter(SetupCauses::carriesIn).forEach(words -> {
            all.add(new SetupCause(words, words, words, How.ENTRY));
            all.add(new SetupCause(words, words + "!", words + "!", How.ENTRY));
        });
    }

    private void strike(List<SetupCause> all, String words) {
        all.add(new SetupCause(words, words, words, How.STRIKE));
        all.add(new SetupCause(words, words + "!", words + "!", How.STRIKE));
        String feint = "~" + WeaponNames.act(words).orElseThrow().level();
        all.add(new SetupCause(feint, words + "! 1 ~" + words, "~" + words, How.FEINT));
        all.add(new SetupCause(feint, words + "! ~" + words, "~" + words, How.FEINT));
        if (startsAlike(words)) {
            patterns(all, words);
        }
    }

    private static void pairs(List<SetupCause> all, List<String> strikes) {
        List<String> hands = strikes.stream()
                .filter(words ->
                        WeaponNames.act(words).orElseThrow().technique().part() == Part.ARM)
                .toList();
        for (String first : hands) {
            for (String second : hands) {
                boolean twice = isTwice(first, second);
                String text = first + " " + second;
                all.add(new SetupCause(twice ? text : second, text, second, twice ? How.TWICE : How.TWO));
            }
        }
    }

    /// What winds up alike is the best decoy, in the repertoire or not (F23).
    private void decoys(List<SetupCause> all) {
        Catalogue.standard().all().stream()
                .filter(t -> t.windTurn().isPresent()
                        && t.windTurn().equals(strike.technique().windTurn()))
                .filter(t -> !t.code().equals(strike.technique().code())
                        && context.rules().allows(t, t.usualLevel()))
                .forEach(t -> patterns(all, t.code()));
    }

    private void feeds(List<SetupCause> all) {
        List<String> defences = repertoire.weapons().stream()
                .map(Weapon::act)
                .filter(act -> act.technique().isDefence() && act.technique().family() != Family.FEET)
                .map(Notation::print)
                .toList();
        for (String feed : FEEDS) {
            String group = "(" + feed.charAt(0) + ")";
            for (String defence : defences) {
                String answered = "(" + feed + ") " + defence;
                all.add(new SetupCause(group, answered, "", How.FEED));
                all.add(new SetupCause(group, answered + "+", "", How.FEED));
            }
        }
    }

    /// What is entered behind: an arm that comes round or falls, to the head (F16).
    private static boolean carriesIn(String cause) {
        Act act = WeaponNames.act(cause).orElseThrow();
        return act.technique().part() == Part.ARM && act.technique().comesRound() && act.level() == Level.HEAD;
    }

    private static boolean changesTheAngle(Move move) {
        return move == Move.OFF_LINE || move == Move.PIVOT || move == Move.CIRCLE;
    }

    private static void patterns(List<SetupCause> all, String decoy) {
        for (String first : List.of("1", "2")) {
            String shown = "[" + first + " " + decoy + "]*2..3 " + first;
            all.add(new SetupCause("[" + decoy, shown, decoy, How.PATTERN));
        }
    }

    /// The same strike at another level.
    private static boolean isTwice(String one, String other) {
        Act first = WeaponNames.act(one).orElseThrow();
        Act second = WeaponNames.act(other).orElseThrow();
        return first.technique().code().equals(second.technique().code()) && first.level() != second.level();
    }

    /// Strikes that begin like the weapon teach the opponent the wrong answer to it (F19, F23).
    private boolean startsAlike(String words) {
        Act other = WeaponNames.act(words).orElseThrow();
        Technique technique = other.technique();
        boolean same = technique.code().equals(strike.technique().code()) && other.level() == strike.level();
        return !same
                && technique.family() == strike.technique().family()
                && technique.fixedSide().equals(strike.technique().fixedSide())
                && technique.counts()
                        == Math.min(technique.counts(), strike.technique().counts());
    }
}
