package onebeat.desktop.forms;

import javafx.scene.control.TextField;
import onebeat.desktop.text.Texts;

/// Reads numbers from fields.
final class FormNumbers {

    private FormNumbers() {}

    /// Centimetres; a comma is taken for a point.
    ///
    /// @throws IllegalArgumentException with a sentence that names what was typed
    static double cm(TextField field) {
        try {
            return Double.parseDouble(field.getText().strip().replace(',', '.'));
        } catch (NumberFormatException _) {
            throw new IllegalArgumentException(Texts.of("card.nonumber", field.getText()));
        }
    }
}
