package onebeat.core.camp;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import onebeat.core.book.Repetition;
import onebeat.core.film.Exchange;
import onebeat.core.film.FollowUps;
import onebeat.core.film.Reel;
import onebeat.core.film.Replies;
import onebeat.core.holding.Partner;
import onebeat.core.ladder.Ladder;
import onebeat.core.notation.Notation;
import onebeat.core.notation.OwnLine;
import onebeat.core.notation.Read;
import onebeat.core.play.Who;

/// The ladders of a camp's lines, with what the athlete has, and with what the opponent does on film.
///
/// A ladder takes many reviews to build, so those that were asked for are kept for as long as nothing
/// changes that they are built from. May be asked from several threads.
public final class Ladders {

    /// The camp as the athlete has it, turned round for a partner, and both once more after a change.
    private static final int KEPT = 4;

    private final Deque<Kept> kept = new ArrayDeque<>();

    /// What ladders are built from.
    private record Basis(
            Card card,
            Shelf<OwnLine> ownLines,
            Shelf<Drill> drills,
            Shelf<Repetition> repetitions,
            Shelf<Reel> reels,
            Shelf<Exchange> exchanges,
            Shelf<Partner> partners) {

        static Basis of(Camp camp) {
            return new Basis(
                    camp.card(),
                    camp.ownLines(),
                    camp.drills(),
                    camp.repetitions(),
                    camp.reels(),
                    camp.exchanges(),
                    camp.partners());
        }
    }

    private record Kept(Basis basis, Ladder.With with, Map<String, Ladder> ladders) {}

    /// The ladder of a line in a camp. Nobody who asks for one that is there waits for one that is being built.
    public Ladder of(Camp camp, Read read) {
        Basis basis = Basis.of(camp);
        Kept here = kept(basis)
                .orElseGet(() -> keep(new Kept(
                        basis,
                        new Ladder.With(
                                new Replies(camp.context(), Mastery.of(camp)),
                                FollowUps.of(camp.studied(), Who.PARTNER, camp.vocabulary())),
                        new HashMap<>())));
        String line = Notation.print(read.line());
        return built(here, line).orElseGet(() -> keep(here, line, Ladder.of(read, here.with)));
    }

    private synchronized Optional<Kept> kept(Basis basis) {
        return kept.stream().filter(one -> one.basis.equals(basis)).findFirst();
    }

    /// Another one may have been quicker; then that one is taken.
    private synchronized Kept keep(Kept made) {
        Optional<Kept> other = kept(made.basis);
        if (other.isPresent()) {
            return other.get();
        }
        kept.addFirst(made);
        if (kept.size() > KEPT) {
            kept.removeLast();
        }
        return made;
    }

    private synchronized Optional<Ladder> built(Kept here, String line) {
        return Optional.ofNullable(here.ladders.get(line));
    }

    private synchronized Ladder keep(Kept here, String line, Ladder built) {
        here.ladders.putIfAbsent(line, built);
        return here.ladders.getOrDefault(line, built);
    }
}
