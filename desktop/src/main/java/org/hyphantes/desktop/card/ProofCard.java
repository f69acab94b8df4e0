package org.hyphantes.desktop.card;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.setting.Numerals;

/** What can be proven of the weave: that it alternates, the turns it keeps, and the strand it takes. */
public final class ProofCard extends VBox {
    private final Desk desk;
    private final Label words = new Label();

    public ProofCard(Desk desk) {
        super(4);
        this.desk = desk;
        setId("proof-card");
        getStyleClass().add("card");
        Label title = new Label("Proof");
        title.getStyleClass().add("title");
        words.getStyleClass().add("second");
        words.setWrapText(true);
        getChildren().addAll(title, words);
        Unhurried unhurried = Unhurried.picture(this::refresh);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
    }

    private void refresh() {
        Inventory inventory = desk.resolved().inventory();
        if (inventory.woven().isEmpty()) {
            words.setText("Nothing is woven, so there is nothing to prove.");
            return;
        }
        List<String> lines = new ArrayList<>();
        lines.add(inventory.alternates() ? "Alternates along every strand." : "Does not alternate throughout.");
        inventory
                .turning()
                .ifPresent(t ->
                        lines.add("Laid on itself by " + t.count() + " turns of " + Numerals.degrees(t.step()) + "."));
        inventory.underGroup().ifPresent(u -> lines.add(u.words()));
        lines.add("Strand in all: "
                + Numerals.length(inventory.strandInAll(), desk.design().unit()) + ".");
        words.setText(String.join("\n", lines));
    }
}
