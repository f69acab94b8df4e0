package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Inside;
import org.hyphantes.paint.Fill;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.Given;
import org.hyphantes.piece.Joint;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.StrandKey;

/**
 * Confines all that was made to what closed lines of a figure enclose: everything outside is cut away exactly. Lines stay lines; of bands, weaves
 * and pieces what is left are pieces.
 */
public record Within(String boundary, CutEdge edge) implements Treatment {
    public static final Within STARTING = new Within(Turn.NOTHING, CutEdge.LINED);

    private static final Schema<Within> SCHEMA = new Schema<>(
                    Within.class,
                    "within",
                    "Keep what lies within {boundary}, the cut edge {edge}.",
                    List.of(
                            Setting.of(Within.class, "boundary", new Kind.Figure(Turn.NOTHING)),
                            Setting.of(Within.class, "edge")))
            .because("A pattern that fills a box, a disc or letters is drawn larger and cut to it, and stays live.");

    @Override
    public Schema<Within> schema() {
        return SCHEMA;
    }

    /** After all that makes bands and weaves, so that those are cut as well. */
    @Override
    public Phase phase() {
        return Phase.PIECES;
    }

    public static Within of(String figure) {
        return new Within(figure, CutEdge.LINED);
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Laid> boundaries = boundaries(work);
        if (boundaries.isEmpty()) {
            return work;
        }
        List<Region> within =
                Booleans.enclosed(boundaries.stream().map(Laid::path).toList(), FillRule.EVEN_ODD);
        List<Laid> others = work.lines().stream().filter(l -> !isBoundary(l)).toList();
        Work cut = cut(new Work(others, work.weaves(), work.mosaics(), work.symmetry()), within, surroundings);
        List<Laid> lines = new ArrayList<>(edge == CutEdge.LINED ? boundaries : List.of());
        lines.addAll(cut.lines());
        return new Work(lines, List.of(), cut.mosaics(), work.symmetry());
    }

    /** What of a work lies within areas: lines, and of bands, weaves and pieces the pieces. */
    static Work cut(Work work, List<Region> within, Surroundings surroundings) {
        List<Laid> lines = new ArrayList<>();
        Cut cut = new Cut(within, new ArrayList<>(), new ArrayList<>());
        for (Infilled area : Infilled.of(work.lines()).values()) {
            area.regions()
                    .forEach(r -> cut.take(area.first().key(), area.first().colour(), "area", r));
        }
        for (Laid line : work.lines()) {
            surroundings.watch().step();
            if (line.band().isPresent()) {
                for (Region band : line.band().get().along(line.path())) {
                    cut.take(line.key(), line.colour(), "band", band);
                }
            } else if (!line.isArea()) {
                lines.addAll(inside(line, within));
            }
        }
        woven(work, cut, surroundings);
        inlaid(work, cut);
        List<Inlay> mosaics = new ArrayList<>();
        if (!cut.given().isEmpty()) {
            Division division = Division.of(List.of(), List.of(), cut.given(), Point.ORIGIN);
            Mosaic mosaic = Mosaic.of(division, List.of(), Joint.NONE);
            List<Optional<Fill>> colours = new ArrayList<>();
            mosaic.pieces()
                    .forEach(p -> colours.add(
                            cut.colours().get(division.given(p.cells().get(0)).orElseThrow())));
            mosaics.add(new Inlay(
                    mosaic, surroundings.group(), surroundings.step(), Affine.IDENTITY, colours, work.woven()));
        }
        return new Work(lines, List.of(), mosaics, work.symmetry());
    }

    /** The closed lines of the figure, woven or not, without the bands that would reach beyond them. */
    private List<Laid> boundaries(Work work) {
        List<Laid> boundaries = new ArrayList<>();
        work.lines().stream()
                .filter(this::isBoundary)
                .forEach(l -> boundaries.add(new Laid(l.key(), l.path(), l.seat(), l.colour())));
        for (Laying laying : work.weaves()) {
            laying.weave().strands().stream()
                    .filter(s -> s.key().figure().equals(boundary) && s.path().closed())
                    .forEach(s -> boundaries.add(new Laid(
                            s.key(),
                            s.path().map(laying.placed()),
                            laying.placed().of(Point.ORIGIN),
                            Optional.empty())));
        }
        return boundaries;
    }

    private boolean isBoundary(Laid line) {
        return line.key().figure().equals(boundary) && line.path().closed();
    }

    private static void woven(Work work, Cut cut, Surroundings surroundings) {
        for (Laying laying : work.weaves()) {
            for (Course course : laying.weave().courses()) {
                surroundings.watch().step();
                cut.take(
                        laying.weave().strands().get(course.strand()).key(),
                        laying.colours().get(course.strand()),
                        "course " + course.ordinal(),
                        course.region().map(laying.placed()));
            }
        }
    }

    private static void inlaid(Work work, Cut cut) {
        for (Inlay inlay : work.mosaics()) {
            for (int i = 0; i < inlay.mosaic().pieces().size(); i++) {
                Tessera piece = inlay.mosaic().pieces().get(i);
                StrandKey key = new StrandKey("", List.of(piece.number()));
                Optional<Fill> colour = inlay.colours().get(i);
                piece.shapes().forEach(r -> cut.take(key, colour, "piece", r.map(inlay.placed())));
            }
        }
    }

    private static List<Laid> inside(Laid line, List<Region> within) {
        List<Path> kept = Inside.of(line.path(), within);
        if (kept.size() == 1 && kept.get(0).equals(line.path())) {
            return List.of(line);
        }
        List<Laid> lines = new ArrayList<>();
        for (int i = 0; i < kept.size(); i++) {
            lines.add(line.along(kept.get(i), line.key().part(i)));
        }
        return lines;
    }

    /** What is left of areas, and their colours. */
    private record Cut(List<Region> within, List<Given> given, List<Optional<Fill>> colours) {
        void take(StrandKey key, Optional<Fill> colour, String role, Region region) {
            for (Region limit : within) {
                if (!limit.outline().box().meets(region.outline().box())) {
                    continue;
                }
                for (Region left : Booleans.common(List.of(limit, region))) {
                    given.add(new Given(key, role + " part " + given.size(), left));
                    colours.add(colour);
                }
            }
        }
    }

    @Override
    public String brief(Work done, Unit unit) {
        int pieces =
                done.mosaics().stream().mapToInt(m -> m.mosaic().kept().size()).sum();
        return pieces > 0
                ? Numerals.counted(pieces, "piece")
                : Numerals.counted(done.lines().size(), "line");
    }
}
