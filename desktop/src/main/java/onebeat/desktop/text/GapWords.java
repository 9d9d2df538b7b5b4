package onebeat.desktop.text;

import java.time.LocalDate;
import onebeat.core.book.OneBeatGap;

/// How long after the feed answers were heard, in words. What is closer than the ear tells apart is told as that.
public final class GapWords {

    private GapWords() {}

    /// A day's answers, with the interval of their median where it can be told.
    ///
    /// @param key of the sentence: the median, the interval, how many, the day
    public static String of(String key, LocalDate day, OneBeatGap gap) {
        String interval = gap.highMs() < OneBeatGap.RESOLUTION_MS
                ? ""
                : Texts.of("book.gap.interval", ms(gap.lowMs()), ms(gap.highMs()));
        return Texts.of(key, ms(gap.medianMs()), interval, gap.heard(), day.toString());
    }

    /// One gap.
    public static String ms(double gapMs) {
        return gapMs < OneBeatGap.RESOLUTION_MS
                ? Texts.of("book.gap.under", Math.round(OneBeatGap.RESOLUTION_MS))
                : Texts.of("book.gap", Math.round(gapMs));
    }
}
