package onebeat.core.camp;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/// A change to the camp. Each holds what was there before and what is there after, so that it knows its own inverse.
public sealed interface Edit {

    /// The edit that takes this one back.
    Edit inverse();

    /// The camp with this change.
    Camp applyTo(Camp camp);

    /// A thing comes, goes or changes: without a `before` it comes, without an `after` it goes.
    record Change<T>(Place<T> place, Optional<T> before, Optional<T> after) implements Edit {

        @Override
        public Edit inverse() {
            return new Change<>(place, after, before);
        }

        @Override
        public Camp applyTo(Camp camp) {
            Shelf<T> shelf = place.in().apply(camp).changed(before, after);
            return place.put().apply(camp, shelf);
        }
    }

    /// The camp's card changes.
    record OfCard(Card before, Card after) implements Edit {

        @Override
        public Edit inverse() {
            return new OfCard(after, before);
        }

        @Override
        public Camp applyTo(Camp camp) {
            return camp.withCard(after);
        }
    }

    /// Several changes that are done and taken back as one.
    record Together(List<Edit> edits) implements Edit {

        public Together {
            edits = List.copyOf(edits);
        }

        @Override
        public Edit inverse() {
            List<Edit> back = new ArrayList<>(edits.stream().map(Edit::inverse).toList());
            Collections.reverse(back);
            return new Together(back);
        }

        @Override
        public Camp applyTo(Camp camp) {
            Camp now = camp;
            for (Edit edit : edits) {
                now = edit.applyTo(now);
            }
            return now;
        }
    }

    /// A thing comes.
    static <T> Edit add(Place<T> place, T thing) {
        return new Change<>(place, Optional.empty(), Optional.of(thing));
    }

    /// A thing changes.
    static <T> Edit change(Place<T> place, T before, T after) {
        return new Change<>(place, Optional.of(before), Optional.of(after));
    }

    /// A thing goes.
    static <T> Edit remove(Place<T> place, T thing) {
        return new Change<>(place, Optional.of(thing), Optional.empty());
    }

    /// Several changes as one.
    static Edit together(Edit... edits) {
        return new Together(Arrays.asList(edits));
    }
}
