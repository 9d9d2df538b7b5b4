package onebeat.formats.plan;

import java.io.IOException;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import onebeat.core.camp.Camp;
import onebeat.core.holding.Partner;
import onebeat.core.plan.HeldElsewhere;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/// The plan of another camp of the gym, as [PlanJson] writes it: who holds there, and when. Partners are known by
/// their names.
///
/// @param camp the name of the other camp
/// @param held rounds of those who are partners here too, and touches at the head of the athlete where they hold
///     there
/// @param unknown names of those who hold there and are no partners here
public record OtherPlan(String camp, List<HeldElsewhere> held, List<String> unknown) {

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    public OtherPlan {
        held = List.copyOf(held);
        unknown = List.copyOf(unknown);
    }

    /// Reads one.
    ///
    /// @param here the camp whose partners are looked for in it
    /// @throws IOException with a sentence if it is no such plan, or that of this camp
    public static OtherPlan read(Path file, Camp here) throws IOException {
        JsonNode root;
        try {
            root = MAPPER.readTree(TextOfFile.read(file));
        } catch (JacksonException e) {
            throw new IOException("This is no plan of a camp: it is not JSON.", e);
        }
        String name = root.path("camp").asString("").strip();
        if (name.isEmpty() || !root.path("sessions").isArray()) {
            throw new IOException(
                    "This is no plan of a camp: it has no \"camp\" and \"sessions\". Write it there with \"Write the"
                            + " weeks\" or with plan --json.");
        }
        if (name.equals(here.card().name())) {
            throw new IOException("This is the plan of this very camp, " + name + ".");
        }
        return of(root, name, here);
    }

    private static OtherPlan of(JsonNode root, String name, Camp here) throws IOException {
        Map<String, String> ids = new HashMap<>();
        for (Partner partner : here.partners().all()) {
            ids.put(known(partner.name()), partner.id());
        }
        List<HeldElsewhere> held = new ArrayList<>();
        Set<String> unknown = new LinkedHashSet<>();
        for (JsonNode session : root.path("sessions")) {
            LocalDate date;
            try {
                date = LocalDate.parse(session.path("date").asString(""));
            } catch (DateTimeException e) {
                throw new IOException(
                        "A session has no day: \"" + session.path("date").asString("") + "\".", e);
            }
            for (JsonNode round : session.path("rounds")) {
                String partner = round.path("partner").asString("").strip();
                String id = ids.get(known(partner));
                if (known(partner).equals(known(here.card().athlete().name()))) {
                    // The athlete of this camp holds there: what touches their head there counts here.
                    int touches = round.path("holderHead").asInt(0);
                    if (touches > 0) {
                        held.add(new HeldElsewhere(date, HeldElsewhere.ATHLETE, name, touches));
                    }
                } else if (id != null) {
                    held.add(new HeldElsewhere(date, id, name, 1));
                } else if (!partner.isEmpty()) {
                    unknown.add(partner);
                }
            }
        }
        return new OtherPlan(name, held, List.copyOf(unknown));
    }

    private static String known(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }
}
