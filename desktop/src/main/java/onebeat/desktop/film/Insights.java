package onebeat.desktop.film;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Mastery;
import onebeat.core.film.FightPlan;
import onebeat.core.film.FollowUps.After;
import onebeat.core.film.Idea;
import onebeat.core.film.Repertoire;
import onebeat.core.opening.PartnerModel;
import onebeat.core.review.Context;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.app.CampSession;

/// What the film of the opponent gives: ideas and a plan, worked out beside the interface and kept until something
/// that they rest on changes.
final class Insights implements AutoCloseable {

    /// The ideas and the plan.
    record Insight(List<Idea> ideas, FightPlan plan) {

        Insight {
            ideas = List.copyOf(ideas);
        }
    }

    /// What they rest on.
    private record Ground(List<After> habits, Camp camp, PartnerModel model) {}

    private final CampSession app;
    private final BackgroundQuestion worker;
    private Optional<Ground> ground = Optional.empty();
    private Optional<Insight> known = Optional.empty();

    Insights(CampSession app, Consumer<String> failed) {
        this.app = app;
        this.worker = new BackgroundQuestion("ideas", failed);
    }

    /// What lines against the opponent are held against, with the reactions that are followed now.
    Context context() {
        return app.camp().againstOpponent().with(app.model());
    }

    Repertoire repertoire() {
        return Mastery.of(app.camp());
    }

    /// Asks for the insight of these habits; told at once where it is known.
    void ask(List<After> habits, Consumer<Insight> then) {
        Ground now = new Ground(habits, app.camp(), app.model());
        if (ground.equals(Optional.of(now)) && known.isPresent()) {
            then.accept(known.get());
            return;
        }
        Context context = context();
        Repertoire repertoire = repertoire();
        worker.ask(
                _ -> {
                    List<Idea> ideas = Idea.of(habits, context, repertoire);
                    Camp camp = now.camp;
                    FightPlan plan = FightPlan.of(habits, ideas, context, repertoire)
                            .with(FightPlan.Moments.of(camp.studied(), camp.vocabulary()));
                    return new Insight(ideas, plan);
                },
                insight -> {
                    ground = Optional.of(now);
                    known = Optional.of(insight);
                    then.accept(insight);
                });
    }

    @Override
    public void close() {
        worker.close();
    }
}
