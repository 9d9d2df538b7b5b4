package onebeat.core.hearing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// What loudness says of a sound: invented recordings in which hits are loud and talk is soft.
class UsualLoudnessTest {

    private static final SoundKinds.Told HIT = new SoundKinds.Told(SoundKind.PAD, 0.95, 0.95);
    private static final SoundKinds.Told TALK = new SoundKinds.Told(SoundKind.VOICE, 0.95, 0.02);
    private static final SoundKinds.Told CLICK = new SoundKinds.Told(SoundKind.CLICK, 0.95, 0.02);

    private static UsualLoudness recording(double hitDb, double talkDb, int sounds) {
        UsualLoudness usual = new UsualLoudness();
        Random random = new Random(5);
        for (int i = 0; i < sounds; i++) {
            boolean hit = i % 4 == 0;
            usual.take((hit ? hitDb : talkDb) + 3 * random.nextGaussian(), hit ? HIT : TALK);
        }
        return usual;
    }

    @ParameterizedTest
    @ValueSource(doubles = {-6, -12, -30})
    void whatIsAsLoudAsHitsIsLikelyOneHoweverFarThePhoneStands(double hitDb) {
        UsualLoudness usual = recording(hitDb, hitDb - 25, 200);
        assertThat(usual.hitLikely(100, hitDb)).isGreaterThan(4);
        assertThat(usual.hitLikely(100, hitDb - 25)).isLessThan(-4);
        assertThat(usual.hitLikely(100, hitDb + 15))
                .as("louder is no reason against it")
                .isGreaterThan(4);
    }

    @Test
    void theLouderSomethingIsTheLikelierItIsAHit() {
        UsualLoudness usual = recording(-12, -40, 200);
        double before = Double.NEGATIVE_INFINITY;
        for (double db = -60; db <= 0; db += 2) {
            double now = usual.hitLikely(100, db);
            assertThat(now).isGreaterThanOrEqualTo(before);
            before = now;
        }
    }

    @Test
    void whereFewHitsAreSureLoudnessSaysNothing() {
        UsualLoudness usual = new UsualLoudness();
        usual.take(-12, HIT);
        usual.take(-12, HIT);
        for (int i = 0; i < 50; i++) {
            usual.take(-30, TALK);
        }
        assertThat(usual.hitLikely(10, -12)).isZero();
        usual.take(-12, HIT);
        assertThat(usual.hitLikely(10, -12)).isPositive();
    }

    @Test
    void theProgramsOwnSoundsAreNeitherHitsNorBackground() {
        UsualLoudness usual = recording(-12, -40, 100);
        UsualLoudness with = recording(-12, -40, 100);
        for (int i = 0; i < 100; i++) {
            with.take(-3, CLICK);
        }
        assertThat(with.hitLikely(50, -20)).isEqualTo(usual.hitLikely(50, -20));
    }

    @Test
    void softTalkThatIsTakenForHitsAtFirstDoesNotMakeTheHitsSoft() {
        UsualLoudness usual = new UsualLoudness();
        for (int i = 0; i < 300; i++) {
            boolean hit = i % 5 == 0;
            // Half as much talk as there are hits is taken for hits.
            boolean wrong = i % 10 == 1;
            usual.take(hit ? -12 : -42, hit || wrong ? HIT : TALK);
        }
        assertThat(usual.hitLikely(150, -42)).isLessThan(-5);
        assertThat(usual.hitLikely(150, -14)).isPositive();
    }

    @Test
    void theDistanceOfThePhoneMayChange() {
        UsualLoudness usual = new UsualLoudness();
        for (int i = 0; i < 400; i++) {
            boolean near = i < 200;
            boolean hit = i % 2 == 0;
            usual.take((near ? -6 : -26) - (hit ? 0 : 25), hit ? HIT : TALK);
        }
        assertThat(usual.hitLikely(50, -26)).as("soft where hits are loud").isNegative();
        assertThat(usual.hitLikely(350, -26)).as("as loud as hits are there").isPositive();
    }
}
