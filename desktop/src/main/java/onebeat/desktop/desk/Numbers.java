package onebeat.desktop.desk;

import javafx.scene.control.TextField;

/// Reads numbers from fields.
final class Numbers {

    private Numbers() {}

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
