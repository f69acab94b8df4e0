package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.weave.StrandKey;

/** One copy of a figure whose lines are filled, or of an area that was combined: a ring, a word, a leaf. */
public record Infilled(List<Laid> lines) {
    public Infilled {
        lines = List.copyOf(lines);
    }

    /** All of them among lines, by the keys of their figures with their copies, in order. */
    public static Map<StrandKey, Infilled> of(List<Laid> all) {
        Map<StrandKey, List<Laid>> lines = new LinkedHashMap<>();
        for (Laid line : all) {
            if (line.filled().isPresent()) {
                lines.computeIfAbsent(key(line), k -> new ArrayList<>()).add(line);
            }
        }
        Map<StrandKey, Infilled> areas = new LinkedHashMap<>();
        lines.forEach((key, of) -> areas.put(key, new Infilled(of)));
        return areas;
    }

    /** The key of all lines of one copy or image of a figure, or of an area that was combined of several. */
    public static StrandKey key(Laid line) {
        return line.area().orElse(line.key());
    }

    public Laid first() {
        return lines.get(0);
    }

    /**
     * The area.
     *
     * @throws IllegalStateException if its lines cannot be subdivided
     */
    public List<Region> regions() {
        List<Path> round = lines.stream().map(l -> closed(l.path())).toList();
        return Booleans.enclosed(round, first().filled().orElseThrow());
    }

    private static Path closed(Path path) {
        if (path.closed()) {
            return path;
        }
        List<Curve> curves = new ArrayList<>(path.curves());
        if (!path.end().equals(path.start())) {
            curves.add(new Line(path.end(), path.start()));
        }
        return new Path(curves, true);
    }
}
