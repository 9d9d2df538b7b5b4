package onebeat.formats;

import static org.assertj.core.api.Assertions.assertThat;

import onebeat.core.exchange.Stance;
import onebeat.core.notation.Misread;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;
import onebeat.core.review.Context;
import onebeat.core.review.Review;
import onebeat.formats.review.ReviewJson;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class ReviewJsonTest {

    private static JsonNode json(String line, double bpm) {
        String text = switch (Notation.read(line)) {
            case Read read ->
                ReviewJson.of(Review.of(
                        read,
                        Context.of(Setting.of(Stance.ORTHODOX, Stance.ORTHODOX)).at(bpm)));
            case Misread misread -> ReviewJson.of(misread);
        };
        assertThat(text).doesNotContain("\n");
        return JsonMapper.builder().build().readTree(text);
    }

    @Test
    void tellsTheLine() {
        JsonNode root = json("( 1 )  catch+1  2", 120);
        assertThat(root.get("line").asString()).isEqualTo("(1) catch+1 2");
        assertThat(root.get("beats").asInt()).isEqualTo(2);
        assertThat(root.get("tempoCeiling").asDouble()).isPositive();
        assertThat(root.get("ceilingLink").size()).isEqualTo(2);
        JsonNode jab = root.get("steps").get(2);
        assertThat(jab.get("who").asString()).isEqualTo("athlete");
        assertThat(jab.get("name").asString()).isEqualTo("1");
        assertThat(jab.get("level").asString()).isEqualTo("head");
        assertThat(jab.get("intent").asString()).isEqualTo("normal");
        assertThat(jab.get("stance").asString()).isEqualTo("orthodox");
        assertThat(jab.get("oneBeat").asDouble()).isZero();
        assertThat(jab.get("power").isNumber()).isTrue();
        assertThat(root.get("steps").get(3).get("ms").asDouble()).isEqualTo(500);
    }

    @Test
    void whatAStepDoesNotHaveIsLeftOut() {
        JsonNode root = json("(1) catch+1", 60);
        JsonNode caught = root.get("steps").get(1);
        assertThat(caught.has("power")).isFalse();
        assertThat(caught.has("level")).isFalse();
        assertThat(caught.has("oneBeat")).isFalse();
        assertThat(caught.has("opening")).isFalse();
        assertThat(json("2", 60).get("steps").get(0).has("why")).isFalse();
        assertThat(json("2", 60).has("tempoCeiling")).isFalse();
    }

    @Test
    void tellsOpeningsWithTheirReasonsAndWhatIsExposed() {
        JsonNode root = json("(1) catch+1 2b", 60);
        assertThat(root.get("exposure").asDouble()).isBetween(0.0, 1.0);
        JsonNode fed = root.get("steps").get(0);
        JsonNode body = root.get("steps").get(3);
        assertThat(fed.get("timeToSeeMs").isNumber()).isTrue();
        assertThat(fed.has("opening")).isFalse();
        assertThat(body.get("opening").asDouble()).isBetween(0.0, 1.0);
        assertThat(body.get("why").asString()).contains("jab");
    }

    @Test
    void tellsWhatIsHeldAndTouched() {
        JsonNode root = json("(1) catch+1 2 rmid", 60);
        JsonNode pad = root.get("pads").get(0);
        assertThat(pad.get("i").asInt()).isEqualTo(2);
        assertThat(pad.get("gear").asString()).isEqualTo("mitts");
        assertThat(pad.get("hand").asString()).isEqualTo("rear");
        assertThat(pad.get("height").asDouble()).isBetween(140.0, 165.0);
        assertThat(pad.get("angle").asString()).isNotBlank();
        assertThat(root.get("pads").get(1).get("showMs").asDouble()).isLessThan(1000);
        assertThat(root.get("pads").size()).as("no pad at hand takes the kick").isEqualTo(2);
        assertThat(root.get("contact").get("pads").asInt()).isEqualTo(2);
        assertThat(root.get("contact").get("partner").get("body").asInt()).isEqualTo(1);
        assertThat(root.get("contact").get("athlete").get("head").asInt()).isEqualTo(1);
    }

    @Test
    void tellsFindingsWithTheirMends() {
        JsonNode finding = json("1 2 2 off", 60).get("findings").get(0);
        assertThat(finding.get("code").asString()).isEqualTo("RELOAD");
        assertThat(finding.get("severity").asString()).isEqualTo("warn");
        assertThat(finding.get("steps").get(0).asInt()).isEqualTo(2);
        assertThat(finding.get("mended").asString()).isEqualTo("1 2 reload 2 off");
        assertThat(finding.get("text").asString()).contains("cross");
    }

    @Test
    void numbersAreNotRounded() {
        JsonNode steps = json("1 2", 66).get("steps");
        assertThat(steps.get(1).get("ms").asDouble()).isEqualTo(60_000.0 / 66);
    }

    @Test
    void branchesFollowOneAnother() {
        JsonNode steps = json("1 { (1): catch 2 | (2): parry 3 } off", 60).get("steps");
        StringBuilder branches = new StringBuilder();
        for (int i = 0; i < steps.size(); i++) {
            assertThat(steps.get(i).get("i").asInt()).isEqualTo(i);
            branches.append(steps.get(i).get("branch").asString()).append(',');
        }
        assertThat(branches.toString()).isEqualTo(",a,a,a,a,b,b,b,b,");
    }

    @Test
    void aMisreadIsAnError() {
        JsonNode error = json("1 rlov", 60).get("error");
        assertThat(error.get("at").asInt()).isEqualTo(2);
        assertThat(error.get("got").asString()).isEqualTo("rlov");
        assertThat(error.get("expected").asString()).isNotBlank();
        assertThat(error.get("nearest").get(0).asString()).isEqualTo("rlow");
    }
}
