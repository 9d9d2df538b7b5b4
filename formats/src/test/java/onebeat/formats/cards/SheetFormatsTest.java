package onebeat.formats.cards;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.DocumentBuilderFactory;
import onebeat.formats.cards.Sheet.Row;
import onebeat.formats.cards.Sheet.Whose;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSObject;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/// A sheet in its formats, each read by a reader that is not ours: the XML parser of the JDK and PDFBox.
class SheetFormatsTest {

    private static final Drawing DRAWING = SampleDrawing.saying("one <beat> & more");

    private static final Sheet SHEET = new Sheet(
            "Answer & return",
            "Ilka, Jonas holds",
            "(1) catch+2 | off",
            Optional.of(DRAWING),
            List.of("Gum shields in."),
            List.of(
                    new Row("1", "jab <comes>", "feed it *late*", Whose.PARTNER),
                    new Row("2", "1 | 2", "", Whose.ATHLETE, Sheet.Set.LINE)),
            1,
            List.of("Then two free rounds."),
            "Local rules come first.");

    private static Document xml(String text) throws Exception {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
        factory.setNamespaceAware(true);
        return factory.newDocumentBuilder().parse(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    @DisplayName("SVG 1.1: outlines are paths in the drawing's own units, words are text, the title says what it is")
    void theRopeIsSvg() throws Exception {
        Element svg = xml(DrawingSvg.of(DRAWING, "Jab \"and\" return")).getDocumentElement();
        assertThat(svg.getNamespaceURI()).isEqualTo("http://www.w3.org/2000/svg");
        assertThat(svg.getAttribute("viewBox")).isEqualTo("0 0 400 80");
        assertThat(svg.getElementsByTagName("title").item(0).getTextContent()).isEqualTo("Jab \"and\" return");
        Element fill = (Element) svg.getElementsByTagName("path").item(0);
        assertThat(fill.getAttribute("d")).isEqualTo("M10 10 L60 10 C70 20 70 40 60 50.13 Z");
        assertThat(fill.getAttribute("fill")).isEqualTo("#d79a1e");
        assertThat(fill.getAttribute("fill-opacity")).isEqualTo("0.5");
        Element stroke = (Element) svg.getElementsByTagName("path").item(1);
        assertThat(stroke.getAttribute("stroke-dasharray")).isEqualTo("4 2");
        Element words = (Element) svg.getElementsByTagName("text").item(0);
        assertThat(words.getTextContent()).isEqualTo("one <beat> & more");
        assertThat(words.getAttribute("fill")).isEqualTo("#00001c");
    }

    @Test
    void aSessionIsOnePageOfHtml() throws Exception {
        String html = SheetHtml.of(SHEET);
        // Its markup is XML but for the two elements that HTML never closes and the kind of document before it.
        Document page = xml(html.replace("<!DOCTYPE html>", "")
                .replaceAll("<meta ([^>]*)>", "<meta $1/>")
                .replace("<br>", "<br/>"));
        assertThat(page.getElementsByTagName("h1").item(0).getTextContent()).isEqualTo("Answer & return");
        assertThat(page.getElementsByTagName("tr").getLength()).isEqualTo(2);
        assertThat(page.getElementsByTagName("tr").item(0).getTextContent()).contains("jab <comes>", "feed it *late*");
        assertThat(page.getElementsByTagName("footer").item(0).getTextContent()).isEqualTo("Local rules come first.");
        assertThat(html).contains("<svg ").doesNotContain("http://fonts").doesNotContain("<script");
    }

    @Test
    void aSessionIsMarkdown() {
        assertThat(SheetMarkdown.of(SHEET)).isEqualTo("""
                # Answer & return

                Ilka, Jonas holds

                `(1) catch+2 | off`

                **Gum shields in.**

                | | |
                |---|---|
                | 1 | **jab &lt;comes>**<br>feed it \\*late\\* |
                | 2 | `1 \\| 2` |

                Then two free rounds.

                *Local rules come first.*
                """);
    }

    @Test
    @DisplayName("tagged PDF (ISO 32000-1, 14.8): language, title, one heading, a figure with words, a list of rows")
    void aPdfTellsItsStructure() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        SheetPdf.write(SHEET, out);
        try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
            var catalog = document.getDocumentCatalog();
            assertThat(catalog.getMarkInfo().isMarked()).isTrue();
            assertThat(catalog.getLanguage()).isEqualTo("en");
            assertThat(document.getDocumentInformation().getCreator()).matches("One Beat [0-9.]+");
            assertThat(catalog.getViewerPreferences().displayDocTitle()).isTrue();
            List<String> roles = new ArrayList<>();
            List<String> alternatives = new ArrayList<>();
            walk(catalog.getStructureTreeRoot().getCOSObject(), roles, alternatives);
            assertThat(roles)
                    .containsExactly(
                            "Document", "H1", "P", "P", "Figure", "P", "L", "LI", "LBody", "LI", "LBody", "P", "P");
            assertThat(alternatives).containsExactly("Answer & return: (1) catch+2 | off");
            assertThat(new PDFTextStripper().getText(document)).contains("Gum shields in.", "Local rules come first.");
        }
    }

    private static void walk(COSDictionary element, List<String> roles, List<String> alternatives) {
        String role = element.getNameAsString(COSName.S);
        if (role != null) {
            roles.add(role);
        }
        String alternative = element.getString(COSName.getPDFName("Alt"));
        if (alternative != null) {
            alternatives.add(alternative);
        }
        children(element.getDictionaryObject(COSName.K)).forEach(child -> walk(child, roles, alternatives));
    }

    private static List<COSDictionary> children(COSBase kids) {
        List<COSDictionary> all = new ArrayList<>();
        if (kids instanceof COSDictionary one) {
            all.add(one);
        } else if (kids instanceof COSArray several) {
            for (COSBase kid : several) {
                COSBase base = kid instanceof COSObject object ? object.getObject() : kid;
                if (base instanceof COSDictionary one) {
                    all.add(one);
                }
            }
        }
        return all;
    }
}
