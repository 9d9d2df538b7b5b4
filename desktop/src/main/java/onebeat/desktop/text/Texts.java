package onebeat.desktop.text;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;

/// All words on screen, from `texts.properties`.
public final class Texts {

    private static final ResourceBundle BUNDLE = ResourceBundle.getBundle("onebeat.desktop.texts", Locale.ROOT);

    private Texts() {}

    /// The text of this key with the values put in.
    public static String of(String key, Object... values) {
        String text = BUNDLE.getString(key);
        return values.length == 0 ? text : new MessageFormat(text, Locale.ROOT).format(values);
    }

    /// A share from 0 to 1 as `0.64`.
    public static String share(double share) {
        return String.format(Locale.ROOT, "%.2f", share);
    }

    /// How likely something would be by chance; what is rarer than one in a hundred is not told closer.
    public static String chance(double p) {
        return p < LEAST_CHANCE ? of("chance.least") : share(p);
    }

    private static final double LEAST_CHANCE = 0.01;

    /// A time in seconds as `1.4`.
    public static String seconds(double ms) {
        return String.format(Locale.ROOT, "%.1f", ms / 1000);
    }

    /// A time in a round or on a reel as `2:05`.
    public static String clock(double seconds) {
        long whole = (long) Math.ceil(Math.max(0, seconds) - 1e-9);
        return whole / 60 + String.format(Locale.ROOT, ":%02d", whole % 60);
    }

    /// A time on film as `02:14.3`.
    public static String filmTime(double seconds) {
        long tenths = Math.round(Math.max(0, seconds) * 10);
        return String.format(Locale.ROOT, "%02d:%02d.%d", tenths / 600, tenths / 10 % 60, tenths % 10);
    }

    /// Words cut to so many characters, with a sign that something is missing.
    public static String shortened(String words, int most) {
        return words.length() <= most ? words : words.substring(0, most - 1) + "…";
    }
}
