package onebeat.formats;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/// Names that can stand in a file name on any system.
public final class PlainName {

    /// Systems take names of 255 bytes; a letter has up to four.
    private static final int MOST = 60;

    private PlainName() {}

    /// The letters and digits of some words, all else as single hyphens between them, at most 60 of them.
    public static String of(String words) {
        String plain = words.strip().replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        int end = plain.offsetByCodePoints(0, Math.min(MOST, plain.codePointCount(0, plain.length())));
        return plain.substring(0, end);
    }

    /// A name for each of these words, no two of them alike, also where a system takes capitals for small letters, and
    /// none of them empty.
    ///
    /// @param empty what words without a letter are called
    public static List<String> each(List<String> words, String empty) {
        List<String> names = new ArrayList<>();
        Set<String> taken = new HashSet<>();
        for (String one : words) {
            String plain = of(one);
            String name = plain.isEmpty() ? empty : plain;
            String free = name;
            for (int number = 2; !taken.add(free.toLowerCase(Locale.ROOT)); number++) {
                free = name + "-" + number;
            }
            names.add(free);
        }
        return names;
    }
}
