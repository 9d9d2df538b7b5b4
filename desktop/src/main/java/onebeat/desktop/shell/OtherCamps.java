package onebeat.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import onebeat.store.Copies.Copy;

/// Other camps than the one that is open.
public interface OtherCamps {

    /// Closes this camp and opens another.
    void open(Path path);

    /// Closes this camp and makes a new one there.
    void create(Path path);

    /// Asks what a new camp is to be, and makes it.
    default void begin() {}

    /// The camps that were open before, the last first.
    default List<Path> recent() {
        return List.of();
    }

    /// Leads through the demo camp.
    default void walk() {}

    /// Closes this camp, puts a copy of it in its place and opens that.
    void putBack(Copy copy, Path camp);

    /// There are none.
    OtherCamps NONE = new OtherCamps() {
        @Override
        public void open(Path path) {
            // Nobody is asked.
        }

        @Override
        public void create(Path path) {
            // Nobody is asked.
        }

        @Override
        public void putBack(Copy copy, Path camp) {
            // Nobody is asked.
        }
    };
}
