package onebeat.desktop.nodes;

import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javax.imageio.ImageIO;

/// Writes what a window shows as a PNG.
public final class Pictures {

    private Pictures() {}

    /// Writes a scene as it is now.
    ///
    /// @throws IOException if the file cannot be written
    public static void write(Scene scene, Path file) throws IOException {
        try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
            png(of(scene), out);
        }
    }

    /// A scene as it is now, on the interface's thread.
    public static Image of(Scene scene) {
        return scene.snapshot(null);
    }

    /// Writes a picture, on any thread: coding it takes longer than taking it.
    ///
    /// @throws IOException if `out` fails
    public static void png(Image image, OutputStream out) throws IOException {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        int[] pixels = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
        image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        ImageIO.write(picture, "png", out);
    }
}
