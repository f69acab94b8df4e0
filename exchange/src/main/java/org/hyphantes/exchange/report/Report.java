package org.hyphantes.exchange.report;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.AtomicFile;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Reading;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Chequerboard;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Grounds;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** A design in figures, as JSON for programs or as lines for people. Lengths are millimetres. */
public final class Report {
    private static final JsonMapper MAPPER = new JsonMapper();

    private final Design design;
    private final Artwork artwork;
    private final Inspection inspection;

    public Report(Design design, Artwork artwork) {
        this.design = design;
        this.artwork = artwork;
        this.inspection = Inspection.of(design, artwork);
    }

    public Inspection inspection() {
        return inspection;
    }

    /** The determinant of the one weave that is the whole design; empty when there is no such weave or it has none. */
    public static Optional<BigInteger> determinant(Artwork artwork) {
        List<Laying> weaves = artwork.work().weaves();
        return weaves.size() == 1 && artwork.work().lines().isEmpty()
                ? Chequerboard.determinant(weaves.get(0).weave())
                : Optional.empty();
    }

    public String json() {
        ObjectNode tree = MAPPER.createObjectNode();
        ArrayNode strands = tree.putArray("strands");
        ArrayNode crossings = tree.putArray("crossings");
        int letters = 0;
        for (Laying laying : artwork.work().weaves()) {
            Weave weave = laying.weave();
            for (int s = 0; s < weave.strands().size(); s++) {
                Path path = weave.strands().get(s).path().map(laying.placed());
                ArrayNode passes = strand(strands, Strand.letter(letters + s), path);
                weave.passes(s).forEach(over -> passes.add(over ? "over" : "under"));
            }
            for (Crossing crossing : weave.crossings()) {
                Point place = laying.placed().of(crossing.place());
                ObjectNode node = crossings.addObject();
                node.put("x", rounded(place.x()));
                node.put("y", rounded(place.y()));
                node.put("over", Strand.letter(letters + crossing.over()));
                node.put("under", Strand.letter(letters + crossing.under()));
            }
            letters += weave.strands().size();
        }
        for (Laid laid : artwork.work().lines()) {
            strand(strands, Strand.letter(letters++), laid.path());
        }
        ArrayNode grounds = tree.putArray("grounds");
        grounds().forEach(g -> grounds.add(rounded(g)));
        tree.put("determinant", determinant(artwork).map(BigInteger::toString).orElse(null));
        ObjectNode gauges = tree.putObject("gauges");
        for (Reading reading : inspection.readings()) {
            ObjectNode node = gauges.putObject(reading.gauge().word());
            node.put("state", reading.state().word());
            node.put("text", reading.text());
        }
        ArrayNode snags = tree.putArray("snags");
        for (Snag snag : inspection.snags()) {
            ObjectNode node = snags.addObject();
            node.put("gauge", snag.gauge().word());
            node.put("state", snag.state().word());
            node.put("text", snag.words());
            snag.place().ifPresent(p -> node.put("x", rounded(p.x())).put("y", rounded(p.y())));
        }
        try {
            return MAPPER.writeValueAsString(tree);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain values can always be written", e);
        }
    }

    /** The areas (mm\u00b2) of all enclosed grounds, the largest first; none where the bands cannot be united. */
    public List<Double> grounds() {
        List<Double> areas = new ArrayList<>();
        for (Laying laying : artwork.work().weaves()) {
            double scale = Math.abs(laying.placed().determinant());
            try {
                Grounds.of(laying.weave()).forEach(g -> areas.add(g.area() * scale));
            } catch (IllegalStateException | IllegalArgumentException e) {
                return List.of();
            }
        }
        areas.sort(Comparator.reverseOrder());
        return areas;
    }

    /**
     * Strands and grounds as comma-separated values with CRLF line ends and a head line (RFC 4180): for each its kind, name, whether it
     * is closed, its length in mm, its crossings, those over, and its area in mm\u00b2.
     */
    public String csv() {
        StringBuilder csv = new StringBuilder("kind,name,closed,length mm,crossings,over,area mm2\r\n");
        int letters = 0;
        for (Laying laying : artwork.work().weaves()) {
            Weave weave = laying.weave();
            for (int s = 0; s < weave.strands().size(); s++) {
                Path path = weave.strands().get(s).path().map(laying.placed());
                long over = weave.passes(s).stream().filter(p -> p).count();
                csv.append(row(Strand.letter(letters++), path, weave.passes(s).size(), over));
            }
        }
        for (Laid laid : artwork.work().lines()) {
            csv.append(row(Strand.letter(letters++), laid.path(), 0, 0));
        }
        List<Double> grounds = grounds();
        for (int i = 0; i < grounds.size(); i++) {
            csv.append("ground,")
                    .append(i + 1)
                    .append(",,,,,")
                    .append(rounded(grounds.get(i)))
                    .append("\r\n");
        }
        return csv.toString();
    }

    private static String row(String name, Path path, int crossings, long over) {
        return "strand," + name + "," + (path.closed() ? "closed" : "open") + "," + rounded(path.length()) + ","
                + crossings + "," + over + ",\r\n";
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

    private static ArrayNode strand(ArrayNode strands, String name, Path path) {
        ObjectNode node = strands.addObject();
        node.put("name", name);
        node.put("closed", path.closed());
        node.put("length", rounded(path.length()));
        return node.putArray("passes");
    }

    private static double rounded(double value) {
        return Math.rint(value * 1e6) / 1e6 + 0.0;
    }

    public String lines() {
        StringBuilder lines = new StringBuilder(design.name()).append('\n');
        for (Reading reading : inspection.readings()) {
            lines.append(reading.gauge().title())
                    .append(": ")
                    .append(reading.text())
                    .append(" (")
                    .append(reading.state().word())
                    .append(")\n");
        }
        determinant(artwork)
                .ifPresent(d -> lines.append("Determinant: ").append(d).append('\n'));
        double rope = 0;
        int letters = 0;
        for (Laying laying : artwork.work().weaves()) {
            for (int s = 0; s < laying.weave().strands().size(); s++) {
                Path path = laying.weave().strands().get(s).path().map(laying.placed());
                List<Boolean> passes = laying.weave().passes(s);
                rope += path.length();
                lines.append("Strand ")
                        .append(Strand.letter(letters++))
                        .append(path.closed() ? ": closed, " : ": open, ")
                        .append(Numerals.length(Math.rint(path.length() * 100) / 100, design.unit()))
                        .append(", ")
                        .append(passes.size())
                        .append(passes.size() == 1 ? " crossing, " : " crossings, ")
                        .append(passes.stream().filter(p -> p).count())
                        .append(" over\n");
            }
        }
        List<Double> grounds = grounds();
        if (!grounds.isEmpty()) {
            double all = grounds.stream().mapToDouble(Double::doubleValue).sum();
            lines.append("Grounds: ")
                    .append(grounds.size())
                    .append(", the largest ")
                    .append(Numerals.shown(grounds.get(0), 1))
                    .append(" mm\u00b2, the smallest ")
                    .append(Numerals.shown(grounds.get(grounds.size() - 1), 1))
                    .append(" mm\u00b2, ")
                    .append(Numerals.shown(all, 1))
                    .append(" mm\u00b2 in all\n");
        }
        if (rope > 0) {
            lines.append("Strand in all: ")
                    .append(Numerals.length(rope, design.unit()))
                    .append('\n');
        }
        for (Snag snag : inspection.snags()) {
            lines.append("Snag: ").append(snag.words());
            snag.place().ifPresent(p -> lines.append(" At x ")
                    .append(Numerals.shown(p.x(), 2))
                    .append(", y ")
                    .append(Numerals.shown(p.y(), 2))
                    .append("."));
            lines.append('\n');
        }
        return lines.toString();
    }
}
