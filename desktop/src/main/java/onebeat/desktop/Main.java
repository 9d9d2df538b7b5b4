package onebeat.desktop;

import javafx.application.Application;

/// Starts the program. It is no application itself, so that it can start from the class path.
public final class Main {

    private Main() {}

    public static void main(String[] args) {
        Application.launch(OneBeat.class, args);
    }
}
