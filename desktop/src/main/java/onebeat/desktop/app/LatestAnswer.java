package onebeat.desktop.app;

import java.util.Optional;
import java.util.function.Function;

/// Gives the same answer again while the same is asked, and works out only what is asked anew: for what is shown of a
/// clock, which asks for each frame. Belongs to one thread.
///
/// @param <Q> the question, compared by `equals`; it holds all that the answer depends on
/// @param <A> the answer
public final class LatestAnswer<Q, A> {

    private final Function<Q, A> work;
    private Optional<Answered<Q, A>> latest = Optional.empty();

    private record Answered<Q, A>(Q question, A answer) {}

    public LatestAnswer(Function<Q, A> work) {
        this.work = work;
    }

    /// The answer to this question.
    public A to(Q question) {
        Optional<A> known = latest.filter(a -> a.question().equals(question)).map(Answered::answer);
        return known.orElseGet(() -> {
            A answer = work.apply(question);
            latest = Optional.of(new Answered<>(question, answer));
            return answer;
        });
    }
}
