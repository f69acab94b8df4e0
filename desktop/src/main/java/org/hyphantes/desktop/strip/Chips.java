package org.hyphantes.desktop.strip;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import org.hyphantes.design.Member;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;

/** The figures and groups in hand, each as a chip. */
final class Chips extends HBox {
    private final Desk desk;
    private Consumer<Node> chosen = chip -> {};

    /** The chip of each member, kept while it is there. */
    private final Map<String, Chip> chips = new HashMap<>();

    Chips(Bench bench) {
        super(5);
        this.desk = bench.desk();
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.historyProperty().addListener(o -> unhurried.wish());
        desk.resolvedProperty().addListener(o -> unhurried.wish());
        desk.viewProperty().addListener((o, was, now) -> {
            if (!was.subject().equals(now.subject())
                    || !was.chosen().equals(now.chosen())
                    || !was.group().equals(now.group())
                    || was.dark() != now.dark()) {
                refresh();
            }
        });
    }

    private void refresh() {
        List<Member> members = desk.root().members();
        chips.keySet().retainAll(members.stream().map(Member::id).toList());
        members.forEach(
                m -> chips.computeIfAbsent(m.id(), id -> new Chip(desk, m)).show(m));
        List<Chip> shown = members.stream().map(m -> chips.get(m.id())).toList();
        if (!getChildren().equals(shown)) {
            getChildren().setAll(shown);
        }
        if (desk.view().chosen().size() == 1) {
            shown.stream()
                    .filter(c -> c.getStyleClass().contains(Chip.CHOSEN))
                    .findFirst()
                    .ifPresent(c -> Platform.runLater(() -> chosen.accept(c)));
        }
    }

    /** Is told of the chip of what has just been selected alone. */
    void onChosen(Consumer<Node> act) {
        chosen = act;
    }
}
