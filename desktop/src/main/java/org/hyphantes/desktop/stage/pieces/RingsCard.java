package org.hyphantes.desktop.stage.pieces;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.hyphantes.desktop.background.Unhurried;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.stage.ColourwayCard;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Numerals;

/** The wells of the design, and the rings of pieces from the middle outward: how many each has, how many of them are dropped, and how large one is. */
final class RingsCard extends BorderPane {
    private static final int MOST = 500;

    private final PieceChoice choice;
    private final Label count = new Label();
    private final ListView<Integer> rings = new ListView<>();
    private Map<Integer, String> words = Map.of();

    RingsCard(Bench bench) {
        this.choice = new PieceChoice(bench);
        setId("rings-card");
        getStyleClass().add("card");
        Label title = new Label("Rings");
        title.getStyleClass().add("title");
        count.getStyleClass().add("second");
        count.setId("rings-count");
        VBox top = new VBox(6, ColourwayCard.tall(bench.desk(), new PieceWells(bench)), new HBox(16, title, count));
        setTop(top);
        rings.setId("rings");
        rings.setPlaceholder(new Label("none yet"));
        rings.setCellFactory(list -> new ListCell<>() {
            @Override
            protected void updateItem(Integer ring, boolean empty) {
                super.updateItem(ring, empty);
                setText(empty || ring == null ? "" : words.getOrDefault(ring, ""));
            }
        });
        rings.getSelectionModel().selectedItemProperty().addListener((o, was, ring) -> {
            if (ring != null && choice.mosaic().isPresent()) {
                choice.select(choice.ring(ring), false);
            }
        });
        setCenter(rings);
        Unhurried unhurried = new Unhurried(this::refresh);
        bench.desk().resolvedProperty().addListener(o -> unhurried.wish());
        refresh();
    }

    private void refresh() {
        Map<Integer, String> told = choice.mosaic().map(RingsCard::told).orElse(Map.of());
        count.setText(choice.mosaic()
                .map(m -> Numerals.counted(m.kept().size(), "piece"))
                .orElse(""));
        if (!told.equals(words)) {
            words = told;
            rings.getItems().setAll(told.keySet());
        }
    }

    private static Map<Integer, String> told(Mosaic mosaic) {
        Map<Integer, int[]> counts = new TreeMap<>();
        Map<Integer, Double> area = new TreeMap<>();
        for (Tessera piece : mosaic.pieces()) {
            int[] count = counts.computeIfAbsent(piece.ring(), r -> new int[2]);
            count[0]++;
            count[1] += piece.dropped() ? 1 : 0;
            area.putIfAbsent(
                    piece.ring(),
                    piece.whole().stream().mapToDouble(r -> r.area()).sum());
        }
        Map<Integer, String> told = new TreeMap<>();
        for (int ring : List.copyOf(counts.keySet()).subList(0, Math.min(MOST, counts.size()))) {
            int[] count = counts.get(ring);
            told.put(
                    ring,
                    ring + "   " + count[0] + " \u00d7 " + Numerals.shown(area.get(ring), area.get(ring) < 1 ? 3 : 1)
                            + " mm\u00b2"
                            + (count[1] == 0 ? "" : count[1] == count[0] ? ", dropped" : ", " + count[1] + " dropped"));
        }
        return told;
    }
}
