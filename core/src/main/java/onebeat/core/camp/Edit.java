package onebeat.core.camp;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/// A change to the camp. Each holds what was there before and what is there after, so that it knows its own inverse.
public sealed interface Edit {

    /// The edit that takes this one back, order included once it is [Done].
    Edit inverse();

    /// The camp with this change, and the change with the seats that its things took or left.
    Done doneTo(Camp camp);

    /// The camp with this change.
    default Camp applyTo(Camp camp) {
        return doneTo(camp).camp();
    }

    /// What came of an edit.
    ///
    /// @param edit the same edit, with the seat of each thing and with what it really replaced: its inverse leaves
    ///     everything as it was
    record Done(Camp camp, Edit edit) {}

    /// A thing comes, goes or changes: without a `before` it comes, without an `after` it goes.
    ///
    /// @param seat where on its shelf it stands; empty where that is for the shelf to say
    record Change<T>(Place<T> place, Optional<T> before, Optional<T> after, OptionalLong seat) implements Edit {

        /// A change whose thing stands where it stood, or comes last.
        public Change(Place<T> place, Optional<T> before, Optional<T> after) {
            this(place, before, after, OptionalLong.empty());
        }

        @Override
        public Edit inverse() {
            return new Change<>(place, after, before, seat);
        }

        @Override
        public Done doneTo(Camp camp) {
            Shelf<T> shelf = camp.shelf(place);
            T thing = after.or(() -> before).orElseThrow();
            // What stands there, whether or not the change knew of it.
            OptionalLong its = shelf.seatOf(thing);
            Optional<T> was = its.isPresent() ? shelf.on(its.getAsLong()) : Optional.empty();
            long at = seat.orElseGet(() -> its.orElseGet(shelf::nextSeat));
            if (was.isEmpty() && after.isEmpty()) {
                return new Done(camp, new Together(List.of()));
            }
            return new Done(
                    camp.with(place, shelf.changed(before, after, at)),
                    new Change<>(place, was, after, OptionalLong.of(at)));
        }
    }

    /// The camp's card changes.
    record OfCard(Card before, Card after) implements Edit {

        @Override
        public Edit inverse() {
            return new OfCard(after, before);
        }

        @Override
        public Done doneTo(Camp camp) {
            return new Done(camp.with(after), new OfCard(camp.card(), after));
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
        public Done doneTo(Camp camp) {
            Camp now = camp;
            List<Edit> all = new ArrayList<>();
            for (Edit edit : edits) {
                Done done = edit.doneTo(now);
                now = done.camp();
                all.add(done.edit());
            }
            return new Done(now, new Together(all));
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
