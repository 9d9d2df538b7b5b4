package onebeat.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import onebeat.desktop.shell.AllCommands;
import org.junit.jupiter.api.Test;

/// What holds for every command of the program.
class CommandTablesTest {

    private static final List<Command<?, ?>> ALL = AllCommands.list();

    /// So many letters of the usual size fit into their column of the sheet.
    private static final int LONGEST_HELP = 76;

    private static List<BoundCommand> bound() {
        return ALL.stream().map(c -> new BoundCommand(c, () -> true, () -> {})).toList();
    }

    @Test
    void noKeyMeansTwoThingsInOnePlace() {
        assertThat(KeyDispatch.clashes(ALL)).isEmpty();
    }

    @Test
    void noKeyOfAStationHidesOneOfTheProgram() {
        List<KeyPress> program = ALL.stream()
                .filter(c -> c.scope() == Scope.PROGRAM)
                .flatMap(c -> c.keys().stream())
                .toList();
        assertThat(ALL.stream().filter(c -> c.scope() != Scope.PROGRAM))
                .allSatisfy(c -> assertThat(c.keys()).as(c.id()).doesNotContainAnyElementsOf(program));
    }

    @Test
    void everyCommandHasItsNameAndItsSentence() {
        assertThat(ALL).allSatisfy(c -> {
            assertThat(CommandWords.has(c.id())).as(c.id()).isTrue();
            assertThat(CommandWords.has(c.id() + ".help")).as(c.id() + ".help").isTrue();
            assertThat(c.name().length()).as(c.name()).isLessThan(26);
            assertThat(c.help()).as(c.id()).endsWith(".");
            assertThat(c.help().length())
                    .as("stands in one line on the sheet of keys: " + c.help())
                    .isLessThanOrEqualTo(LONGEST_HELP);
        });
        for (Scope scope : Scope.values()) {
            assertThat(CommandWords.has(scope.key())).as(scope.key()).isTrue();
        }
        for (Group group : Group.values()) {
            assertThat(CommandWords.has(group.key())).as(group.key()).isTrue();
        }
    }

    /// Ctrl with A C V X Z Y, Backspace, Delete, arrows, Home and End, with and without Shift: they edit in every
    /// program's fields (common practice).
    @Test
    void noEditingKeyReachesACommandWhileAFieldIsTypedIn() {
        List<KeyCode> codes = List.of(
                KeyCode.A,
                KeyCode.C,
                KeyCode.V,
                KeyCode.X,
                KeyCode.Z,
                KeyCode.Y,
                KeyCode.BACK_SPACE,
                KeyCode.DELETE,
                KeyCode.LEFT,
                KeyCode.RIGHT,
                KeyCode.UP,
                KeyCode.DOWN,
                KeyCode.HOME,
                KeyCode.END);
        for (KeyCode code : codes) {
            for (boolean shift : new boolean[] {false, true}) {
                for (Scope scope : Scope.values()) {
                    KeyPress key = new KeyPress(code, shift, true, false);
                    assertThat(find(key, List.of(Scope.PROGRAM, scope), true))
                            .as(scope + " " + key.words())
                            .isEmpty();
                }
            }
        }
    }

    @Test
    void noPlainKeyReachesACommandWhileAFieldIsTypedIn() {
        for (KeyCode code : KeyCode.values()) {
            if (!code.isFunctionKey() && !code.isModifierKey()) {
                KeyPress key = new KeyPress(code, false, false, false);
                assertThat(find(key, List.of(Scope.PROGRAM, Scope.FILM), true))
                        .as(key.words())
                        .isEmpty();
            }
        }
    }

    private static Optional<BoundCommand> find(KeyPress key, List<Scope> scopes, boolean typing) {
        return KeyDispatch.find(key, new KeyDispatch.Asked(bound(), scopes, OwnKeys.NONE, typing));
    }

    @Test
    void everyCommandCanBeGivenByTheKeyboard() {
        for (Command<?, ?> command : ALL) {
            // What has no key of its own stands in the menu, which opens with F10 and goes by arrows.
            for (KeyPress key : command.keys()) {
                List<Scope> scopes =
                        Stream.of(Scope.PROGRAM, command.scope()).distinct().toList();
                assertThat(find(key, scopes, false))
                        .as(command.id() + " " + key.words())
                        .isPresent();
            }
        }
    }

    @Test
    void withAltHeldAStationAnswersWhileTheLineIsTypedIn() {
        assertThat(find(KeyPress.of("Alt+B"), List.of(Scope.PROGRAM, Scope.FILM), true)
                        .map(BoundCommand::id))
                .contains("film.bench");
        assertThat(find(KeyPress.of("Ctrl+Space"), List.of(Scope.PROGRAM, Scope.FILM), true)
                        .map(BoundCommand::id))
                .contains("film.play");
    }

    @Test
    void anOwnKeyComesBesideTheUsualOneAndTakesItFromAnother() {
        OwnKeys own = OwnKeys.NONE.with("floor.clean", KeyPress.of("L"));
        KeyDispatch.Asked asked = new KeyDispatch.Asked(bound(), List.of(Scope.FLOOR), own, false);
        assertThat(KeyDispatch.find(KeyPress.of("L"), asked).map(BoundCommand::id))
                .contains("floor.clean");
        assertThat(KeyDispatch.find(KeyPress.of("C"), asked).map(BoundCommand::id))
                .contains("floor.clean");
        assertThat(OwnKeys.of(List.of(own.written().split(";")))).isEqualTo(own);
    }

    @Test
    void keysAreReadAsTheyAreWritten() {
        for (Command<?, ?> command : ALL) {
            for (KeyPress key : command.keys()) {
                assertThat(KeyPress.of(key.written())).isEqualTo(key);
            }
        }
    }

    /// The page in the docs is made from the tables; `-Donebeat.keys.write=true` writes it anew.
    @Test
    void thePageOfKeysIsTrue() throws IOException {
        Path page = Path.of("..", "docs", "keys.md");
        String made = KeysPage.of(ALL);
        if (Boolean.getBoolean("onebeat.keys.write")) {
            Files.writeString(page, made);
        }
        assertThat(Files.readString(page)).isEqualTo(made);
    }
}
