package onebeat.formats.hearing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import onebeat.core.hearing.HeardContact;
import onebeat.core.hearing.HeardRepetition;
import onebeat.core.hearing.HeardRound;
import onebeat.core.hearing.Onset;
import onebeat.core.hearing.Rhythm;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Writes what was heard as one JSON object: `{seconds, onsets [{ms, loudness, kind, sure}], placed {offsetMs,
/// driftPpm, sure} or null, repetitions [{n, startMs, contacts [{beat, plannedMs, heardMs or null}], oneBeatMs or
/// null, judged or null, sure}], tempo, evenness, rhythm {hits, bursts, burstsPerMinute, longestPauseS}}`. Onsets
/// are in milliseconds from the start of the recording, repetitions from the bell, their numbers from 1; loudness
/// is in decibels under full scale; tempo is in beats a minute; evenness is how far contacts lie from an even
/// beat in milliseconds, or without a line, how far gaps lie from their median as a part of it.
public final class HearingJson {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private HearingJson() {}

    /// What was heard, and what follows for a round.
    ///
    /// @param round what was heard of the round; empty where none was asked for or the recording fits none
    public static String of(HeardSound sound, Optional<HeardRound> round) {
        Rhythm rhythm = Rhythm.of(sound.onsets(), sound.seconds());
        ObjectNode root = MAPPER.createObjectNode();
        root.put("seconds", tenths(sound.seconds() * 1000) / 1000);
        onsets(root.putArray("onsets"), sound.onsets());
        if (round.isPresent()) {
            ObjectNode placed = root.putObject("placed");
            placed.put("offsetMs", tenths(round.get().placed().offsetMs()));
            placed.put("driftPpm", tenths(round.get().placed().driftPpm()));
            placed.put("sure", share(round.get().placed().sure()));
        } else {
            root.putNull("placed");
        }
        ArrayNode repetitions = root.putArray("repetitions");
        round.ifPresent(heard -> heard.repetitions().forEach(one -> repetition(repetitions.addObject(), one)));
        put(root, "tempo", round.map(HeardRound::tempo).orElse(rhythm.tempo()));
        put(root, "evenness", round.map(HeardRound::unevenMs).orElse(rhythm.uneven()));
        ObjectNode free = root.putObject("rhythm");
        free.put("hits", rhythm.hits());
        free.put("bursts", rhythm.bursts());
        free.put("burstsPerMinute", share(rhythm.burstsPerMinute()));
        free.put("longestPauseS", share(rhythm.longestPauseS()));
        return MAPPER.writeValueAsString(root);
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
