package onebeat.formats.cards;

import java.util.Locale;
import java.util.stream.Collectors;
import onebeat.formats.cards.Sheet.Row;

/// Writes a sheet as one HTML page that needs nothing else: for a phone, a club's page or a mail.
public final class SheetHtml {

    private static final String STYLE = """
            body { font-family: Karla, sans-serif; color: #221c18; background: #f8f3ea; max-width: 60em; margin: 2em auto; padding: 0 1em; }
            h1 { margin-bottom: 0; }
            .under, .mark { color: #665b50; }
            .line, .set-line { font-family: "JetBrains Mono", monospace; }
            .line { font-size: 1.3em; }
            svg { width: 100%; height: auto; }
            table { border-collapse: collapse; width: 100%; }
            td { padding: 0.4em 0.8em 0.4em 0; vertical-align: top; border-top: 1px solid #ddd1bf; }
            .set-called { font-weight: bold; text-transform: uppercase; }
            .athlete { color: #9c3f22; }
            .partner { color: #2f5d6b; }
            .detail { color: #221c18; font-weight: normal; text-transform: none; }
            footer { margin-top: 1.5em; font-size: 0.85em; }
            """;

    private SheetHtml() {}

    /// The sheet as a page.
    public static String of(Sheet sheet) {
        return "<!DOCTYPE html>\n<html lang=\"en\">\n<head>\n<meta charset=\"UTF-8\">\n"
                + "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n<title>"
                + Markup.escaped(sheet.title()) + "</title>\n<style>\n" + STYLE + "</style>\n</head>\n<body>\n<h1>"
                + Markup.escaped(sheet.title()) + "</h1>\n" + paragraph("under", sheet.under())
                + paragraph("line", sheet.line())
                + sheet.drawing()
                        .map(drawing -> DrawingSvg.inline(drawing, sheet.title()) + "\n")
                        .orElse("")
                + sheet.before().stream()
                        .map(note -> "<p><strong>" + Markup.escaped(note) + "</strong></p>\n")
                        .collect(Collectors.joining())
                + "<table>\n"
                + sheet.rows().stream().map(SheetHtml::row).collect(Collectors.joining()) + "</table>\n"
                + sheet.after().stream().map(note -> paragraph("", note)).collect(Collectors.joining())
                + "<footer>" + Markup.escaped(sheet.cautions()) + "</footer>\n</body>\n</html>\n";
    }

    private static String paragraph(String style, String words) {
        return words.isEmpty()
                ? ""
                : "<p" + (style.isEmpty() ? "" : " class=\"" + style + "\"") + ">" + Markup.escaped(words) + "</p>\n";
    }

    private static String row(Row row) {
        String set = "set-" + row.set().name().toLowerCase(Locale.ROOT);
        String whose = row.whose().name().toLowerCase(Locale.ROOT);
        String detail =
                row.detail().isEmpty() ? "" : "<br><span class=\"detail\">" + Markup.escaped(row.detail()) + "</span>";
        return "<tr><td class=\"mark\">" + Markup.escaped(row.mark()) + "</td><td class=\"" + set + " " + whose + "\">"
                + Markup.escaped(row.call()) + detail + "</td></tr>\n";
    }
}
