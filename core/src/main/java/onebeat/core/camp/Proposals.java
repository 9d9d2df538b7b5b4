package onebeat.core.camp;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import onebeat.core.book.Ledger;
import onebeat.core.book.Proposal;
import onebeat.core.book.Repetition;
import onebeat.core.book.RoundRun;
import onebeat.core.ladder.Ladder;
import onebeat.core.notation.Notation;
import onebeat.core.notation.Read;
import onebeat.core.play.Setting;

/// What happened to every drill of a camp and what the book proposes for it: all repetitions are gone through once, and
/// each line is read and its ceiling worked out once, however often it is asked for.
public final class Proposals {

    private final Camp camp;
    private final Map<String, Read> reads = new HashMap<>();
    private final Map<String, Ledger> ledgers = new HashMap<>();
    private final Map<String, Proposal> proposals = new HashMap<>();

    private Proposals(Camp camp) {
        this.camp = camp;
        Setting setting = camp.setting();
        var repetitions = camp.repetitionsOf("").stream().collect(Collectors.groupingBy(Repetition::drillId));
        var runs = camp.runsOf("").stream().collect(Collectors.groupingBy(RoundRun::drillId));
        for (Drill drill : camp.drills().all()) {
            String id = drill.id();
            Optional<Read> read = read(camp, drill);
            Ledger ledger = Ledger.of(id, repetitions.getOrDefault(id, List.of()), runs.getOrDefault(id, List.of()));
            ledgers.put(id, ledger);
            read.ifPresent(one -> reads.put(id, one));
            proposal(camp, ledger, read, setting).ifPresent(one -> proposals.put(id, one));
        }
    }

    /// Of the camp's athlete.
    public static Proposals of(Camp camp) {
        return new Proposals(camp);
    }

    /// What is proposed for one drill alone; empty where it was never judged.
    public static Optional<Proposal> of(Camp camp, Drill drill) {
        return proposal(camp, camp.ledger(drill.id()), read(camp, drill), camp.setting());
    }

    private static Optional<Read> read(Camp camp, Drill drill) {
        return Notation.read(drill.line(), camp.vocabulary()) instanceof Read read
                ? Optional.of(read)
                : Optional.empty();
    }

    private static Optional<Proposal> proposal(Camp camp, Ledger ledger, Optional<Read> read, Setting setting) {
        if (ledger.lastJudged().isEmpty()) {
            return Optional.empty();
        }
        return read.isEmpty()
                ? ledger.proposal()
                : ledger.proposal(
                        Ladder.ceiling(read.get().line(), setting),
                        camp.card().school().oneBeatMs());
    }

    /// What is proposed for a drill; empty where it was never judged.
    public Optional<Proposal> of(Drill drill) {
        return Optional.ofNullable(proposals.get(drill.id()));
    }

    /// What happened to a drill.
    public Ledger ledger(Drill drill) {
        return ledgers.getOrDefault(drill.id(), Ledger.of(drill.id(), List.of(), List.of()));
    }

    /// The line of a drill; empty where it cannot be read.
    Optional<Read> read(Drill drill) {
        return Optional.ofNullable(reads.get(drill.id()));
    }

    Camp camp() {
        return camp;
    }
}
