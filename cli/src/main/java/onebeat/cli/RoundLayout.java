package onebeat.cli;

import java.util.List;
import java.util.Optional;
import onebeat.core.holding.Draw;
import onebeat.core.holding.Odds;
import onebeat.core.ladder.Ladder;
import onebeat.core.ladder.Stage;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.review.Context;
import onebeat.core.rounds.Block;
import onebeat.core.rounds.Calls;
import onebeat.core.rounds.Part;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule;
import onebeat.core.timing.Rung;

/// One round of a line, laid out.
///
/// @param drilled what is drilled: the line, or its stage at a step of its ladder
record RoundLayout(Read drilled, Schedule schedule) {

    /// What is asked of a round.
    ///
    /// @param saysTempo whether the tempo was given, and not that of the ladder's step is taken
    record Asked(int seconds, int gap, int bursts, long seed, boolean saysTempo) {}

    /// Lays out a round of a line at the step and the tempo of the context.
    ///
    /// @param calls how long a call takes to be said
    /// @return empty where the line has no such step
    static Optional<RoundLayout> of(Read read, Context context, Asked asked, Calls calls) {
        Read drilled = read;
        Odds odds = Odds.even();
        int bpm = (int) Math.round(context.bpm());
        if (context.rung() != Rung.WHOLE) {
            List<Stage> stages = Ladder.of(read, Ladder.With.usual(context)).of(context.rung());
            if (stages.isEmpty()
                    || !(Notation.read(stages.getLast().line(), context.vocabulary()) instanceof Read stage)) {
                return Optional.empty();
            }
            drilled = stage;
            odds = stages.getLast().odds();
            bpm = asked.saysTempo ? bpm : stages.getLast().bpm();
        }
        RoundPlan plan = new RoundPlan("round", "", 0, "", bpm, asked.gap)
                .on(context.rung())
                .withBursts(asked.bursts)
                .with(new Draw(asked.seed, Draw.USUAL_RUN, 0));
        Part part = Part.of(
                plan,
                drilled.canonical(),
                drilled.line(),
                new Part.With(context.setting(), context.holder(), odds, asked.seconds));
        Block round = new Block(Block.Kind.ROUND, asked.seconds, List.of());
        return Optional.of(new RoundLayout(drilled, Schedule.of(List.of(round), List.of(part), calls)));
    }

    /// What is said where there is no such step.
    static String noStep(Context context) {
        return "The line has no step " + context.rung().id() + "; ./onebeat ladder shows those it has.";
    }
}
