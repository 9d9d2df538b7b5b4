package onebeat.core.change;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import onebeat.core.book.Ledger.Day;
import onebeat.core.book.Note;
import onebeat.core.book.Proposal;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Filling;
import onebeat.core.camp.Place;
import onebeat.core.camp.Proposals;
import onebeat.core.rounds.RoundPlan;

/// What the coach does with the book: takes its proposal, decides otherwise, writes a note.
public final class BookChanges {

    /// Two tempos that are offered lie at least so far apart, in beats a minute.
    private static final int LEAST_STEP = 2;

    private BookChanges() {}

    /// What comes into tonight for a line: what the coach decided since it was last judged, else what the book
    /// proposes, else the line at its own step and tempo.
    public static Filling.Choice choice(Camp camp, Drill drill) {
        Optional<Proposal> proposal = Proposals.of(camp, drill)
                .filter(p -> !drill.isOverruledSince(p.from().date()));
        return proposal.map(p -> new Filling.Choice(drill, p.rung(), p.bpm(), ""))
                .orElseGet(() -> new Filling.Choice(drill, drill.rung(), drill.bpm(), ""));
    }

    /// The coach decides otherwise than the book: up, the same again, back, in turn. The book remembers it.
    ///
    /// @param words the decision in words, from the tempo and the book's proposal
    /// @return empty where the book proposes nothing
    public static Optional<Drill> decidedOtherwise(
            Camp camp, Drill drill, LocalDate day, BiFunction<Integer, Proposal, String> words) {
        return Proposals.of(camp, drill).map(proposal -> {
            Day from = proposal.from();
            int step = Math.max(LEAST_STEP, Math.abs(proposal.bpm() - from.bpm()));
            List<Integer> tempos =
                    List.of(from.bpm() + step, from.bpm(), Math.max(RoundPlan.LEAST_BPM, from.bpm() - step));
            int now = drill.isOverruledSince(from.date()) ? tempos.indexOf(drill.bpm()) : -1;
            int bpm = Math.min(RoundPlan.MOST_BPM, tempos.get((now + 1) % tempos.size()));
            return drill.at(from.rung(), bpm).overruledOn(day, words.apply(bpm, proposal));
        });
    }

    /// A note on a line.
    ///
    /// @param whose the id of the partner whose book it is in; empty for the athlete's
    public static Edit noted(Camp camp, Drill drill, LocalDate day, String text, String whose) {
        return Edit.add(Place.NOTES, new Note(camp.notes().nextId("b"), drill.id(), day, text, whose));
    }
}
