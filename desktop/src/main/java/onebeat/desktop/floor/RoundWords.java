package onebeat.desktop.floor;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import onebeat.core.book.Judgement;
import onebeat.core.book.Repetition;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Shelf;
import onebeat.core.camp.Turns;
import onebeat.core.notation.Line;
import onebeat.core.rounds.RoundPlan;
import onebeat.core.rounds.Schedule.Stretch;
import onebeat.core.wording.Scheme;
import onebeat.core.wording.Wording;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.LatestAnswer;
import onebeat.desktop.floor.FloorPicture.Word;
import onebeat.desktop.settings.Settings;
import onebeat.desktop.text.Texts;

/// What the floor says of a round and the clock does not change: its line as it is called, and its count.
final class RoundWords {

    private final CampSession app;
    private final BooleanSupplier byNumber;
    private final LatestAnswer<Called, List<Word>> call = new LatestAnswer<>(RoundWords::words);
    private final LatestAnswer<Counted, String> tally = new LatestAnswer<>(RoundWords::count);

    /// What the words of a call depend on.
    private record Called(Camp camp, Settings settings, RoundPlan plan, Line line) {}

    /// What the count of a round depends on.
    private record Counted(Shelf<Repetition> repetitions, String plan) {}

    /// @param byNumber whether punches are called by number
    RoundWords(CampSession app, BooleanSupplier byNumber) {
        this.app = app;
        this.byNumber = byNumber;
    }

    /// The line of a round in words or numbers, as the voice calls it: never shorthand. A comma ends each piece.
    List<Word> call(Stretch stretch) {
        Settings settings = app.settings().get();
        return call.to(new Called(
                app.camp(),
                byNumber.getAsBoolean() ? settings.with(Scheme.NUMBERS) : settings,
                stretch.part().plan(),
                stretch.part().line()));
    }

    /// How many repetitions of a round were judged how.
    String tally(Stretch stretch) {
        return tally.to(
                new Counted(app.camp().repetitions(), stretch.part().plan().id()));
    }

    private static List<Word> words(Called of) {
        List<Word> words = new ArrayList<>();
        Camp worked = Turns.workedBy(of.camp(), of.plan().worker()).orElse(of.camp());
        Wording wording = of.settings()
                .wording(worked.setting().athlete(), worked.setting().partner());
        List<Wording.Said> pieces = wording.pieces(of.line());
        for (Wording.Said piece : pieces) {
            String end = piece.equals(pieces.getLast()) ? "" : piece.partner() ? ":" : ",";
            for (String word : (piece.words() + end).split(" ", -1)) {
                words.add(new Word(word, piece.partner()));
            }
        }
        return List.copyOf(words);
    }

    private static String count(Counted of) {
        Map<Judgement, Integer> counts = new EnumMap<>(Judgement.class);
        of.repetitions().all().stream()
                .filter(r -> r.roundId().equals(of.plan()))
                .forEach(r -> counts.merge(r.judgement(), 1, Integer::sum));
        List<String> words = new ArrayList<>();
        for (Judgement judgement : Judgement.values()) {
            int count = counts.getOrDefault(judgement, 0);
            if (count > 0 || judgement == Judgement.CLEAN) {
                words.add(Texts.of("judged." + judgement, count));
            }
        }
        return String.join(" · ", words);
    }
}
