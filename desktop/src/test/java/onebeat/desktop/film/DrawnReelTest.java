package onebeat.desktop.film;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import onebeat.core.camp.Camp;
import onebeat.core.film.Exchange;
import onebeat.core.film.Reel;
import onebeat.desktop.DemoSituation;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class DrawnReelTest {

    private Camp camp;
    private DrawnReel reel;

    @BeforeEach
    void open() {
        camp = DemoSituation.camp();
        Reel first = camp.reels().all().iterator().next();
        reel = new DrawnReel(camp, first);
    }

    @Test
    void theExchangeThatRunsIsShownAsFarAsItIs() {
        Exchange exchange = reel.exchanges().get(3);
        DrawnReel.Frame frame = reel.at(exchange.timeS() + DrawnReel.BEAT_S).orElseThrow();
        assertThat(frame.exchange()).isEqualTo(exchange);
        assertThat(frame.beat()).isEqualTo(1.0, within(1e-9));
        assertThat(frame.setting().partner().stance()).isEqualTo(exchange.partnerStance());
        assertThat(frame.setting().partner().heightCm()).isEqualTo(177);
    }

    @Test
    void betweenExchangesBothStandAtGuard() {
        Exchange next = reel.exchanges().getFirst();
        DrawnReel.Frame frame = reel.at(next.timeS() - 5).orElseThrow();
        assertThat(frame.exchange()).isEqualTo(next);
        assertThat(frame.beat()).isEqualTo(-1);
    }

    @Test
    void afterTheLastTheLastStaysOnScreen() {
        assertThat(reel.at(reel.reel().seconds()).orElseThrow().exchange())
                .isEqualTo(reel.exchanges().getLast());
    }

    @Test
    void theNearestExchangeIsFound() {
        Exchange some = reel.exchanges().get(10);
        assertThat(reel.nearest(some.timeS() + 0.2)).contains(some);
        assertThat(reel.from(some)).isLessThan(some.timeS());
        assertThat(reel.to(some)).isGreaterThan(some.timeS());
    }

    @Test
    void aReelWithoutExchangesShowsNothing() {
        DrawnReel empty = new DrawnReel(camp, new Reel("other", "empty", 100, 180));
        assertThat(empty.at(10)).isEmpty();
        assertThat(empty.nearest(10)).isEmpty();
    }
}
