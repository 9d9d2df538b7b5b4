package onebeat.desktop.settings;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Rectangle2D;
import onebeat.store.ProgramLog;

/// Where the window stood and how large it was when it was closed, in pixels of the screen.
///
/// @param whole whether it filled the screen; then it does so again
public record WindowPlace(double x, double y, double width, double height, boolean whole) {

    private static final int NUMBERS = 4;

    /// So much of the window has to lie on a screen to be seen and pulled back, in pixels.
    private static final double SEEN = 120;

    /// What was kept; empty where nothing was, where it cannot be read, or where that place is on no screen any more.
    ///
    /// @param screens what is free of each screen
    public static Optional<WindowPlace> kept(Path file, Iterable<Rectangle2D> screens) {
        try {
            return Files.isRegularFile(file)
                    ? read(Files.readString(file)).filter(place -> place.isSeenOn(screens))
                    : Optional.empty();
        } catch (IOException _) {
            return Optional.empty();
        }
    }

    private static Optional<WindowPlace> read(String words) {
        String[] parts = words.strip().split(" ", -1);
        if (parts.length != NUMBERS + 1) {
            return Optional.empty();
        }
        try {
            double[] n = Stream.of(parts)
                    .limit(NUMBERS)
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            WindowPlace place = new WindowPlace(n[0], n[1], n[2], n[3], parts[NUMBERS].equals("whole"));
            return Optional.of(place).filter(WindowPlace::isSound);
        } catch (NumberFormatException _) {
            return Optional.empty();
        }
    }

    private boolean isSound() {
        return Double.isFinite(x) && Double.isFinite(y) && width > 0 && height > 0 && width < 1e5 && height < 1e5;
    }

    private boolean isSeenOn(Iterable<Rectangle2D> screens) {
        for (Rectangle2D screen : screens) {
            boolean across = x + width > screen.getMinX() + SEEN && x < screen.getMaxX() - SEEN;
            boolean down = y >= screen.getMinY() - 1 && y < screen.getMaxY() - SEEN;
            if (across && down) {
                return true;
            }
        }
        return false;
    }

    /// Keeps it for the next start. Where it cannot be written the window starts as usual.
    public void keep(Path file) {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            Files.writeString(file, x + " " + y + " " + width + " " + height + (whole ? " whole" : " part"));
        } catch (IOException e) {
            ProgramLog.wrong("the window's place", e);
        }
    }
}
