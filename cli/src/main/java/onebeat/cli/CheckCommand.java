package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.opening.Opening;
import onebeat.core.play.Played;
import onebeat.core.play.Step;
import onebeat.core.review.Context;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.timing.Link;
import onebeat.core.timing.Timing;
import onebeat.formats.review.ReviewJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `check`: reviews a line, or each line of standard input.
@Command(
        name = "check",
        description = "Reviews a call line. Exit code 0: no stop, 1: a stop, 2: not a line.",
        mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {

    private static final int NO_STOP = 0;
    private static final int STOP = 1;
    private static final int NOT_A_LINE = 2;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Option(names = "--json", description = "Write JSON, one object a line.")
    private boolean json;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Fighters fighters;

    @Parameters(paramLabel = "LINE", description = "A call line, or - for lines from standard input.")
    private String line = "";

    @Override
    public Integer call() throws IOException {
        Context context = fighters.context(spec.commandLine());
        PrintWriter out = spec.commandLine().getOut();
        int worst = StandardLines.each(line, one -> check(one, context, out));
        out.flush();
        return worst;
    }

    private int check(String text, Context context, PrintWriter out) {
        return switch (Notation.read(text, context.vocabulary())) {
            case Misread misread -> {
                new LineErrors(spec, json, line).tell(misread);
                yield NOT_A_LINE;
            }
            case Read read -> {
                Review review = Review.of(read, context);
                if (json) {
                    out.println(ReviewJson.of(review));
                } else {
                    print(review, out);
                }
                yield review.hasStop() ? STOP : NO_STOP;
            }
        };
    }

    private void print(Review review, PrintWriter out) {
        out.println(review.canonical());
        out.println(fighters.words(review.canonical(), review.context()));
        Played played = review.played();
        out.printf(
                Locale.ROOT,
                "%d beats, %.1f s at %.0f a minute%s%n",
                played.beats(),
                played.beats() * 60 / fighters.tempo(),
                fighters.tempo(),
                ceiling(played));
        out.println("  #   beat  who      what           from           power    open   effect");
        for (Played.Numbered numbered : played.numbered()) {
            row(review, numbered, out);
        }
        out.printf(Locale.ROOT, "exposed %.2f over the whole line%n", review.exposure());
        for (Finding finding : review.findings()) {
            out.printf("%s %s: %s%n", finding.severity().word(), finding.code(), finding.text());
            finding.mended().ifPresent(mended -> out.println("     " + mended));
        }
    }

    /// What is done at a step: from which distance, with what power, how open the place is and why.
    private static void row(Review review, Played.Numbered numbered, PrintWriter out) {
        Step step = numbered.step();
        String power = step.impact()
                .map(i -> step.placed().act().feint()
                        ? "feint"
                        : i.grade().name().toLowerCase(Locale.ROOT) + String.format(Locale.ROOT, " %.2f", i.power()))
                .orElse("");
        Optional<Opening> opening = review.openings().get(numbered.way()).of(step);
        String row = String.format(
                Locale.ROOT,
                "%3d  %5.1f  %-8s %-14s %-6s %3.0f cm  %-11s %4s  %4s  %s",
                numbered.number(),
                step.beat().inBeats() + 1,
                step.who().name().toLowerCase(Locale.ROOT),
                Notation.print(step.placed().act()),
                step.range().word(),
                step.gapCm(),
                power,
                opening.map(o -> share(o.value())).orElse(""),
                opening.map(o -> share(o.effect())).orElse(""),
                step.placed().branch());
        out.println(row.stripTrailing());
        review.why(numbered.way(), step).ifPresent(why -> out.println("            " + why));
    }

    private static String share(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private static String ceiling(Played played) {
        return played.ways().stream()
                .flatMap(w -> Timing.ceiling(w).stream())
                .mapToDouble(Link::ceilingBpm)
                .min()
                .stream()
                .mapToObj(bpm -> String.format(Locale.ROOT, ", ceiling %.0f", bpm))
                .findFirst()
                .orElse("");
    }
}
