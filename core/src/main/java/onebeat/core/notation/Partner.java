package onebeat.core.notation;

import java.util.List;

/// `( … )`: what the partner does, in order.
public record Partner(List<PartnerItem> items, Span span) implements Call {

    public Partner {
        items = List.copyOf(items);
    }
}
