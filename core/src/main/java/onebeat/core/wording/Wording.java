package onebeat.core.wording;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import onebeat.core.exchange.Intent;
import onebeat.core.exchange.Level;
import onebeat.core.exchange.Phrases;
import onebeat.core.exchange.Stance;
import onebeat.core.exchange.StanceEffect;
import onebeat.core.exchange.Technique;
import onebeat.core.notation.Act;
import onebeat.core.notation.Call;
import onebeat.core.notation.Choice;
import onebeat.core.notation.Half;
import onebeat.core.notation.Item;
import onebeat.core.notation.Line;
import onebeat.core.notation.Named;
import onebeat.core.notation.Partner;
import onebeat.core.notation.PartnerItem;
import onebeat.core.notation.Pause;
import onebeat.core.notation.RangeMark;
import onebeat.core.notation.Reads;
import onebeat.core.notation.Repeat;
import onebeat.core.notation.Unit;

/// Says lines in words.
///
/// @param scheme how strikes are called
/// @param athlete the stance in which the athlete begins
/// @param partner the stance of whoever stands across
/// @param other how whoever stands across is called, for example `the partner`
/// @param own the coach's own words for techniques, by their shorthand; they come before every scheme
public record Wording(Scheme scheme, Stance athlete, Stance partner, String other, Map<String, String> own) {

    private static final Phrases WORDS = Phrases.of("wording");

    public Wording {
        own = Map.copyOf(own);
    }

    /// Words with the sides of these two stances.
    public static Wording of(Scheme scheme, Stance athlete, Stance partner) {
        return new Wording(scheme, athlete, partner, WORDS.say("other"), Map.of());
    }

    /// A whole line, begun with a capital.
    public String of(Line line) {
        String words = new Walk(athlete).line(line);
        return words.isEmpty() ? "" : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }

    /// Words that stood alone, within a sentence: they begin small, unless they begin with a name.
    ///
    /// @param name of whoever may be spoken of
    public static String within(String said, String name) {
        return said.isEmpty() || said.startsWith(name.split(" ", -1)[0])
                ? said
                : said.substring(0, 1).toLowerCase(Locale.ROOT) + said.substring(1);
    }

    /// A piece of a line, as it is called or shown far away.
    ///
    /// @param partner whether the partner does it
    public record Said(String words, boolean partner) {}

    /// A line piece by piece and as short as it can be said, for a voice and for a screen across the room.
    public List<Said> pieces(Line line) {
        List<Said> all = new ArrayList<>();
        Walk walk = new Walk(athlete);
        for (Item item : line.items()) {
            if (item instanceof Half half) {
                half.units().forEach(unit -> walk.pieces(unit, all));
            } else {
                all.add(new Said(walk.item(item), false));
            }
        }
        return all;
    }

    /// One action of the athlete's, in the stance in which it begins.
    ///
    /// @param stance the athlete's at that moment
    public String of(Act act, Stance stance) {
        return act(act, stance);
    }

    /// What the partner does, as a clause: "jab comes".
    public String of(Partner cue) {
        List<String> all = new ArrayList<>();
        List<String> strikes = new ArrayList<>();
        for (PartnerItem item : cue.items()) {
            if (item instanceof Act act && act.isStrike()) {
                strikes.add(act(act, partner));
            } else {
                all.add(item instanceof Act act ? reaction(act) : WORDS.say("pause"));
            }
        }
        if (!strikes.isEmpty()) {
            all.addFirst(WORDS.say(strikes.size() == 1 ? "strike" : "strikes", joined(strikes)));
        }
        return joined(all);
    }

    private static String joined(List<String> parts) {
        String all = "";
        for (String part : parts) {
            all = all.isEmpty() ? part : WORDS.say("next", all, part);
        }
        return all;
    }

    private String reaction(Act act) {
        if (act.feint()) {
            return WORDS.say("partner.feint", technique(act.technique(), partner));
        }
        return phrase("partner." + act.technique().code(), partner)
                .orElseGet(() -> WORDS.say("partner.defends", technique(act.technique(), partner), other));
    }

    private String act(Act act, Stance stance) {
        String said = technique(act.technique(), stance);
        if (act.level() != act.technique().usualLevel() && act.level() != Level.NONE) {
            said = WORDS.say(act.level().word(), said);
        }
        if (act.feint()) {
            return WORDS.say("feint", said);
        }
        return act.intent() == Intent.NORMAL ? said : WORDS.say(act.intent() == Intent.FULL ? "hard" : "light", said);
    }

    private String technique(Technique technique, Stance stance) {
        String mine = own.get(technique.code());
        if (mine != null) {
            return mine;
        }
        if (scheme == Scheme.NUMBERS && technique.isNumbered()) {
            return technique.code();
        }
        return phrase("do." + technique.code(), stance).orElseGet(() -> sided(technique.name(), stance));
    }

    /// A phrase with the two sides in their places, where there is one.
    private Optional<String> phrase(String key, Stance stance) {
        return WORDS.has(key)
                ? Optional.of(WORDS.say(key, side(true, stance), side(false, stance), other))
                : Optional.empty();
    }

    /// A name with lead and rear as the scheme says them.
    private String sided(String name, Stance stance) {
        return scheme == Scheme.LEAD_REAR
                ? name
                : name.replaceAll("\\blead\\b", side(true, stance)).replaceAll("\\brear\\b", side(false, stance));
    }

    private String side(boolean lead, Stance stance) {
        if (scheme == Scheme.LEAD_REAR) {
            return WORDS.say(lead ? "lead" : "rear");
        }
        return WORDS.say(lead == (stance == Stance.ORTHODOX) ? "left" : "right");
    }

    /// A way along a line, with the stance that the athlete has come to.
    private final class Walk {

        private Stance stance;

        Walk(Stance stance) {
            this.stance = stance;
        }

        String line(Line line) {
            StringBuilder all = new StringBuilder();
            String between = "";
            for (Item item : line.items()) {
                all.append(between).append(item(item));
                between =
                        isCue(item) ? ": " : item instanceof Reads || item instanceof Choice ? WORDS.say("then") : ", ";
            }
            return all.toString();
        }

        private boolean isCue(Item item) {
            return item instanceof Half half
                    && half.units().stream().flatMap(u -> u.calls().stream()).allMatch(Partner.class::isInstance);
        }

        private String item(Item item) {
            return switch (item) {
                case Pause _ -> WORDS.say("pause");
                case RangeMark mark ->
                    WORDS.say("range", WORDS.say("range." + mark.band().word()));
                case Named named -> named.name();
                case Repeat set -> set(set);
                case Reads reads -> reads(reads);
                case Choice choice -> choice(choice);
                case Half half -> half(half);
            };
        }

        private String half(Half half) {
            String all = "";
            for (Unit unit : half.units()) {
                String said = unit(unit);
                all = all.isEmpty() ? said : WORDS.say("half", all, said);
            }
            return all;
        }

        private String unit(Unit unit) {
            String cue = "";
            String own = "";
            for (Call call : unit.calls()) {
                if (call instanceof Partner partners) {
                    cue = Wording.this.of(partners);
                } else if (call instanceof Act act) {
                    String said = act(act, stance);
                    own = own.isEmpty() ? said : WORDS.say("together", own, said);
                    if (changesStance(act)) {
                        stance = stance.changed();
                    }
                }
            }
            return cue.isEmpty() || own.isEmpty() ? cue + own : WORDS.say("comes", cue, own);
        }

        void pieces(Unit unit, List<Said> all) {
            String own = "";
            for (Call call : unit.calls()) {
                if (call instanceof Partner partners) {
                    partners.items().forEach(item -> all.add(new Said(shortly(item), true)));
                } else if (call instanceof Act act) {
                    String said = act(act, stance);
                    own = own.isEmpty() ? said : WORDS.say("together.short", own, said);
                    if (changesStance(act)) {
                        stance = stance.changed();
                    }
                }
            }
            if (!own.isEmpty()) {
                all.add(new Said(own, false));
            }
        }

        private String shortly(PartnerItem item) {
            return item instanceof Act act ? act.isStrike() ? act(act, partner) : reaction(act) : WORDS.say("pause");
        }

        private boolean changesStance(Act act) {
            return !act.feint() && act.technique().stance() == StanceEffect.CHANGE;
        }

        private String set(Repeat set) {
            String said = line(set.line());
            String inside = set.line().items().size() == 1 ? said : WORDS.say("many", said);
            return set.least() == set.most()
                    ? WORDS.say("set", set.least(), inside)
                    : WORDS.say("set.between", set.least(), set.most(), inside);
        }

        private String reads(Reads reads) {
            String all = "";
            for (Reads.Branch branch : reads.branches()) {
                String answer = new Walk(stance).line(branch.answer());
                String cue = Wording.this.of(branch.cue());
                String said = answer.isEmpty() ? WORDS.say("read.alone", cue) : WORDS.say("read", cue, answer);
                all = all.isEmpty() ? said : WORDS.say("read.next", all, said);
            }
            return all;
        }

        private String choice(Choice choice) {
            String all = "";
            for (Line option : choice.options()) {
                String said = new Walk(stance).line(option);
                all = all.isEmpty() ? said : WORDS.say("choice.next", all, said);
            }
            return WORDS.say("choice", all);
        }
    }
}
