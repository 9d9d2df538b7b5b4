package onebeat.desktop;

import java.nio.file.Path;
import javafx.stage.Stage;
import onebeat.desktop.shell.CampChooser;
import onebeat.desktop.shell.CampFileForm;
import onebeat.store.Copies;
import onebeat.store.Copies.Copy;

/// What can be done with the copies of a camp that could not be opened.
///
/// @param camp the one that could not be opened
record UnopenedCampDeeds(OpenCamps camps, Stage stage, Path camp) implements CampFileForm.Deeds {

    @Override
    public void open() {
        CampChooser.toOpen(stage).ifPresent(camps::open);
    }

    @Override
    public void create() {
        camps.begin();
    }

    @Override
    public void saveCopy() {
        // There is nothing open to be copied.
    }

    @Override
    public void putBack(Copy copy) {
        camps.putBack(copy, camp);
    }

    @Override
    public void openBeside(Copy copy) {
        Copies.usual().layBeside(copy, camp).ifPresent(camps::open);
    }
}
