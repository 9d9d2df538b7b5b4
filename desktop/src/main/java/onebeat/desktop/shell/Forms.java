package onebeat.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import onebeat.core.camp.Camp;
import onebeat.core.camp.CampOffer;
import onebeat.core.camp.Card;
import onebeat.core.camp.Edit;
import onebeat.core.change.PartnerChanges;
import onebeat.desktop.app.BackgroundQuestion;
import onebeat.desktop.app.CampPaths;
import onebeat.desktop.app.CampSession;
import onebeat.desktop.app.Navigator;
import onebeat.desktop.app.PartnerWords;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.OwnKeys;
import onebeat.desktop.forms.CardForm;
import onebeat.desktop.forms.HelpSheet;
import onebeat.desktop.forms.OfferForm;
import onebeat.desktop.forms.PartnerForm;
import onebeat.desktop.forms.SchoolForm;
import onebeat.desktop.forms.SettingsForm;
import onebeat.desktop.settings.SettingsStore;
import onebeat.desktop.text.Texts;
import onebeat.store.CampFile;
import onebeat.store.CampLook;
import onebeat.store.CampLook.Seen;
import onebeat.store.CampLook.Unseen;
import onebeat.store.Copies;
import onebeat.store.Copies.Copy;
import onebeat.store.ProgramLog;

/// The forms that lie over any station: the camp's card, its partners, its file.
final class Forms {

    private final CampSession app;
    private final Navigator navigator;
    private final Files files;

    /// How files are asked for, and what is done with other camps.
    interface Files {
        /// A path to save to; empty where the coach does not choose one.
        Optional<Path> toSave(String name);

        OtherCamps others();
    }

    Forms(CampSession app, Navigator navigator, Files files) {
        this.app = app;
        this.navigator = navigator;
        this.files = files;
    }

    /// The camp's card, until it is kept or left.
    void card() {
        Card before = app.camp().card();
        CardForm form = new CardForm(before, after -> {
            if (after.equals(before) || app.save(new Edit.OfCard(before, after))) {
                navigator.closeForm();
            }
        });
        navigator.open(form);
        form.begin();
    }

    /// What the coach holds to: severities, limits, and what coaches differ on.
    void school() {
        Card before = app.camp().card();
        SchoolForm form = new SchoolForm(before.school(), after -> {
            if (after.equals(before.school()) || app.save(new Edit.OfCard(before, before.with(after)))) {
                navigator.closeForm();
            }
        });
        navigator.open(form);
        form.begin();
    }

    /// The settings that hold for all camps.
    void settings(SettingsStore settings, List<BoundCommand> commands) {
        SettingsForm form = new SettingsForm(settings, commands, navigator);
        navigator.open(form);
        form.begin();
    }

    /// The keys that are on here, and how a line is written.
    void help(List<BoundCommand> commands, OwnKeys own) {
        HelpSheet sheet = new HelpSheet(app, commands, own);
        navigator.open(sheet);
        sheet.begin();
    }

    /// The camp's partners. Who is kept is tonight's partner.
    void partners() {
        PartnerForm form = new PartnerForm(app.camp(), (before, after) -> {
            if (app.save(PartnerChanges.kept(app.camp(), before, after))) {
                app.say(PartnerWords.tonight(app.camp()));
                navigator.closeForm();
            }
        });
        navigator.open(form);
        form.begin();
    }

    /// The camp as a file.
    void campFile() {
        CampFileForm form = new CampFileForm(app.path(), true, Copies.usual(), ProgramLog.file(), deeds());
        navigator.open(form);
        form.begin();
    }

    void openCamp() {
        navigator.choose(Texts.of("welcome.files"), "*" + CampFile.ENDING).ifPresent(files.others()::open);
    }

    /// Lines and film of another camp, which the coach chooses. Its file is only read.
    void takeFrom() {
        navigator.choose(Texts.of("welcome.files"), "*" + CampFile.ENDING).ifPresent(path -> {
            BackgroundQuestion look = new BackgroundQuestion("another camp", app::warn);
            look.ask(_ -> CampLook.into(path), seen -> {
                look.close();
                switch (seen) {
                    case Seen(Camp other) -> offer(CampOffer.of(app.camp(), other, file -> filmHere(path, file)));
                    case Unseen(String sentence) -> app.warn(sentence);
                }
            });
        });
    }

    /// Where a film of a camp elsewhere lies as seen from this camp.
    private String filmHere(Path camp, String file) {
        return CampPaths.seenFrom(app.folder(), camp.toAbsolutePath().resolveSibling(file));
    }

    private void offer(CampOffer offer) {
        OfferForm form = new OfferForm(
                offer,
                (lines, reels) -> CampOffer.of(app.camp(), offer.other(), offer.filmHere())
                        .taken(lines, reels, app.today())
                        .ifPresent(edit -> app.saveBeside(edit, _ -> {}, taken -> {
                            if (taken) {
                                app.say(Texts.of(
                                        "offer.taken", offer.other().card().name()));
                                navigator.closeForm();
                            }
                        })));
        navigator.open(form);
        form.begin();
    }

    void newCamp() {
        files.others().begin();
    }

    void saveCopy() {
        files.toSave(app.camp().card().name()).ifPresent(path -> {
            app.saveCopy(path);
            navigator.closeForm();
        });
    }

    private CampFileForm.Deeds deeds() {
        return new CampFileForm.Deeds() {
            @Override
            public void open() {
                openCamp();
            }

            @Override
            public void create() {
                newCamp();
            }

            @Override
            public void saveCopy() {
                Forms.this.saveCopy();
            }

            @Override
            public void putBack(Copy copy) {
                files.others().putBack(copy, app.path());
            }

            @Override
            public void openBeside(Copy copy) {
                Copies.usual()
                        .layBeside(copy, app.path())
                        .ifPresentOrElse(files.others()::open, () -> app.warn(Texts.of("copies.cannot")));
            }
        };
    }
}
