package onebeat.calibration;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import onebeat.calibration.judgement.Judgement;
import onebeat.calibration.judgement.Judgement.Verdict;
import onebeat.calibration.judgement.Judgements;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// `./onebeat judge [--json] [--all] [FILE …]`: which judgements of coaches the engine comes to, and what it says
/// where it does not.
public final class Main {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private Main() {}

    /// A judgement and what came of it.
    private record Tried(Judgement judgement, Verdict verdict) {}

    public static void main(String[] args) throws IOException {
        List<String> words = new ArrayList<>(Arrays.asList(args));
        boolean json = words.remove("--json");
        boolean all = words.remove("--all");
        List<Judgement> judgements = new ArrayList<>();
        if (words.isEmpty()) {
            judgements.addAll(Judgements.shipped());
        }
        for (String file : words) {
            judgements.addAll(Judgements.of(Path.of(file)));
        }
        List<Tried> tried = judgements.parallelStream()
                .map(one -> new Tried(one, tried(one)))
                .toList();
        if (json) {
            json(tried);
        } else {
            print(tried, all);
        }
        System.exit(tried.stream().allMatch(one -> one.verdict.holds()) ? 0 : 1);
    }

    private static Verdict tried(Judgement judgement) {
        try {
            return judgement.claim().tried();
        } catch (RuntimeException e) {
            return new Verdict(false, e.toString());
        }
    }

    private static void print(List<Tried> tried, boolean all) {
        Map<String, int[]> kinds = new TreeMap<>();
        for (Tried one : tried) {
            int[] count = kinds.computeIfAbsent(one.judgement.kind(), _ -> new int[2]);
            count[0] += one.verdict.holds() ? 1 : 0;
            count[1]++;
            if (all || !one.verdict.holds()) {
                System.out.printf(
                        "%s %s %s | %s | %s | %s%n",
                        one.verdict.holds() ? "ok " : "OFF",
                        one.judgement.id(),
                        one.judgement.kind(),
                        one.judgement.what(),
                        one.verdict.says(),
                        one.judgement.why());
            }
        }
        kinds.forEach((kind, count) -> System.out.printf("%-8s %3d of %3d%n", kind, count[0], count[1]));
        System.out.printf(
                "%d of %d judgements as coaches have them%n",
                tried.stream().filter(one -> one.verdict.holds()).count(), tried.size());
    }

    private static void json(List<Tried> tried) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("judgements", tried.size());
        root.put("held", tried.stream().filter(one -> one.verdict.holds()).count());
        ArrayNode off = root.putArray("off");
        tried.stream().filter(one -> !one.verdict.holds()).forEach(one -> {
            ObjectNode node = off.addObject();
            node.put("id", one.judgement.id());
            node.put("kind", one.judgement.kind());
            node.put("what", one.judgement.what());
            node.put("says", one.verdict.says());
            node.put("why", one.judgement.why());
            node.put("school", one.judgement.school());
        });
        System.out.println(MAPPER.writeValueAsString(root));
    }
}
