package onebeat.formats.film;

/// Text that a spreadsheet would take for a formula gets an apostrophe before it, and loses it on the way back.
///
/// The characters that begin a formula are those of the OWASP Foundation's page "CSV Injection": `=`, `+`,
/// `-`, `@`, tab and carriage return.
public final class Harmless {

    private static final String BEGINS_FORMULA = "=+-@\t\r";

    private Harmless() {}

    /// The text as it is written.
    public static String text(String text) {
        return isFormula(text) || isMarked(text) ? "'" + text : text;
    }

    /// The text as it was.
    static String undo(String written) {
        return isMarked(written) ? written.substring(1) : written;
    }

    private static boolean isFormula(String text) {
        return !text.isEmpty() && BEGINS_FORMULA.indexOf(text.charAt(0)) >= 0;
    }

    /// Marks are told from apostrophes that were there before by what follows them.
    private static boolean isMarked(String text) {
        return text.startsWith("'") && (isFormula(text.substring(1)) || isMarked(text.substring(1)));
    }
}
