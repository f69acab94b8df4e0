package org.hyphantes.desktop.card;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.desktop.desk.Unhurried;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Strand;

/** What can be proven of the weave: that it alternates, its determinant, the turns it keeps, and the strand it takes. */
public final class ProofCard extends VBox {
    /** Beyond this the determinant has too many digits to read. */
    private static final int MOST_CROSSINGS = 160;

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
        Unhurried unhurried = new Unhurried(this::refresh);
        desk.resolvedProperty().addListener(o -> unhurried.wish());
    }

    private void refresh() {
        Resolved resolved = desk.resolved();
        List<Laying> weaves = resolved.finished().work().weaves();
        if (weaves.isEmpty()) {
            words.setText("Nothing is woven, so there is nothing to prove.");
            return;
        }
        List<String> lines = new ArrayList<>();
        boolean alternates = weaves.stream().allMatch(l -> l.weave().alternates());
        lines.add(alternates ? "Alternates along every strand." : "Does not alternate throughout.");
        weaves.get(0)
                .weave()
                .symmetry()
                .turning()
                .filter(t -> t.count() > 1)
                .ifPresent(t ->
                        lines.add("Laid on itself by " + t.count() + " turns of " + Numerals.degrees(t.step()) + "."));
        int crossings =
                weaves.stream().mapToInt(l -> l.weave().crossings().size()).sum();
        if (crossings <= MOST_CROSSINGS) {
            Optional<BigInteger> determinant = Report.determinant(resolved.finished());
            determinant.ifPresent(d -> lines.add("Determinant " + d + "."));
        }
        double length = 0;
        for (Laying laying : weaves) {
            for (Strand strand : laying.weave().strands()) {
                length += strand.path().map(laying.placed()).length();
            }
        }
        lines.add("Strand in all: " + Numerals.length(length, desk.design().unit()) + ".");
        words.setText(String.join("\n", lines));
    }
}
