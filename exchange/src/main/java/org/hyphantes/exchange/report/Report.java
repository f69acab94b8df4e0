package org.hyphantes.exchange.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.gauge.GaugeReading;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Watch;
import org.hyphantes.inventory.CrossingRow;
import org.hyphantes.inventory.GroundRows;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.inventory.PieceRow;
import org.hyphantes.inventory.StrandRow;
import org.hyphantes.setting.Numerals;
import org.hyphantes.weave.Chequerboard;

/** A design in figures, as JSON for programs or as lines for people. Lengths are millimetres. */
public final class Report {
    private static final JsonMapper MAPPER = new JsonMapper();

    private final Design design;
    private final Inventory inventory;
    private final Inspection inspection;
    private final GroundRows grounds;
    private final List<PieceRow> pieces;

    public Report(Design design, Artwork artwork) {
        this(design, artwork, Watch.NONE);
    }

    /** @param watch may break off what takes long: the gauges, and the grounds */
    public Report(Design design, Artwork artwork, Watch watch) {
        this.design = design;
        this.inventory = Inventory.of(artwork);
        this.inspection = Inspection.of(design, artwork, watch, true);
        this.grounds = inventory.grounds(watch);
        this.pieces = inventory.pieces();
    }

    public Inspection inspection() {
        return inspection;
    }

    public String json() {
        ObjectNode tree = MAPPER.createObjectNode();
        ArrayNode strands = tree.putArray("strands");
        for (StrandRow strand : inventory.strands()) {
            ObjectNode node = strands.addObject();
            node.put("name", strand.name());
            node.put("closed", strand.path().closed());
            strand.onward().ifPresent(steps -> {
                ArrayNode tiles = node.putArray("onward");
                tiles.add(steps.across());
                tiles.add(steps.down());
            });
            node.put("length", rounded(strand.path().length()));
            ArrayNode passes = node.putArray("passes");
            strand.passes().forEach(over -> passes.add(over ? "over" : "under"));
        }
        ArrayNode crossings = tree.putArray("crossings");
        for (CrossingRow crossing : inventory.crossings()) {
            ObjectNode node = crossings.addObject();
            node.put("x", rounded(crossing.place().x()));
            node.put("y", rounded(crossing.place().y()));
            node.put("over", crossing.over());
            node.put("under", crossing.under());
        }
        ArrayNode areas = tree.putArray("grounds");
        grounds.areas().forEach(g -> areas.add(rounded(g)));
        if (grounds.untold() > 0) {
            tree.put("groundsUntold", grounds.untold());
        }
        pieces(tree);
        tree.put(
                "determinant", inventory.determinant().map(BigInteger::toString).orElse(null));
        gauges(tree);
        try {
            return MAPPER.writeValueAsString(tree);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain values can always be written", e);
        }
    }

    private void pieces(ObjectNode tree) {
        ArrayNode rows = tree.putArray("pieces");
        for (PieceRow piece : pieces) {
            ObjectNode node = rows.addObject();
            node.put("number", piece.number());
            node.put("ring", piece.ring());
            node.put("state", piece.state());
            node.put("area", rounded(piece.area()));
            ArrayNode beside = node.putArray("neighbours");
            piece.neighbours()
                    .forEach(n -> beside.addObject().put("piece", n.piece()).put("shared", rounded(n.shared())));
            node.put("name", piece.name());
        }
    }

    private void gauges(ObjectNode tree) {
        ObjectNode gauges = tree.putObject("gauges");
        for (GaugeReading reading : inspection.readings()) {
            ObjectNode node = gauges.putObject(reading.gauge().word());
            node.put("state", reading.state().word());
            node.put("text", reading.text());
        }
        ArrayNode snags = tree.putArray("snags");
        for (Snag snag : inspection.snags()) {
            ObjectNode node = snags.addObject();
            node.put("gauge", snag.gauge());
            node.put("state", snag.state().word());
            node.put("text", snag.words());
            snag.place().ifPresent(p -> node.put("x", rounded(p.x())).put("y", rounded(p.y())));
        }
    }

    /**
     * Strands, grounds and pieces as comma-separated values with CRLF line ends and a head line (RFC 4180): for each its kind, name, whether it
     * is closed (of a piece whether it is kept, dropped, loose or gone), its length in mm, its crossings, those over, and its area in mm\u00b2;
     * of a piece also its ring, the pieces beside it with the length in mm of what they share, and what bounds it.
     */
    public String csv() {
        StringBuilder csv =
                new StringBuilder("kind,name,closed,length mm,crossings,over,area mm2,ring,beside,bounded by\r\n");
        for (StrandRow strand : inventory.strands()) {
            csv.append(String.join(
                            ",",
                            "strand",
                            strand.name(),
                            strand.way(),
                            String.valueOf(rounded(strand.path().length())),
                            String.valueOf(strand.passes().size()),
                            String.valueOf(strand.over())))
                    .append(",,,,\r\n");
        }
        for (int i = 0; i < grounds.areas().size(); i++) {
            csv.append("ground,")
                    .append(i + 1)
                    .append(",,,,,")
                    .append(rounded(grounds.areas().get(i)))
                    .append(",,,\r\n");
        }
        for (PieceRow piece : pieces) {
            csv.append("piece,")
                    .append(piece.number())
                    .append(',')
                    .append(piece.state())
                    .append(",,,,")
                    .append(rounded(piece.area()))
                    .append(',')
                    .append(piece.ring())
                    .append(',')
                    .append(String.join(
                            " ",
                            piece.neighbours().stream()
                                    .map(n -> n.piece() + ":" + rounded(n.shared()))
                                    .toList()))
                    .append(",")
                    .append(quoted(piece.name()))
                    .append("\r\n");
        }
        return csv.toString();
    }

    /** A text from a design as one value, which no table takes for a formula: ids in a stranger's file may begin like one. */
    private static String quoted(String text) {
        boolean formula = !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0;
        return '"' + (formula ? "'" : "") + text.replace("\"", "\"\"") + '"';
    }

    /**
     * Writes the report into a file: JSON or CSV by its ending, else text.
     *
     * @throws IOException if it could not be written; an older file of the name is then unharmed
     */
    public void save(java.nio.file.Path file) throws IOException {
        String name = file.toString().toLowerCase(Locale.ROOT);
        AtomicFile.write(file, name.endsWith(".json") ? json() + "\n" : name.endsWith(".csv") ? csv() : lines());
    }

    private void pieces(List<String> lines) {
        if (pieces.isEmpty()) {
            return;
        }
        lines.add("Pieces: " + pieces.size() + ", " + count("kept") + " kept, " + count("dropped") + " dropped"
                + (count("gone") > 0 ? ", " + count("gone") + " gone" : "")
                + (count("loose") > 0 ? ", " + count("loose") + " loose, with only dropped ones round them" : ""));
        for (PieceRow piece : pieces) {
            lines.add("Piece " + piece.number() + ": ring " + piece.ring() + ", " + piece.state() + ", "
                    + Numerals.shown(piece.area(), 1) + " mm\u00b2, beside "
                    + (piece.neighbours().isEmpty()
                            ? "none"
                            : String.join(
                                    " ",
                                    piece.neighbours().stream()
                                            .map(n -> n.piece() + " (" + Numerals.shown(n.shared(), 1) + " mm)")
                                            .toList()))
                    + "; bounded by " + piece.name());
        }
    }

    private long count(String state) {
        return pieces.stream().filter(p -> p.state().equals(state)).count();
    }

    private static double rounded(double value) {
        return Math.rint(value * 1e6) / 1e6 + 0.0;
    }

    /** How a strand goes on; over a cloth by how many tiles. */
    private static String way(StrandRow strand) {
        return strand.way()
                + strand.onward()
                        .map(steps -> " by " + steps.across() + (steps.across() == 1 ? " tile" : " tiles")
                                + " across and " + steps.down() + " down")
                        .orElse("");
    }

    public String lines() {
        List<String> lines = new ArrayList<>();
        lines.add(design.name());
        if (inventory.isOfATile()) {
            lines.add("All numbers are of one tile.");
        }
        for (GaugeReading reading : inspection.readings()) {
            lines.add(reading.gauge().title() + ": " + reading.text() + " ("
                    + reading.state().word() + ")");
        }
        inventory.underGroup().ifPresent(u -> lines.add(u.words()));
        inventory.determinant().ifPresent(d -> lines.add("Determinant: " + d));
        if (inventory.crossings().size() > Chequerboard.MOST_CROSSINGS) {
            lines.add("Determinant: not worked out for more than " + Chequerboard.MOST_CROSSINGS + " crossings");
        }
        for (StrandRow strand : inventory.woven()) {
            lines.add("Strand " + strand.name() + ": " + way(strand) + ", "
                    + Numerals.length(Math.rint(strand.path().length() * 100) / 100, design.unit()) + ", "
                    + strand.passes().size() + (strand.passes().size() == 1 ? " crossing, " : " crossings, ")
                    + strand.over() + " over");
        }
        List<Double> areas = grounds.areas();
        if (!areas.isEmpty()) {
            lines.add("Grounds: " + areas.size() + ", the largest " + Numerals.shown(areas.get(0), 1)
                    + " mm\u00b2, the smallest " + Numerals.shown(areas.get(areas.size() - 1), 1) + " mm\u00b2, "
                    + Numerals.shown(grounds.inAll(), 1) + " mm\u00b2 in all");
        }
        if (grounds.untold() > 0) {
            lines.add("Grounds not told: those of " + grounds.untold() + (grounds.untold() == 1 ? " weave" : " weaves")
                    + ", whose bands cannot be united.");
        }
        pieces(lines);
        if (inventory.strandInAll() > 0) {
            lines.add("Strand in all: " + Numerals.length(inventory.strandInAll(), design.unit()));
        }
        for (Snag snag : inspection.snags()) {
            String place = snag.place()
                    .map(p -> " At x " + Numerals.shown(p.x(), 2) + ", y " + Numerals.shown(p.y(), 2) + ".")
                    .orElse("");
            lines.add("Snag: " + snag.words() + place);
        }
        return String.join("\n", lines) + "\n";
    }
}
