package onebeat.desktop.app;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.review.Context;
import onebeat.desktop.callline.LineWatch;

/// One place on the path from film to book.
public interface Station {

    /// The five, in the order of the work.
    enum Name {
        FILM(1),
        BENCH(2),
        ROUNDS(3),
        FLOOR(4),
        BOOK(5);

        private final int number;

        Name(int number) {
            this.number = number;
        }

        /// Its place on the path, from 1, and the digit that leads there.
        public int number() {
            return number;
        }

        /// The station at this place.
        public static Optional<Name> at(int number) {
            return Arrays.stream(values()).filter(n -> n.number == number).findFirst();
        }

        /// The key under which its words stand in the texts.
        public String key() {
            return "station." + name().toLowerCase(Locale.ROOT);
        }
    }

    Name name();

    /// Its main picture.
    Region view();

    /// It comes on screen: shows the camp as it is now.
    void open();

    /// It leaves the screen.
    default void leave() {}

    /// What stands before the call line here, for example the film's time.
    default String prompt() {
        return "";
    }

    /// The keys that matter here, for the foot of the screen.
    String keys();

    /// What lines are reviewed against here.
    default Context context(Camp camp) {
        return camp.context();
    }

    /// Whether what is typed in the call line is looked for here instead of read as a line.
    default boolean searches() {
        return false;
    }

    /// The window closes.
    default void close() {}

    /// The call line changed and was reviewed.
    default void lineSeen(LineWatch.Seen seen) {}

    /// Enter in the call line.
    ///
    /// @return what the call line holds afterwards
    String entered(LineWatch.Seen seen);

    /// A key that nothing else took.
    ///
    /// @param typing whether the call line is being typed in: then only keys with Ctrl or Alt come here
    /// @return whether it was used
    boolean pressed(KeyEvent key, boolean typing);
}
