package onebeat.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import onebeat.core.film.Answer;
import onebeat.core.film.AnswerList;
import onebeat.core.film.Finder;
import onebeat.core.film.Found;
import onebeat.core.film.Repertoire;
import onebeat.core.film.Setups;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.review.Context;
import onebeat.formats.film.FoundJson;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `find`: the best answers to a feed, or the lines that land a weapon.
@Command(
        name = "find",
        description = "Finds the best answers to a partner's line, or with --for the lines that land a weapon."
                + " Exit code 0: found, 1: nothing, 2: not a line.",
        mixinStandardHelpOptions = true)
final class FindCommand implements Callable<Integer> {

    private static final int FOUND = 0;
    private static final int NOTHING = 1;
    private static final int NOT_A_LINE = 2;
    private static final int MOST_DEPTH = 9;

    @Spec
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private CommandSpec spec;

    @Mixin
    @SuppressWarnings("NullAway.Init") // set by picocli before call()
    private Fighters fighters;

    @Option(names = "--json", description = "Write JSON.")
    private boolean json;

    @Option(names = "--top", description = "How many lines.", defaultValue = "10")
    private int top;

    @Option(names = "--depth", description = "Actions at most, 1 to 9.", defaultValue = "4")
    private int depth;

    @Option(
            names = "--for",
            paramLabel = "WEAPON",
            description = "What shall land, for example rcalf or \"liver shot\".")
    private String weapon = "";

    @Option(
            names = "--repertoire",
            description = "What the athlete has, apart by spaces; the usual one where not said.")
    private String repertoire = "";

    @Parameters(
            arity = "0..1",
            paramLabel = "PARTNER LINE",
            description = "What the partner throws, for example \"(1 2)\", or - for lines from standard input.")
    private String line = "";

    @Override
    public Integer call() throws IOException {
        if (top < 1 || top > 1000 || depth < 1 || depth > MOST_DEPTH) {
            throw new ParameterException(spec.commandLine(), "--top is 1 to 1000 and --depth 1 to 9.");
        }
        Context context = fighters.context(spec.commandLine());
        Repertoire has = repertoire.isBlank() ? Repertoire.usual() : Repertoire.of(repertoire);
        if (!weapon.isEmpty()) {
            if (!Setups.isWeapon(weapon, context)) {
                spec.commandLine().getErr().println("\"" + weapon + "\" names no strike.");
                return NOT_A_LINE;
            }
            return told(Setups.of(new Setups.Query(weapon, context, has, top)));
        }
        if (line.isBlank()) {
            throw new ParameterException(spec.commandLine(), "Give the partner's line, or --for a weapon.");
        }
        return StandardLines.each(line, fed -> answers(fed, context, has));
    }

    private int answers(String fed, Context context, Repertoire has) {
        if (Notation.read(fed, context.vocabulary()) instanceof Misread misread) {
            new LineErrors(spec, json, line).tell(misread);
            return NOT_A_LINE;
        }
        int least = Finder.leastDepth(fed, context);
        if (least > MOST_DEPTH) {
            return refuse(fed + " feeds " + least + " strikes, and answers to " + MOST_DEPTH
                    + " at most can be looked for. Give a shorter feed.");
        }
        if (least > depth) {
            return refuse(fed + " feeds " + least + " strikes, and each is met by an action: --depth is " + least
                    + " at least, not " + depth + ".");
        }
        long begun = System.nanoTime();
        Found found;
        try (TerminalProgress progress = new TerminalProgress(spec.commandLine().getErr(), "looking")) {
            found = AnswerList.of(new Finder.Query(fed, context, has, depth, top), () -> {
                progress.tell(TimeUnit.NANOSECONDS.toSeconds(System.nanoTime() - begun) + " s");
                return false;
            });
        }
        return told(found);
    }

    private int refuse(String sentence) {
        spec.commandLine().getErr().println(sentence);
        return NOT_A_LINE;
    }

    private int told(Found found) {
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(FoundJson.of(found));
        } else {
            out.printf("looked at %d lines, left out %d%n", found.looked(), found.skipped());
            if (!found.whole()) {
                out.println("There is more than can be looked at: these are the best of what was looked at.");
            }
            for (Answer answer : found.answers()) {
                out.printf(
                        Locale.ROOT,
                        "%6.3f  effect %.2f  opening %.2f  exposure %.2f  %s%n",
                        answer.value().score(),
                        answer.value().effect(),
                        answer.value().opening(),
                        answer.value().exposure(),
                        answer.line());
                out.println("        " + fighters.words(answer.line(), fighters.context(spec.commandLine())));
                if (answer.taught() && answer.reasons().isEmpty()) {
                    out.println("        Everybody is taught this counter.");
                }
                answer.reasons().forEach(reason -> out.println("        " + reason));
            }
        }
        out.flush();
        return found.answers().isEmpty() ? NOTHING : FOUND;
    }
}
