package onebeat.desktop.nodes;

import java.awt.image.BufferedImage;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Scene;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;

/// Writes what a window shows as a PNG.
public final class Pictures {

    private Pictures() {}

    /// Writes a scene as it is now.
    ///
    /// @throws IOException if the file cannot be written
    public static void write(Scene scene, Path file) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            write(scene, out);
        }
    }

    /// Writes a scene as it is now.
    ///
    /// @throws IOException if `out` fails
    private static void write(Scene scene, OutputStream out) throws IOException {
        png(of(scene), out);
    }

    /// A scene as it is now.
    public static BufferedImage of(Scene scene) {
        WritableImage image = scene.snapshot(null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        int[] pixels = new int[width * height];
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        picture.setRGB(0, 0, width, height, pixels, 0, width);
        return picture;
    }

    /// Writes a picture; on any thread.
    ///
    /// @throws IOException if `out` fails
    public static void png(BufferedImage picture, OutputStream out) throws IOException {
        ImageIO.write(picture, "png", out);
    }
}
