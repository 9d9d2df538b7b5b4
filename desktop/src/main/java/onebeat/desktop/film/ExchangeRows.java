package onebeat.desktop.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import onebeat.core.film.Exchange;
import onebeat.core.play.Who;
import onebeat.desktop.nodes.Nodes;
import onebeat.desktop.text.Texts;

/// The exchanges round the one at hand.
final class ExchangeRows extends VBox {

    private static final int ROWS = 4;

    private final DoubleConsumer seek;

    /// @param seek is told the time of an exchange that was pressed
    ExchangeRows(DoubleConsumer seek) {
        super(6);
        this.seek = seek;
        setMinHeight(Region.USE_PREF_SIZE);
    }

    /// What is shown.
    ///
    /// @param chosen the exchange at hand
    /// @param asks the exchange whose outcome is asked for
    record Shown(List<Exchange> all, Optional<String> chosen, Optional<String> asks, String athlete, String studied) {}

    void show(Shown shown) {
        List<Node> nodes = new ArrayList<>();
        int here = shown.chosen
                .map(id -> shown.all.stream().map(Exchange::id).toList().indexOf(id))
                .orElse(0);
        int from = Math.clamp(here - 1, 0, Math.max(0, shown.all.size() - ROWS));
        for (Exchange exchange : shown.all.subList(from, Math.min(shown.all.size(), from + ROWS))) {
            nodes.add(row(exchange, shown));
        }
        if (nodes.isEmpty()) {
            nodes.add(Nodes.flow(Nodes.text(Texts.of("film.rows.empty"), "soft")));
        }
        getChildren().setAll(nodes);
    }

    private Node row(Exchange exchange, Shown shown) {
        boolean asks = shown.asks.equals(Optional.of(exchange.id()));
        Text when = Nodes.text(Texts.filmTime(exchange.timeS()), "soft");
        when.setWrappingWidth(66);
        Text outcome = asks
                ? Nodes.text(Texts.of("film.outcome.ask"), "caution", "of-athlete")
                : Nodes.text(Texts.of("outcome." + exchange.outcome().word()), "soft");
        boolean athletes = exchange.starter() == Who.ATHLETE;
        Text starter =
                Nodes.text(athletes ? shown.athlete : shown.studied, "small", athletes ? "of-athlete" : "of-partner");
        starter.setWrappingWidth(58);
        Text line = Nodes.text(exchange.line(), "mono-strong");
        HBox row = asks
                ? new HBox(10, line, Nodes.spring(), outcome)
                : new HBox(10, when, starter, line, Nodes.spring(), outcome);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().setAll("row", "paper-row");
        row.pseudoClassStateChanged(Nodes.CHOSEN, shown.chosen.equals(Optional.of(exchange.id())));
        row.setOnMouseClicked(_ -> seek.accept(exchange.timeS()));
        return row;
    }
}
