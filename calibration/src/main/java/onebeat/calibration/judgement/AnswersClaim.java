package onebeat.calibration.judgement;

import java.util.List;
import onebeat.calibration.judgement.Judgement.Claim;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.core.film.Answer;
import onebeat.core.film.AnswerList;
import onebeat.core.film.Finder;

/// The answers to a feed begin so.
record AnswersClaim(String feed, Against against, List<String> any, List<String> neverFirst, int first)
        implements Claim {

    private static final int TOP = 50;

    @Override
    public Verdict tried() {
        List<String> lines = AnswerList.of(
                        new Finder.Query(feed, against.context(), against.repertoire(), against.depth(), TOP),
                        () -> false)
                .answers()
                .stream()
                .map(Answer::line)
                .toList();
        List<String> firsts = lines.stream().limit(first).toList();
        boolean there = firsts.stream().anyMatch(line -> any.stream().anyMatch(head -> begins(line, head)));
        boolean wrong = !lines.isEmpty() && neverFirst.stream().anyMatch(head -> begins(lines.getFirst(), head));
        return new Verdict(there && !wrong, "first " + String.join(" · ", firsts));
    }

    private boolean begins(String line, String head) {
        String rest = bare(line.startsWith(feed) ? line.substring(feed.length()) : line);
        String wanted = bare(head);
        return rest.equals(wanted) || rest.startsWith(wanted + " ");
    }

    private static String bare(String text) {
        String stripped = text.strip();
        return stripped.startsWith("+") ? stripped.substring(1).strip() : stripped;
    }
}
