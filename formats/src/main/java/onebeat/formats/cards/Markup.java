package onebeat.formats.cards;

/// Words within markup.
final class Markup {

    private Markup() {}

    /// The words with what XML and HTML take for markup written out. Control characters, which XML 1.0 does not
    /// allow, are left out.
    static String escaped(String words) {
        StringBuilder all = new StringBuilder();
        for (int i = 0; i < words.length(); i++) {
            char c = words.charAt(i);
            switch (c) {
                case '&' -> all.append("&amp;");
                case '<' -> all.append("&lt;");
                case '>' -> all.append("&gt;");
                case '"' -> all.append("&quot;");
                default -> {
                    if (c >= ' ' || c == '\t' || c == '\n') {
                        all.append(c);
                    }
                }
            }
        }
        return all.toString();
    }
}
