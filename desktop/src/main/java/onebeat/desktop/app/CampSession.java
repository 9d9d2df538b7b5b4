package onebeat.desktop.app;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.camp.Edit;
import onebeat.core.camp.Schedules;
import onebeat.core.film.Learned;
import onebeat.core.opening.PartnerModel;
import onebeat.core.rounds.Session;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;
import onebeat.store.Opening.Opened;
import onebeat.store.Opening.Refused;
import onebeat.store.Saving;
import onebeat.store.Saving.NotSaved;
import onebeat.store.Saving.Saved;
import onebeat.store.Saving.Waiting;

/// The open camp and what is chosen in it. Every change goes through [#save]: it is on disk before the screen
/// shows it.
public final class CampSession implements AutoCloseable {

    /// What the desk says at the foot of the screen.
    ///
    /// @param wrong whether something went wrong
    public record Notice(String text, boolean wrong) {}

    private final Schedules schedules = new Schedules();
    private final ReadOnlyObjectWrapper<Optional<String>> unsaved = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final LongChange longChange = new LongChange(this::warn);
    private CampFile file;
    private final Clock clock;
    private final SettingsStore settings;
    private final ReadOnlyObjectWrapper<Camp> camp;
    private final ReadOnlyObjectWrapper<Notice> notice = new ReadOnlyObjectWrapper<>(new Notice("", false));
    private final ObjectProperty<Optional<String>> drill = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<String>> reel = new SimpleObjectProperty<>(Optional.empty());
    private final FilmReactions reactions;

    /// @param settings that hold for all camps
    public CampSession(CampFile file, Clock clock, SettingsStore settings) {
        this.file = file;
        this.settings = settings;
        this.clock = clock;
        this.reactions = new FilmReactions(() -> this.file, this::warn);
        this.camp = new ReadOnlyObjectWrapper<>(file.camp());
        reel.set(file.camp().reels().all().stream().findFirst().map(r -> r.id()));
        drill.set(file.camp().drills().all().stream().findFirst().map(Drill::id));
        show(file.writeWaiting());
    }

    public ReadOnlyObjectProperty<Camp> campProperty() {
        return camp.getReadOnlyProperty();
    }

    public Camp camp() {
        return camp.get();
    }

    /// The opponent's reactions that openings follow.
    public PartnerModel model() {
        return reactions.model(camp());
    }

    /// What film says of how the opponent reacts, as far as it is known.
    public Learned learned() {
        return reactions.learned(camp());
    }

    /// Changes whether openings follow film.
    public void switchFilm() {
        reactions.switchFilm();
        say(Texts.of(reactions.isByFilm() ? "film.switch.on" : "film.switch.off"));
    }

    /// The folder that the camp file lies in.
    public Path folder() {
        return Objects.requireNonNullElse(file.path().toAbsolutePath().getParent(), Path.of(""));
    }

    /// The settings that hold for all camps.
    public SettingsStore settings() {
        return settings;
    }

    /// The words of this camp's lines.
    public LineWords words() {
        return new LineWords(settings.get(), camp(), false);
    }

    /// The words of what is seen on film.
    public LineWords wordsOnFilm() {
        return new LineWords(settings.get(), camp(), true);
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /// The drill that lies on the bench.
    public ObjectProperty<Optional<String>> drillProperty() {
        return drill;
    }

    /// The drill that lies on the bench, where it is still in the camp.
    public Optional<Drill> drill() {
        return drill.get().flatMap(camp().drills()::get);
    }

    /// The reel that is on.
    public ObjectProperty<Optional<String>> reelProperty() {
        return reel;
    }

    public ReadOnlyObjectProperty<Notice> noticeProperty() {
        return notice.getReadOnlyProperty();
    }

    /// Says something at the foot of the screen.
    public void say(String text) {
        notice.set(new Notice(text, false));
    }

    /// Says that something went wrong.
    public void warn(String text) {
        notice.set(new Notice(text, true));
    }

    /// What is not on disk and why, for as long as it is not; empty where all is saved.
    public ReadOnlyObjectProperty<Optional<String>> unsavedProperty() {
        return unsaved.getReadOnlyProperty();
    }

    /// Saves a change and shows it. Where it cannot be written it is kept in memory, and the desk says so until it is.
    ///
    /// @return whether it was taken; where it was not, the desk says why, and nothing changes
    public boolean save(Edit edit) {
        return !longChange.isBusy() && show(file.save(edit));
    }

    /// Saves a change of very many things beside the interface.
    ///
    /// @param progress told on the interface's thread how far it is, from 0 to 1
    /// @param then told on the interface's thread whether it was taken
    public void saveBeside(Edit edit, DoubleConsumer progress, Consumer<Boolean> then) {
        longChange.begin(
                told -> Optional.of(file.save(edit, told)),
                progress,
                saving -> then.accept(show(saving.orElseThrow())));
    }

    /// Ends the long change that is under way, if there is one; nothing of it is kept.
    public void stopSaving() {
        longChange.stop();
    }

    /// Tries again to write what is in memory only.
    public void saveAgain() {
        if (!longChange.isBusy() && show(file.writeWaiting()) && unsaved.get().isEmpty()) {
            say(Texts.of("unsaved.done", file.path()));
        }
    }

    /// Writes the whole camp to a file anew, and goes on in that one.
    ///
    /// @param target where nothing stands
    public void writeAnew(Path target) {
        if (longChange.isBusy()) {
            return;
        }
        switch (file.writeAnew(target)) {
            case Opened opened -> {
                CampFile before = file;
                file = opened.file();
                before.close();
                show(new Saved(file.camp()));
                say(Texts.of("unsaved.done", target));
            }
            case Refused refused -> warn(refused.sentence());
        }
    }

    /// Where the camp file lies.
    public Path path() {
        return file.path();
    }

    /// Whether something is in memory only.
    public boolean isUnsaved() {
        return unsaved.get().isPresent() && !(file.isForReading() && file.waiting() == 0);
    }

    /// Whether the camp was opened for reading.
    public boolean isForReading() {
        return file.isForReading();
    }

    /// Writes a copy of the camp to another path, at which nothing stands: neither somebody's file nor the camp itself.
    public void saveCopy(Path target) {
        if (Files.exists(target)) {
            warn(Texts.of("copies.taken", target));
            return;
        }
        longChange.begin(
                _ -> file.copyTo(target).map(NotSaved::new),
                _ -> {},
                not -> not.ifPresentOrElse(this::show, () -> say(Texts.of("copies.saved", target))));
    }

    /// Takes the last change back.
    public void undo() {
        move(false, "undo.done", "undo.nothing");
    }

    /// Does the change again that was taken back.
    public void redo() {
        move(true, "redo.done", "redo.nothing");
    }

    /// A change of very many things is taken back beside the interface.
    private static final int MANY = 2_000;

    private void move(boolean forward, String done, String nothing) {
        if (longChange.isBusy()) {
            return;
        }
        if (file.changesToMove(forward) > MANY) {
            say(Texts.of("saving.long"));
            longChange.begin(_ -> forward ? file.redo() : file.undo(), _ -> {}, saving -> moved(saving, done, nothing));
        } else {
            moved(forward ? file.redo() : file.undo(), done, nothing);
        }
    }

    private void moved(Optional<Saving> saving, String done, String nothing) {
        if (saving.isEmpty()) {
            say(Texts.of(nothing));
        } else if (show(saving.get())) {
            say(Texts.of(done));
        }
    }

    private boolean show(Saving saving) {
        return switch (saving) {
            case Saved saved -> {
                unsaved.set(Optional.empty());
                camp.set(saved.camp());
                yield true;
            }
            case Waiting waits -> {
                unsaved.set(Optional.of(Texts.of("unsaved.bar", waits.changes(), waits.sentence())));
                camp.set(waits.camp());
                yield true;
            }
            case NotSaved not -> {
                warn(not.sentence());
                yield false;
            }
        };
    }

    /// What stood half written in a call line.
    public String draft(String place) {
        return file.draft(place);
    }

    public void keepDraft(String place, String text) {
        file.keepDraft(place, text);
    }

    /// Tonight's session, where there is one.
    public Optional<Session> tonight() {
        return camp().sessionOn(today());
    }

    /// The camp's sessions on the clock, with the ladders of its lines.
    public Schedules schedules() {
        return schedules;
    }

    @Override
    public void close() {
        reactions.close();
        longChange.close();
        file.close();
    }
}
