package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Side;
import javafx.scene.Node;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.layout.Region;
import onebeat.core.change.PartnerChanges;
import onebeat.core.program.ProgramVersion;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.PartnerWords;
import onebeat.desktop.app.StationName;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.shell.ProgramAction.Do;
import onebeat.desktop.shell.ProgramAction.Go;
import onebeat.desktop.text.Texts;
import onebeat.store.ProgramLog;

/// Does the commands of the program.
final class ShellDeeds {

    /// What a search begins with in the call line.
    static final String SEARCH = "?";

    private final CampSession app;
    private final Shell shell;
    private final ShellFiles files;
    private final SettingsStore settings;
    private final Forms forms;
    private final CommandMenus menus;
    private Optional<ShellView> view = Optional.empty();

    ShellDeeds(CampSession app, Shell shell, ShellFiles files, SettingsStore settings) {
        this.app = app;
        this.shell = shell;
        this.files = files;
        this.settings = settings;
        this.forms = new Forms(app, shell, files);
        this.menus = new CommandMenus(() -> settings.get().ownKeys());
    }

    /// What the window's own parts set off.
    ShellView.Hands hands(ShellLine line, ShellCommands commands) {
        return new ShellView.Hands(
                shell::go,
                this::campMenu,
                forms::card,
                shell::takeFound,
                commands::ownKeys,
                shell::changed,
                files::beside,
                line::scene);
    }

    void attach(ShellView shown) {
        view = Optional.of(shown);
    }

    Forms forms() {
        return forms;
    }

    void dispatch(ProgramAction action) {
        switch (action) {
            case Go go -> shell.go(go.station());
            case Do one -> done(one);
        }
    }

    private void done(Do one) {
        switch (one) {
            case WRITE_LINE -> writeLine();
            case SEARCH -> shell.search();
            case UNDO -> moved(app::undo);
            case REDO -> moved(app::redo);
            case CARD -> forms.card();
            case SCHOOL -> forms.school();
            case NEXT_PARTNER -> nextPartner();
            case PARTNERS -> forms.partners();
            case CAMP_FILE -> forms.campFile();
            case SAVE_AGAIN -> saveAgain();
            case OPEN_CAMP -> forms.openCamp();
            case TAKE_FROM -> forms.takeFrom();
            case NEW_CAMP -> forms.newCamp();
            case SAVE_COPY -> forms.saveCopy();
            case SETTINGS -> forms.settings(settings, shell.commands().all());
            case HELP -> forms.help(shell.commands().all(), settings.get().ownKeys());
            case ABOUT -> app.say(Texts.of("about", ProgramVersion.text(), ProgramLog.file()));
            case WALK -> files.others().walk();
            case CAMP_MENU -> campMenu();
            case HERE_MENU -> view.ifPresent(v -> showMenu(v.middle()));
        }
    }

    private void writeLine() {
        view.ifPresent(v -> v.showFoot(true));
        shell.callLine().type();
    }

    /// The next partner is tonight's, and everything follows.
    private void nextPartner() {
        PartnerChanges.next(app.camp())
                .ifPresentOrElse(
                        edit -> {
                            if (app.save(edit)) {
                                app.say(PartnerWords.tonight(app.camp()));
                            }
                        },
                        () -> app.warn(Texts.of("door.nobody")));
        shell.refresh();
    }

    private void moved(Runnable undoOrRedo) {
        undoOrRedo.run();
        shell.reopen();
    }

    private void saveAgain() {
        if (app.isUnsaved()) {
            app.saveAgain();
        } else {
            app.say(Texts.of("saved.always"));
        }
    }

    /// The menu at the program's name.
    void campMenu() {
        ContextMenu menu = new ContextMenu();
        menu.setId("camp-menu");
        List<MenuItem> items = new ArrayList<>();
        for (String id : ProgramCommands.CAMP_MENU) {
            shell.commands().program().stream()
                    .filter(c -> c.id().equals(id))
                    .findFirst()
                    .ifPresent(c -> items.add(menus.item(c)));
            if (id.equals("program.open")) {
                items.add(recent());
            }
            if (id.equals("program.file") || id.equals("program.partners")) {
                items.add(new SeparatorMenuItem());
            }
        }
        menu.getItems().setAll(items);
        view.ifPresent(v -> menu.show(v.brand(), Side.BOTTOM, 0, 0));
    }

    private Menu recent() {
        Menu menu = CommandMenus.within(Texts.of("menu.recent"));
        files.others().recent().forEach(path -> {
            MenuItem item = new MenuItem(path.toString());
            item.setMnemonicParsing(false);
            item.setOnAction(_ -> files.others().open(path));
            menu.getItems().add(item);
        });
        menu.setDisable(menu.getItems().isEmpty());
        return menu;
    }

    /// A right click on a station shows what can be done with what is chosen there.
    void menuOn(Region station) {
        station.setOnContextMenuRequested(e -> {
            menus.possible(shell.commands().here()).show(station, e.getScreenX(), e.getScreenY());
            e.consume();
        });
    }

    private void showMenu(Node at) {
        menus.possible(shell.commands().here())
                .show(at, Side.TOP, at.getLayoutBounds().getWidth() / 3, 0);
    }

    /// What was found behind `?` is done.
    void take(SearchResults.Result result) {
        switch (result.leads()) {
            case SearchResults.Leads.Does does -> does.command().run().run();
            case SearchResults.Leads.ToBench line -> {
                app.drillProperty().set(Optional.of(line.drill().id()));
                shell.go(StationName.BENCH);
                shell.type(line.drill().line());
            }
            case SearchResults.Leads.ToPartner to -> {
                if (app.save(PartnerChanges.tonight(app.camp(), to.partner().id()))) {
                    app.say(PartnerWords.tonight(app.camp()));
                    shell.refresh();
                }
            }
            case SearchResults.Leads.ToLine to -> {
                String line = shell.callLine().text();
                shell.write(line.isBlank() ? to.code() : line + " " + to.code());
            }
        }
    }
}
