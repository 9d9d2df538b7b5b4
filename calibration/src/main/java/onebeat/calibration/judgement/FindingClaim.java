package onebeat.calibration.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Function;
import onebeat.calibration.judgement.Judgement.Claim;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.core.holding.Pad;
import onebeat.core.play.Played;
import onebeat.core.play.Who;
import onebeat.core.review.Context;
import onebeat.core.review.Finding;
import onebeat.core.review.Review;
import onebeat.core.review.Severity;
import tools.jackson.databind.JsonNode;

/// What is found in a line, what is not, and what is said of it.
record FindingClaim(JsonNode row, Against against) implements Claim {

    private static final String ANY = "*";

    @Override
    public Verdict tried() {
        Context context = against.context();
        Review review = Review.of(Reading.read(row.path("line").asString(), context), context);
        List<String> wrong = new ArrayList<>();
        codes(review, wrong);
        each("mended_must", review, Finding::mended, (finding, words) -> {
            if (!Reading.has(finding.mended().orElse(""), words)) {
                wrong.add(finding.code() + " mends to " + finding.mended().orElse("nothing"));
            }
        });
        each("mended_mustnot", review, Finding::mended, (finding, words) -> {
            if (Reading.has(finding.mended().orElse(""), words)) {
                wrong.add(finding.code() + " mends to " + finding.mended().orElse("nothing"));
            }
        });
        anyMend(review, wrong);
        each("text_must", review, f -> Optional.of(f.text()), (finding, words) -> {
            if (!finding.text().contains(words)) {
                wrong.add(finding.code() + " says: " + finding.text());
            }
        });
        each("text_mustnot", review, f -> Optional.of(f.text()), (finding, words) -> {
            if (finding.text().contains(words)) {
                wrong.add(finding.code() + " says: " + finding.text());
            }
        });
        reasons(review, wrong);
        held(review, wrong);
        return new Verdict(wrong.isEmpty(), String.join("; ", wrong));
    }

    private void codes(Review review, List<String> wrong) {
        List<String> found =
                review.findings().stream().map(f -> f.code().name()).toList();
        row.path("must").forEach(one -> {
            List<String> codes = one.isArray() ? Judgements.words(one) : List.of(one.asString());
            if (codes.stream().noneMatch(found::contains)) {
                wrong.add("no " + String.join(" or ", codes));
            }
        });
        Judgements.words(row.path("mustnot")).stream()
                .filter(found::contains)
                .forEach(code -> wrong.add("has " + code));
        if (row.path("nostop").asBoolean(false)) {
            review.findings().stream()
                    .filter(f -> f.severity() == Severity.STOP)
                    .forEach(f -> wrong.add("stop " + f.code() + ": " + f.text()));
        }
    }

    /// Each finding that a key speaks of, with each of the words.
    private void each(
            String key, Review review, Function<Finding, Optional<String>> about, BiConsumer<Finding, String> then) {
        if (row.path(key).isArray()) {
            return;
        }
        for (Map.Entry<String, JsonNode> entry : row.path(key).properties()) {
            for (Finding finding : review.findings()) {
                boolean meant = entry.getKey().equals(ANY)
                        || entry.getKey().equals(finding.code().name());
                if (meant && (about.apply(finding).isPresent() || key.endsWith("_must"))) {
                    Judgements.words(entry.getValue()).forEach(words -> then.accept(finding, words));
                }
            }
        }
    }

    private void anyMend(Review review, List<String> wrong) {
        for (String key : List.of("mended_must", "mended_mustnot")) {
            if (row.path(key).isArray()) {
                for (String words : Judgements.words(row.path(key))) {
                    boolean there = review.findings().stream()
                            .anyMatch(f -> Reading.has(f.mended().orElse(""), words));
                    if (there != key.equals("mended_must")) {
                        wrong.add((there ? "a mend with " : "no mend with ") + words);
                    }
                }
            }
        }
    }

    private void reasons(Review review, List<String> wrong) {
        JsonNode about = row.path("why_mustnot");
        for (Played.Numbered numbered : review.played().numbered()) {
            if (numbered.step()
                    .placed()
                    .technique()
                    .code()
                    .equals(about.path("step").asString(""))) {
                String why = review.why(numbered.way(), numbered.step()).orElse("");
                Judgements.words(about.path("text")).stream()
                        .filter(why::contains)
                        .forEach(_ -> wrong.add("why of " + about.path("step").asString() + ": " + why));
            }
        }
    }

    private void held(Review review, List<String> wrong) {
        for (JsonNode fact : row.path("facts")) {
            String step = fact.path("step").asString();
            Optional<Pad> shown = review.played().numbered().stream()
                    .filter(n -> n.step().who() == Who.ATHLETE
                            && n.step().placed().technique().code().equals(step))
                    .reduce((_, later) -> later)
                    .flatMap(n -> review.plan(n.way()).of(n.step().index()));
            boolean right = shown.filter(pad -> pad.gear()
                                    .word()
                                    .contains(fact.path("gear").asString(""))
                            && (pad.angle() + " " + pad.hand().word())
                                    .contains(fact.path("where").asString(""))
                            && pad.hand().word().contains(fact.path("hand").asString("")))
                    .isPresent();
            if (!right) {
                wrong.add("for " + step + " is held "
                        + shown.map(pad -> pad.hand().word() + " " + pad.gear().word() + " " + pad.angle())
                                .orElse("nothing"));
            }
        }
    }
}
