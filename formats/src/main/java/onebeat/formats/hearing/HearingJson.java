package onebeat.formats.hearing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import onebeat.core.hearing.HeardContact;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardTotals;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.Placement;
import onebeat.core.hearing.RecordedRound;
import onebeat.core.hearing.Rhythm;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes what was heard as one JSON object: `{seconds, onsets [{ms, loudness, kind, sure}], placed {offsetMs,
/// driftPpm, sure} or null where it lies on no round, repetitions [{n, startMs, contacts [{beat, plannedMs,
/// heardMs or null}], oneBeatMs or null, judged or null, sure}], tempo, evenness, totals {done, skipped,
/// contacts, planned, oneBeatMs {heard, median, low, high}, reactionMs, pausesKept, pauses, bursts [hits]},
/// rhythm {hits, bursts, burstsPerMinute, longestPauseS}}`. Onsets are in milliseconds from the start of the
/// recording, repetitions from the bell or where there is none from the start too, their numbers from 1; loudness
/// is in decibels under full scale; tempo is in beats a minute; evenness is how far contacts lie from an even
/// beat in milliseconds, or without a line, how far gaps lie from their median as a part of it.
public final class HearingJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private HearingJson() {}

    /// What was heard, and what follows for a round.
    ///
    /// @param round what was heard of the round; empty where none was asked for or the recording fits none
    public static String of(HeardSound sound, Optional<RecordedRound> round) {
        Rhythm rhythm = Rhythm.of(sound.onsets(), sound.seconds());
        ObjectNode root = MAPPER.createObjectNode();
        root.put("seconds", tenths(sound.seconds() * 1000) / 1000);
        onsets(root.putArray("onsets"), sound.onsets());
        round.filter(RecordedRound::isPlaced)
                .ifPresentOrElse(
                        on -> placed(root.putObject("placed"), on.heard().placed()), () -> root.putNull("placed"));
        ArrayNode repetitions = root.putArray("repetitions");
        round.ifPresent(on -> on.heard().repetitions().forEach(one -> repetition(repetitions.addObject(), one)));
        Optional<HeardTotals> totals = round.map(RecordedRound::totals);
        put(root, "tempo", totals.map(HeardTotals::tempo).orElse(rhythm.tempo()));
        put(root, "evenness", totals.map(HeardTotals::unevenMs).orElse(rhythm.uneven()));
        totals.ifPresent(all -> totals(root.putObject("totals"), all));
        ObjectNode free = root.putObject("rhythm");
        free.put("hits", rhythm.hits());
        free.put("bursts", rhythm.bursts());
        free.put("burstsPerMinute", share(rhythm.burstsPerMinute()));
        free.put("longestPauseS", share(rhythm.longestPauseS()));
        return MAPPER.writeValueAsString(root);
    }

    private static void placed(ObjectNode node, Placement placed) {
        node.put("offsetMs", tenths(placed.offsetMs()));
        node.put("driftPpm", tenths(placed.driftPpm()));
        node.put("sure", share(placed.sure()));
    }

    private static void totals(ObjectNode node, HeardTotals all) {
        node.put("done", all.done());
        node.put("skipped", all.skipped());
        node.put("contacts", all.contacts());
        node.put("planned", all.planned());
        all.gap().ifPresent(gap -> {
            ObjectNode of = node.putObject("oneBeatMs");
            of.put("heard", gap.heard());
            of.put("median", tenths(gap.medianMs()));
            of.put("low", tenths(gap.lowMs()));
            of.put("high", tenths(gap.highMs()));
        });
        put(node, "reactionMs", all.reactionMs());
        node.put("pausesKept", all.pausesKept());
        node.put("pauses", all.pauses());
        ArrayNode bursts = node.putArray("bursts");
        all.bursts().forEach(bursts::add);
    }

    private static void onsets(ArrayNode list, List<Onset> onsets) {
        for (Onset onset : onsets) {
            ObjectNode node = list.addObject();
            node.put("ms", tenths(onset.ms()));
            node.put("loudness", tenths(onset.loudness()));
            node.put("kind", onset.kind().word());
            node.put("sure", share(onset.sure()));
        }
    }

    private static void repetition(ObjectNode node, HeardRepetition one) {
        node.put("n", one.number() + 1);
        node.put("startMs", tenths(one.startMs()));
        ArrayNode contacts = node.putArray("contacts");
        for (HeardContact contact : one.contacts()) {
            ObjectNode of = contacts.addObject();
            of.put("beat", contact.planned().beat());
            of.put("plannedMs", tenths(contact.planned().ms()));
            contact.heardMs().ifPresentOrElse(ms -> of.put("heardMs", tenths(ms)), () -> of.putNull("heardMs"));
        }
        one.oneBeatMs().ifPresentOrElse(ms -> node.put("oneBeatMs", tenths(ms)), () -> node.putNull("oneBeatMs"));
        one.judged()
                .ifPresentOrElse(
                        judged -> node.put("judged", judged.name().toLowerCase(Locale.ROOT)),
                        () -> node.putNull("judged"));
        node.put("sure", share(one.sure()));
    }

    private static void put(ObjectNode node, String key, OptionalDouble value) {
        if (value.isPresent()) {
            node.put(key, share(value.getAsDouble()));
        } else {
            node.putNull(key);
        }
    }

    private static double tenths(double value) {
        return Math.round(value * 10) / 10.0;
    }

    private static double share(double value) {
        return Math.round(value * 1000) / 1000.0;
    }
}
