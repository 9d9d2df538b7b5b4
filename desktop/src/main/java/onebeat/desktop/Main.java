package onebeat.desktop;

import java.util.List;
import javafx.application.Application;
import onebeat.store.ProgramFolder;
import onebeat.store.ProgramLog;

/// Starts the program. It is no application itself, so that it can start from the class path.
public final class Main {

    private Main() {}

    public static void main(String[] args) {
        ProgramLog.begin();
        ProgramFolder.begin();
        OneBeat.early(EarlyOpening.begin(List.of(args)));
        Application.launch(OneBeat.class, args);
    }
}
