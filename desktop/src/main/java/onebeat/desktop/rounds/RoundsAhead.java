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
/// once Rounds was entered the ladders of tonight's lines too.
public final class RoundsAhead implements AutoCloseable {

    /// The window's first picture comes before work that nobody has asked for yet.
    private static final Duration FIRST_PICTURE = Duration.seconds(1);

    private final CampSession app;
    private final BackgroundQuestion worker;
    private final PauseTransition soon = new PauseTransition(FIRST_PICTURE);

    public RoundsAhead(CampSession app) {
        this.app = app;
        this.worker = new BackgroundQuestion("rounds ahead", app::warn);
        soon.setOnFinished(_ -> layOut());
        soon.play();
    }

    private void layOut() {
        Camp camp = app.camp();
        LocalDate today = app.today();
        worker.ask(_ -> {
            var _ = app.schedules().week(camp, today);
        });
    }

    void buildLadders() {
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
        soon.stop();
        worker.close();
    }
}
