package onebeat.formats.cards;

import java.util.stream.Collectors;
import onebeat.formats.cards.Sheet.Row;

/// Writes a sheet as Markdown (CommonMark 0.31, with a table as common practice has it): for notes and messages.
public final class SheetMarkdown {

    private SheetMarkdown() {}

    /// The sheet in words; a drawing has no place in it.
    public static String of(Sheet sheet) {
        return "# " + plain(sheet.title()) + "\n" + block(plain(sheet.under()))
                + block(sheet.line().isEmpty() ? "" : "`" + sheet.line() + "`")
                + sheet.before().stream()
                        .map(note -> block("**" + plain(note) + "**"))
                        .collect(Collectors.joining())
                + "\n| | |\n|---|---|\n"
                + sheet.rows().stream().map(SheetMarkdown::row).collect(Collectors.joining())
                + sheet.after().stream().map(note -> block(plain(note))).collect(Collectors.joining())
                + block(sheet.cautions().isEmpty() ? "" : "*" + plain(sheet.cautions()) + "*");
    }

    private static String block(String words) {
        return words.isEmpty() ? "" : "\n" + words + "\n";
    }

    private static String row(Row row) {
        String call = row.set() == Sheet.Set.LINE
                ? "`" + row.call().replace("|", "\\|") + "`"
                : "**" + plain(row.call()) + "**";
        return "| " + plain(row.mark()) + " | " + call + (row.detail().isEmpty() ? "" : "<br>" + plain(row.detail()))
                + " |\n";
    }

    /// Words that Markdown leaves as they are.
    private static String plain(String words) {
        return words.replace("\\", "\\\\")
                .replace("\n", " ")
                .replace("|", "\\|")
                .replace("*", "\\*")
                .replace("_", "\\_")
                .replace("`", "\\`")
                .replace("<", "&lt;")
                .replace("[", "\\[");
    }
}
