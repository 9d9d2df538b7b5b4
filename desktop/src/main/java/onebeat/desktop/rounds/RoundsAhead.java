package onebeat.desktop.rounds;

import java.time.LocalDate;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Tonight;
import onebeat.core.rounds.Session;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.app.CampSession;

/// Works out beside the window what Rounds will be asked for: soon after the camp was opened the week on the clock, and
/// once Rounds was entered the ladders of tonight's lines too. What is asked for now comes first.
public final class RoundsAhead implements AutoCloseable {

    private static final Duration AFTER_OPENING = Duration.seconds(1);
    private static final Duration AFTER_ENTERING = Duration.millis(300);

    private final CampSession app;
    private final BackgroundQuestion worker;
    private final PauseTransition opened = new PauseTransition(AFTER_OPENING);
    private final PauseTransition entered = new PauseTransition(AFTER_ENTERING);

    public RoundsAhead(CampSession app) {
        this.app = app;
        this.worker = new BackgroundQuestion("rounds ahead", app::warn);
        opened.setOnFinished(_ -> layOut());
        entered.setOnFinished(_ -> buildLadders());
        opened.play();
    }

    /// Rounds was entered.
    void entered() {
        opened.stop();
        entered.playFromStart();
    }

    private void layOut() {
        Camp camp = app.camp();
        LocalDate today = app.today();
        worker.ask(_ -> {
            var _ = app.schedules().week(camp, today);
        });
    }

    private void buildLadders() {
        Camp camp = app.camp();
        Optional<Session> tonight = app.tonight();
        worker.ask(asked -> {
            if (tonight.isPresent() && !asked.isOld()) {
                Tonight.buildLadders(camp, tonight.get(), app.schedules().ladders(), asked::isOld);
            }
        });
    }

    @Override
    public void close() {
        opened.stop();
        entered.stop();
        worker.close();
    }
}
