package onebeat.formats.hearing;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import onebeat.core.book.Judgement;
import onebeat.core.hearing.PlannedContact;
import onebeat.core.hearing.PlannedRound;
import onebeat.core.play.Who;
import onebeat.core.rounds.Schedule;
import onebeat.formats.hearing.PadScene.Through;
import onebeat.formats.hearing.PadSounds.Surface;
import onebeat.formats.sound.RoundWav;

/// A round that nobody did, as a phone by the ring would have heard it, with the truth beside it: the program's
/// own sounds from a loudspeaker, the feeds and answers of a partner and an athlete drawn from a seed, the room,
/// what else is heard, and the error of the phone's clock.
///
/// @param bellMs when the bell is in the recording, in milliseconds; below 0 where it began later
public record PadRound(Samples sound, List<Done> repetitions, double bellMs) {

    private static final int RATE = 48_000;
    private static final double SPEAKER = 0.5;
    private static final int USUAL_JITTER_MS = 18;

    public PadRound {
        repetitions = List.copyOf(repetitions);
    }

    /// A repetition as it was done.
    ///
    /// @param judgement what it was; empty where it was left out
    /// @param contacts when each planned contact came, in milliseconds from the bell on the round's clock; empty
    ///     where it did not
    public record Done(Optional<Judgement> judgement, List<Optional<Double>> contacts) {

        public Done {
            contacts = List.copyOf(contacts);
        }
    }

    /// How it was recorded.
    ///
    /// @param leadS how long before the bell the recording begins; below 0 where it begins later
    /// @param cutS how much of the end is missing
    /// @param driftPpm how much faster the phone's clock counts, in millionths
    public record Taken(Through through, double leadS, double cutS, double driftPpm) {}

    /// A round of a schedule, done and recorded.
    ///
    /// @throws IOException if a sound is not shipped: a fault of the build
    public static PadRound of(Schedule schedule, int round, Taken taken, long seed) throws IOException {
        Random random = new Random(seed);
        PlannedRound planned = PlannedRound.of(schedule, round);
        List<Done> done = new ArrayList<>();
        for (int r = 0; r < planned.starts().size(); r++) {
            done.add(done(planned.of(r), random));
        }
        double lead = Math.max(0, taken.leadS());
        Samples all = Samples.silence(RATE, lead + planned.seconds() + 2.5);
        Samples hits = Samples.silence(RATE, all.seconds());
        for (int r = 0; r < done.size(); r++) {
            List<PlannedContact> contacts = planned.of(r);
            for (int c = 0; c < contacts.size(); c++) {
                Surface on = surface(contacts.get(c), random);
                Samples hit = PadSounds.hit(on, RATE, random);
                done.get(r)
                        .contacts()
                        .get(c)
                        .ifPresent(ms -> hits.lay(hit, (int) Math.round((lead + ms / 1000) * RATE), 1));
            }
        }
        all.lay(hits, 0, 1);
        all.lay(new Samples(RATE, new RoundWav().samples(schedule, round)), (int) Math.round(lead * RATE), SPEAKER);
        Samples heard = PadScene.through(all, hits.power(), taken.through(), random);
        double late = Math.max(0, -taken.leadS());
        Samples part = heard.part(late, heard.seconds() - taken.cutS());
        double rate = taken.through().rate();
        Samples drifted = taken.driftPpm() == 0 ? part : part.at(part.rate(), rate * (1 + taken.driftPpm() / 1e6));
        return new PadRound(drifted, done, (lead - late) * 1000 * (1 + taken.driftPpm() / 1e6));
    }

    /// The usual mix: most repetitions are clean, some late, some stopped half way, a few left out.
    private static Done done(List<PlannedContact> planned, Random random) {
        double draw = random.nextDouble();
        if (draw < 0.03) {
            return new Done(
                    Optional.empty(),
                    planned.stream().map(_ -> Optional.<Double>empty()).toList());
        }
        boolean late = draw < 0.18;
        long own = planned.stream().filter(c -> c.who() == Who.ATHLETE).count();
        boolean stopped = !late && draw < 0.28 && own > 1;
        double shift = random.nextGaussian() * USUAL_JITTER_MS;
        double delay = late ? 230 + 120 * random.nextDouble() : 0;
        int keep = stopped ? 1 + random.nextInt((int) own - 1) : (int) own;
        List<Optional<Double>> contacts = new ArrayList<>();
        boolean fed = planned.stream().anyMatch(c -> c.who() == Who.PARTNER);
        int ownSoFar = 0;
        for (PlannedContact contact : planned) {
            boolean athletes = contact.who() == Who.ATHLETE;
            ownSoFar += athletes ? 1 : 0;
            boolean fedLater =
                    ownSoFar >= keep && contact.ms() > planned.getFirst().ms();
            boolean gone = athletes ? ownSoFar > keep : stopped && fedLater;
            boolean delayed = athletes ? late : late && !fed;
            double ms = contact.ms() + shift + random.nextGaussian() * USUAL_JITTER_MS / 2 + (delayed ? delay : 0);
            contacts.add(gone ? Optional.empty() : Optional.of(Math.max(0, ms)));
        }
        return new Done(Optional.of(late ? Judgement.LATE : stopped ? Judgement.STOPPED : Judgement.CLEAN), contacts);
    }

    private static Surface surface(PlannedContact contact, Random random) {
        if (contact.who() == Who.PARTNER) {
            return Surface.GLOVE;
        }
        return random.nextInt(3) == 0 ? Surface.KICK_PAD : Surface.MITT;
    }
}
