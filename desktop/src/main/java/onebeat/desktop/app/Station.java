package onebeat.desktop.app;

import java.util.List;
import javafx.scene.layout.Region;
import onebeat.core.camp.Camp;
import onebeat.core.review.Context;
import onebeat.desktop.callline.LineWatch;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.Scope;

/// One place on the path from film to book.
public interface Station {

    StationName name();

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

    /// What can be done here.
    List<BoundCommand> commands();

    /// Whose keys are on now, the first asked first.
    default List<Scope> scopes() {
        return List.of(name().scope());
    }

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

    /// The call line changed; what comes of it is told later.
    default void typed(String text) {}

    /// The call line changed and was reviewed.
    default void lineSeen(LineWatch.Seen seen) {}

    /// Enter in the call line.
    void entered(LineWatch.Seen seen);
}
