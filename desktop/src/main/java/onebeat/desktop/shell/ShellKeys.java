package onebeat.desktop.shell;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.KeyDispatch;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.command.Scope;
import onebeat.desktop.nodes.Nodes;

/// Takes the keys of the window, and the clicks on caps that show a key, and gives them to whom they belong: to the
/// form
/// that lies open, to the call line while it is typed in, else to the command they give.
final class ShellKeys {

    /// What the keys belong to now.
    interface Window {
        /// Whether a form lies over the station: then only Escape is taken from it.
        boolean hasForm();

        void closeForm();

        /// Whether the call line is typed in.
        boolean isTyping();

        /// Whether the line holds something that was not entered yet: then undo belongs to it.
        boolean isUnsettled();

        void leaveLine();

        void enterLine();

        /// Up and down in what was found for the line; false where nothing is looked for.
        boolean chooseFound(int step);

        List<BoundCommand> commands();

        List<Scope> scopes();

        OwnKeys ownKeys();

        /// A command that cannot be done now was asked for.
        void cannot(BoundCommand command);

        /// Something was done.
        void done();
    }

    private final Window window;
    private Optional<Consumer<KeyPress>> next = Optional.empty();
    private boolean swallow;

    ShellKeys(Window window) {
        this.window = window;
    }

    /// The next key goes here, whatever it is.
    void next(Consumer<KeyPress> taker) {
        next = Optional.of(taker);
    }

    void attach(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            swallow = !e.getCode().isModifierKey() && pressed(KeyPress.of(e));
            if (swallow) {
                e.consume();
                window.done();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (swallow) {
                e.consume();
            }
        });
        scene.addEventFilter(KeyEvent.KEY_RELEASED, _ -> swallow = false);
        scene.addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            for (Node at = e.getPickResult().getIntersectedNode(); at != null; at = at.getParent()) {
                if (at.getProperties().get(Nodes.GIVES_KEY) instanceof String key && !window.hasForm()) {
                    give(KeyPress.of(key), false);
                    break;
                }
            }
            window.done();
        });
    }

    private boolean pressed(KeyPress key) {
        if (next.isPresent()) {
            Consumer<KeyPress> taker = next.get();
            next = Optional.empty();
            taker.accept(key);
            return true;
        }
        if (window.hasForm()) {
            boolean leaves = key.code() == KeyCode.ESCAPE;
            if (leaves) {
                window.closeForm();
            }
            return leaves;
        }
        boolean typing = window.isTyping();
        if (answers(key)) {
            return true;
        }
        if (typing && key.isPlain() && ofTheLine(key.code())) {
            return true;
        }
        // An undo belongs to what is half written; where nothing is, to the camp.
        boolean undoes = key.control() && (key.code() == KeyCode.Z || key.code() == KeyCode.Y);
        return give(key, typing && !(undoes && !window.isUnsettled()));
    }

    /// Where something was asked, a key that answers it is taken, though the empty line is typed in.
    private boolean answers(KeyPress key) {
        List<Scope> asked = window.scopes().stream().filter(Scope::isQuestion).toList();
        if (asked.isEmpty() || window.isUnsettled() || !key.isPlain()) {
            return false;
        }
        Optional<BoundCommand> answer =
                KeyDispatch.find(key, new KeyDispatch.Asked(window.commands(), asked, window.ownKeys(), false));
        answer.ifPresent(command -> command.run().run());
        return answer.isPresent();
    }

    private boolean ofTheLine(KeyCode code) {
        if (code == KeyCode.ESCAPE) {
            window.leaveLine();
        } else if (code == KeyCode.ENTER) {
            window.enterLine();
        } else if (code == KeyCode.UP || code == KeyCode.DOWN) {
            return window.chooseFound(code == KeyCode.UP ? -1 : 1);
        } else {
            return false;
        }
        return true;
    }

    private boolean give(KeyPress key, boolean typing) {
        Optional<BoundCommand> found = KeyDispatch.find(
                key, new KeyDispatch.Asked(window.commands(), window.scopes(), window.ownKeys(), typing));
        found.ifPresent(command -> {
            if (command.isPossible()) {
                command.run().run();
            } else {
                window.cannot(command);
            }
        });
        return found.isPresent();
    }
}
