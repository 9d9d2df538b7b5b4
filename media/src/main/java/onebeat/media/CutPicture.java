package onebeat.media;

import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import onebeat.formats.out.OutFiles;

/// One picture of a cut: the film's as large as it fits, and words on a dark band under it.
final class CutPicture {

    private static final Color GROUND = new Color(0x1c, 0x19, 0x17);
    private static final Color BAND = new Color(0x1c, 0x19, 0x17, 0xd0);
    private static final Color CHALK = new Color(0xf6, 0xf1, 0xe8);
    private static final Color SOFT = new Color(0xc9, 0xbf, 0xb0);
    private static final double LARGE = 0.042;
    private static final double SMALL = 0.03;
    private static final double EDGE = 0.03;

    private final BufferedImage canvas;
    private final Font strong;
    private final Font plain;
    private final int unit;

    static {
        // Words are drawn without any screen.
        if (System.getProperty("java.awt.headless") == null) {
            System.setProperty("java.awt.headless", "true");
        }
    }

    /// @param width in pixels
    /// @param height in pixels
    CutPicture(int width, int height) {
        canvas = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        unit = Math.min(width, height);
        strong = font("Karla-Bold.otf", Font.BOLD);
        plain = font("Karla-Regular.otf", Font.PLAIN);
    }

    private static Font font(String name, int style) {
        try (InputStream in = OutFiles.class.getResourceAsStream("/onebeat/formats/fonts/" + name)) {
            if (in != null) {
                return Font.createFont(Font.TRUETYPE_FONT, in);
            }
        } catch (IOException | FontFormatException _) {
            // The machine's own face is used.
        }
        return new Font(Font.SANS_SERIF, style, 1);
    }

    int width() {
        return canvas.getWidth();
    }

    int height() {
        return canvas.getHeight();
    }

    private Graphics2D graphics() {
        Graphics2D g = canvas.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
        g.setColor(GROUND);
        g.fillRect(0, 0, width(), height());
        return g;
    }

    /// The pixels of the canvas, which the next picture overwrites.
    private int[] pixels() {
        return ((DataBufferInt) canvas.getRaster().getDataBuffer()).getData();
    }

    /// A title in the middle.
    int[] title(List<String> lines) {
        Graphics2D g = graphics();
        try {
            int y = height() / 2 - (lines.size() - 1) * row(LARGE) / 2;
            for (int i = 0; i < lines.size(); i++) {
                g.setFont(fitted(g, i == 0 ? strong : plain, i == 0 ? 1.5 * LARGE : LARGE, lines.get(i)));
                g.setColor(i == 0 ? CHALK : SOFT);
                g.drawString(lines.get(i), (width() - g.getFontMetrics().stringWidth(lines.get(i))) / 2, y);
                y += (int) (row(LARGE) * 1.3);
            }
        } finally {
            g.dispose();
        }
        return pixels();
    }

    private int row(double share) {
        return (int) (unit * share * 1.35);
    }

    /// The font in a size, or smaller where the words would leave the picture.
    private Font fitted(Graphics2D g, Font font, double share, String words) {
        Font sized = font.deriveFont((float) (unit * share));
        double wide = g.getFontMetrics(sized).stringWidth(words);
        double room = width() * (1 - 2 * EDGE);
        return wide <= room ? sized : font.deriveFont((float) (unit * share * room / wide));
    }

    /// A picture of the film with words under it.
    int[] film(Optional<FilmPicture> film, List<String> words) {
        Graphics2D g = graphics();
        try {
            film.ifPresent(picture -> draw(g, picture));
            if (!words.isEmpty()) {
                words(g, words);
            }
        } finally {
            g.dispose();
        }
        return pixels();
    }

    private void draw(Graphics2D g, FilmPicture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_RGB);
        int[] to = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        picture.argb().duplicate().get(0, to);
        double scale = Math.min((double) width() / picture.width(), (double) height() / picture.height());
        int wide = (int) Math.round(picture.width() * scale);
        int tall = (int) Math.round(picture.height() * scale);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, (width() - wide) / 2, (height() - tall) / 2, wide, tall, null);
    }

    private void words(Graphics2D g, List<String> words) {
        int edge = (int) (unit * EDGE);
        int tall = row(LARGE) + (words.size() - 1) * row(SMALL) + edge;
        g.setColor(BAND);
        g.fillRect(0, height() - tall, width(), tall);
        int y = height() - tall + row(LARGE);
        for (int i = 0; i < words.size(); i++) {
            g.setFont(fitted(g, i == 0 ? strong : plain, i == 0 ? LARGE : SMALL, words.get(i)));
            g.setColor(i == 0 ? CHALK : SOFT);
            g.drawString(words.get(i), edge, y);
            y += row(SMALL);
        }
    }
}
