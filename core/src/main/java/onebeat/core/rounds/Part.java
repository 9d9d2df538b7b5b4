package onebeat.core.rounds;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import onebeat.core.holding.Choices;
import onebeat.core.holding.Contact;
import onebeat.core.holding.Guessing;
import onebeat.core.holding.Holder;
import onebeat.core.holding.Holding;
import onebeat.core.holding.Odds;
import onebeat.core.holding.RandomScript;
import onebeat.core.holding.RandomScript.Turn;
import onebeat.core.notation.Line;
import onebeat.core.notation.Notation;
import onebeat.core.play.Play;
import onebeat.core.play.Played;
import onebeat.core.play.PlayedWay;
import onebeat.core.play.Setting;

/// A round's plan with its line as played and its repetitions as they come.
///
/// @param played the line with every way through it
/// @param turns the repetitions in order; they begin again where the round is longer
/// @param drawn what was drawn for them; empty where nothing is left to chance
/// @param odds by which the cues were drawn
public record Part(
        RoundPlan plan, String name, Line line, Played played, List<Turned> turns, List<Turn> drawn, Odds odds) {

    /// One repetition with nothing left to chance.
    ///
    /// @param extraGap beats added to the gap before it
    /// @param choices what was drawn, in words for the feeder; empty where nothing was
    /// @param said what is said to the feeder of what was drawn, as names of what is said
    /// @param contact the touches of it
    public record Turned(PlayedWay way, int extraGap, String choices, List<String> said, Contact contact) {

        public Turned {
            said = List.copyOf(said);
        }
    }

    public Part {
        turns = List.copyOf(turns);
        drawn = List.copyOf(drawn);
    }

    /// What the repetitions of a part need.
    ///
    /// @param workS seconds of the round: so many repetitions are drawn as could fit into it
    public record With(Setting setting, Holder holder, Odds odds, int workS) {}

    /// Draws and plays the repetitions of a round.
    public static Part of(RoundPlan plan, String name, Line line, With with) {
        Played played = Play.of(line, with.setting);
        if (!RandomScript.draws(line)) {
            return new Part(plan, name, line, played, List.of(turned(plan, played, with)), List.of(), with.odds);
        }
        int shortest =
                played.ways().stream().mapToInt(w -> w.way().beats()).min().orElse(1);
        int shortestRun =
                played.shortest().stream().mapToInt(w -> w.way().beats()).min().orElse(shortest);
        double beats = Math.max(1, Math.min(shortest, shortestRun)) + plan.gapBeats();
        int most = (int) Math.ceil(with.workS * plan.bpm() / 60.0 / beats) + 1;
        List<Turn> turns = RandomScript.of(line, with.odds, plan.draw(), most);
        List<Choices.Choice> choices = Choices.of(line);
        Map<String, Turned> known = new HashMap<>();
        List<Turned> turned = new ArrayList<>();
        for (Turn turn : turns) {
            String words = turn.drawn().stream()
                    .map(d -> choices.get(d.choice()).words(d.option()))
                    .collect(Collectors.joining(" · "));
            List<String> said = turn.drawn().stream()
                    .flatMap(d -> choices.get(d.choice()).said(d.option()).stream())
                    .toList();
            Turned one = known.computeIfAbsent(
                    Notation.print(turn.line()), _ -> turned(plan, Play.of(turn.line(), with.setting), with));
            turned.add(new Turned(one.way, turn.extraGap(), words, said, one.contact));
        }
        return new Part(plan, name, line, played, turned, turns, with.odds);
    }

    private static Turned turned(RoundPlan plan, Played played, With with) {
        PlayedWay way = played.ways().getFirst();
        Contact contact = Contact.of(way, Holding.plan(way, with.setting, with.holder, plan.bpm()));
        return new Turned(way, 0, "", List.of(), contact);
    }

    /// How well what is left to chance could be guessed over the first repetitions; empty where nothing is.
    public List<Guessing> guessing(int repetitions) {
        return Guessing.of(line, odds, plan.draw(), drawn.subList(0, Math.min(repetitions, drawn.size())));
    }

    /// The line in canonical form.
    public String text() {
        return Notation.print(line);
    }

    /// A repetition, from 0.
    public Turned turn(int repetition) {
        return turns.get(repetition % turns.size());
    }

    /// The contact account of the first repetitions.
    public Contact contact(int repetitions) {
        Contact sum = Contact.NONE;
        for (int i = 0; i < turns.size() && i < repetitions; i++) {
            int times = (repetitions - i + turns.size() - 1) / turns.size();
            sum = sum.plus(turns.get(i).contact.times(times));
        }
        return sum;
    }
}
