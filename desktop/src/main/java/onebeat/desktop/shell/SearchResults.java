package onebeat.desktop.shell;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import onebeat.core.camp.Camp;
import onebeat.core.camp.Drill;
import onebeat.core.exchange.Catalogue;
import onebeat.core.exchange.Technique;
import onebeat.core.holding.Partner;
import onebeat.desktop.command.BoundCommand;
import onebeat.desktop.command.CommandWords;
import onebeat.desktop.command.KeyPress;
import onebeat.desktop.command.OwnKeys;

/// What is found for words behind `?`: commands, lines, partners, techniques.
final class SearchResults {

    private static final int MOST = 9;

    private SearchResults() {}

    /// What a result leads to.
    sealed interface Leads {

        /// A command is done.
        record Does(BoundCommand command) implements Leads {}

        /// A line is laid on the bench.
        record ToBench(Drill drill) implements Leads {}

        /// A partner becomes tonight's.
        record ToPartner(Partner partner) implements Leads {}

        /// A technique's shorthand is written into the call line.
        record ToLine(String code) implements Leads {}
    }

    /// One thing that was found.
    ///
    /// @param kind what it is, in a word
    /// @param words what it is called
    /// @param aside its key or shorthand; may be empty
    record Result(String kind, String words, String aside, Leads leads) {}

    /// The results for what stands behind the question mark, the likeliest first.
    static List<Result> of(String asked, List<BoundCommand> commands, Camp camp, OwnKeys own) {
        List<String> wanted = List.of(asked.strip().toLowerCase(Locale.ROOT).split("\\s+", -1));
        List<Result> all = new ArrayList<>();
        commands(commands, own, wanted, all);
        for (Drill drill : camp.drills().all()) {
            if (has(drill.name() + " " + drill.line(), wanted)) {
                all.add(result("line", drill.name(), drill.line(), new Leads.ToBench(drill)));
            }
        }
        for (Partner partner : camp.partners().all()) {
            if (has(partner.name(), wanted)) {
                all.add(result("partner", partner.name(), "", new Leads.ToPartner(partner)));
            }
        }
        for (Technique technique : Catalogue.standard().all()) {
            if (!asked.isBlank() && has(technique.name() + " " + technique.code(), wanted)) {
                all.add(result("technique", technique.name(), technique.code(), new Leads.ToLine(technique.code())));
            }
        }
        return all.stream().limit(MOST).toList();
    }

    /// Those that can be done come first; each is listed once, whatever the number of its keys.
    private static void commands(List<BoundCommand> commands, OwnKeys own, List<String> wanted, List<Result> all) {
        Set<String> seen = new HashSet<>();
        for (boolean inName : List.of(true, false)) {
            for (BoundCommand command : commands) {
                String words = inName
                        ? command.command().fullName()
                        : command.command().fullName() + " " + command.command().help();
                if (command.isPossible()
                        && has(words, wanted)
                        && seen.add(command.id() + command.command().which())) {
                    Optional<String> key = own.shown(command.command()).map(KeyPress::words);
                    all.add(result("command", command.command().fullName(), key.orElse(""), new Leads.Does(command)));
                }
            }
        }
    }

    private static Result result(String kind, String words, String aside, Leads leads) {
        return new Result(CommandWords.of("found." + kind), words, aside, leads);
    }

    private static boolean has(String words, List<String> wanted) {
        String low = words.toLowerCase(Locale.ROOT);
        return wanted.stream().allMatch(low::contains);
    }
}
