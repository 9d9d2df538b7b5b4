package onebeat.cli;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import onebeat.core.exchange.Fighter;
import onebeat.core.exchange.Stance;
import onebeat.core.holding.Gear;
import onebeat.core.holding.Holder;
import onebeat.core.holding.JabSchool;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.RuleSet;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.timing.Rung;
import onebeat.core.wording.Scheme;
import onebeat.core.wording.Wording;
import picocli.CommandLine;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;

/// The options that say who, by which rules, with what at hand and how fast: the same for every command
/// about a line.
final class Fighters {

    @Option(
            names = "--stance",
            description = "The athlete's stance: ${COMPLETION-CANDIDATES}.",
            defaultValue = "ORTHODOX")
    private Stance stance = Stance.ORTHODOX;

    @Option(
            names = "--partner",
            description = "The partner's stance: ${COMPLETION-CANDIDATES}.",
            defaultValue = "ORTHODOX")
    private Stance partner = Stance.ORTHODOX;

    @Option(names = "--height", description = "The athlete's height in cm.", defaultValue = "175")
    private double height;

    @Option(names = "--span", description = "The athlete's arm span in cm.", defaultValue = "178")
    private double span;

    @Option(names = "--partner-height", description = "The partner's height in cm.", defaultValue = "175")
    private double partnerHeight;

    @Option(names = "--partner-span", description = "The partner's arm span in cm.", defaultValue = "178")
    private double partnerSpan;

    @Option(
            names = "--rules",
            description = "The rules: boxing, kickboxing, muaythai or mixed.",
            defaultValue = "kickboxing")
    private String rules = "kickboxing";

    @Option(
            names = "--gear",
            split = ",",
            description = "What the partner has: mitts, kickpads, shield, belly, guards.")
    private List<String> gear = List.of("mitts", "guards");

    @Option(names = "--step", description = "The ladder step: parts, slow, whole … live.", defaultValue = "whole")
    private String rung = "whole";

    @Option(names = "--tempo", description = "Beats a minute, 20 to 300.", defaultValue = "60")
    private double tempo;

    /// What lines are held against.
    ///
    /// @param command the command that was given, to name in errors
    Context context(CommandLine command) {
        return Context.of(setting(command))
                .with(ruleSet(command))
                .with(holder(command))
                .at(tempo)
                .on(step(command));
    }

    /// A line in words for a fighter, with left and right for these stances; one that cannot be read stays as it is.
    String words(String line, Context context) {
        return Notation.read(line, context.vocabulary()) instanceof Read read
                ? Wording.of(
                                Scheme.LEFT_RIGHT,
                                context.setting().athlete().stance(),
                                context.setting().partner().stance())
                        .of(read.line())
                : line;
    }

    double tempo() {
        return tempo;
    }

    /// Whether the tempo was given rather than left as usual.
    boolean saysTempo(CommandLine command) {
        return command.getParseResult().hasMatchedOption("--tempo");
    }

    private RuleSet ruleSet(CommandLine command) {
        return RuleSet.of(rules)
                .orElseThrow(() -> new ParameterException(
                        command, "--rules must be one of " + String.join(", ", RuleSet.ids()) + ", not " + rules));
    }

    private Holder holder(CommandLine command) {
        Set<Gear> all = EnumSet.noneOf(Gear.class);
        for (String word : gear) {
            all.add(Gear.of(word.strip())
                    .orElseThrow(() ->
                            new ParameterException(command, "--gear must be of " + Gear.words() + ", not " + word)));
        }
        return new Holder(all, JabSchool.STRAIGHT);
    }

    private Rung step(CommandLine command) {
        return Rung.of(rung)
                .orElseThrow(() -> new ParameterException(
                        command,
                        "--step must be one of "
                                + Stream.of(Rung.values()).map(Rung::id).collect(Collectors.joining(", ")) + ", not "
                                + rung));
    }

    private Setting setting(CommandLine command) {
        if (!(tempo >= RoundPlan.LEAST_BPM && tempo <= RoundPlan.MOST_BPM)) {
            throw new ParameterException(command, "--tempo must be 20 to 300 beats a minute, not " + tempo);
        }
        try {
            return new Setting(
                    new Fighter("athlete", stance, height, span),
                    new Fighter("partner", partner, partnerHeight, partnerSpan));
        } catch (IllegalArgumentException e) {
            throw new ParameterException(command, e.getMessage(), e);
        }
    }
}
