package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.paint.ByHand;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.piece.AreaBounds;
import org.hyphantes.piece.Bounding;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.Given;
import org.hyphantes.piece.Joint;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.PieceAct;
import org.hyphantes.piece.PieceEdit;
import org.hyphantes.piece.PieceName;
import org.hyphantes.piece.Repeating;
import org.hyphantes.piece.Tessera;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kept;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.Turning;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Grounds;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Weave;

/**
 * Divides into pieces all that lines, bands and finished weaves enclose; pieces are joined and dropped by acts that keep to what bounds them,
 * and parted by a joint. Work that meets more often than {@link Projection#MOST_MEETINGS} is left as it is. Of a weave its courses are pieces, and the grounds between its bands.
 */
public record Pieces(
        String figures,
        Amount joint,
        Joint.Outer outer,
        Joint.Shape corners,
        Amount rounding,
        Reach reach,
        List<PieceEdit> edits)
        implements Treatment {
    public static final Pieces STARTING = new Pieces(
            Surroundings.EVERY_FIGURE,
            Amount.of(0),
            Joint.Outer.GIVE_WAY,
            Joint.Shape.SQUARE,
            Amount.of(1),
            Reach.EVERY_TURN,
            List.of());

    private static final Kept<Pieces, PieceEdit> EDITS = new Kept<>(
            "acts",
            Pieces::edits,
            Pieces::withEdits,
            Pieces::told,
            entry -> new PieceEdit(
                    entry.choice("act", PieceAct.class),
                    entry.texts("pieces").stream().map(PieceName::of).toList(),
                    entry.has("corner") ? Optional.of(entry.longText("corner")) : Optional.empty(),
                    entry.has("well") ? entry.count("well", Colourway.WELLS) : 0,
                    entry.choice("reach", Reach.class)));

    private static final Schema<Pieces> SCHEMA = new Schema<>(
                    Pieces.class,
                    "pieces",
                    "Divide {figures} into pieces; joint {joint}, outer edges {outer}, corners {corners} by {rounding}; acts reach {reach}.",
                    List.of(
                            Setting.of(Pieces.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Pieces.class, "joint", new Kind.Length(0, 1e4)),
                            Setting.of(Pieces.class, "outer"),
                            Setting.of(Pieces.class, "corners"),
                            Setting.of(Pieces.class, "rounding", new Kind.Length(0, 1e4)),
                            Setting.of(Pieces.class, "reach")),
                    List.of(EDITS))
            .because(
                    "Each piece by itself can be cut, inlaid, left out or made one with the next, with all its siblings in one act.");

    public Pieces {
        edits = List.copyOf(edits);
    }

    private static Map<String, Object> told(PieceEdit edit) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("act", Entry.word(edit.act()));
        told.put("pieces", edit.pieces().stream().map(PieceName::text).toList());
        edit.corner().ifPresent(c -> told.put("corner", c));
        if (edit.act() == PieceAct.FILL) {
            told.put("well", edit.well());
        }
        told.put("reach", Entry.word(edit.reach()));
        return told;
    }

    @Override
    public Schema<Pieces> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.PIECES;
    }

    @Override
    public boolean cutsCloth() {
        return true;
    }

    public Pieces withEdits(List<PieceEdit> changed) {
        return new Pieces(figures, joint, outer, corners, rounding, reach, changed);
    }

    public Pieces withReach(Reach other) {
        return new Pieces(figures, joint, outer, corners, rounding, other, edits);
    }

    public Pieces withJoint(double millimetres) {
        return new Pieces(figures, Amount.of(millimetres), outer, corners, rounding, reach, edits);
    }

    public Pieces withOuter(Joint.Outer other) {
        return new Pieces(figures, joint, other, corners, rounding, reach, edits);
    }

    public Pieces withCorners(Joint.Shape shape, double by) {
        return new Pieces(figures, joint, outer, shape, Amount.of(by), reach, edits);
    }

    /** What parts the pieces. */
    public Joint parting() {
        return new Joint(joint.value(), outer, corners, rounding.value());
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (work.lines().isEmpty() && work.weaves().isEmpty()) {
            return work;
        }
        List<AreaBounds> areas = new ArrayList<>();
        List<Optional<Fill>> areaColours = new ArrayList<>();
        List<Bounding> lines = new ArrayList<>();
        List<Given> given = new ArrayList<>();
        for (Infilled area : Infilled.of(work.lines()).values()) {
            areas.add(new AreaBounds(area.first().key(), "area", borders(area.regions(), Affine.IDENTITY), false));
            areaColours.add(area.first().colour());
        }
        for (Laid line : work.lines()) {
            surroundings.watch().step();
            if (line.band().isPresent()) {
                List<Region> band = line.band().get().along(line.path());
                areas.add(new AreaBounds(line.key(), "band", borders(band, Affine.IDENTITY), false));
                areaColours.add(line.colour());
            } else if (!line.isArea()) {
                lines.add(new Bounding(line.key(), "line", line.path()));
            }
        }
        List<Optional<Fill>> courseColours = new ArrayList<>();
        for (int w = 0; w < work.weaves().size(); w++) {
            weave(work.weaves().get(w), tile(work, w), areas, given, courseColours);
        }
        if (meetsTooOften(areas, lines, surroundings.watch())) {
            return work;
        }
        Point centre = work.turning().map(Turning::centre).orElse(Point.ORIGIN);
        Optional<Repeating> repeating = work.out().map(o -> o.repeating(work.symmetry()));
        Division division = Division.of(
                areas, lines, given, centre, repeating, work.symmetry().bent());
        Mosaic mosaic = Mosaic.of(division, edits, parting());
        List<Optional<Fill>> colours = new ArrayList<>();
        for (Tessera piece : mosaic.pieces()) {
            int cell = piece.cells().get(0);
            int within = division.cells().get(cell).within();
            colours.add(byHand(mosaic, piece, surroundings)
                    .or(() -> within >= 0 && within < areaColours.size()
                            ? areaColours.get(within)
                            : division.given(cell).isPresent()
                                    ? courseColours.get(division.given(cell).getAsInt())
                                    : Optional.empty()));
        }
        List<Inlay> mosaics = new ArrayList<>(work.mosaics());
        mosaics.add(new Inlay(
                mosaic,
                surroundings.group(),
                surroundings.step(),
                Affine.IDENTITY,
                mosaic.likened(colours),
                work.weaves()));
        return new Work(List.of(), List.of(), mosaics, work.symmetry());
    }

    /** The number of the tile that a weave of a cloth lies in. */
    private static OptionalInt tile(Work work, int weave) {
        return work.out()
                .map(out -> OptionalInt.of(out.tiles()
                        .get(weave * out.tiles().size() / work.weaves().size())
                        .number()))
                .orElse(OptionalInt.empty());
    }

    private static Optional<Fill> byHand(Mosaic mosaic, Tessera piece, Surroundings surroundings) {
        OptionalInt well = mosaic.filled(piece);
        return well.isEmpty() ? Optional.empty() : Optional.of(ByHand.of(well.getAsInt(), surroundings.colourway()));
    }

    /** Whether there are more crossings than anybody could see or cut; few curves cannot have so many. */
    private static boolean meetsTooOften(List<AreaBounds> areas, List<Bounding> lines, Watch watch) {
        List<Path> paths = new ArrayList<>();
        areas.forEach(a -> paths.addAll(a.borders()));
        lines.forEach(l -> paths.add(l.path()));
        long curves = paths.stream().mapToLong(Path::size).sum();
        if (curves * curves / 2 <= Projection.MOST_MEETINGS) {
            return false;
        }
        Tolerance tolerance =
                Tolerance.of(Box.round(paths.stream().map(Path::box).toList()));
        return PathMeetings.of(paths, tolerance, Projection.MOST_MEETINGS, watch)
                .isEmpty();
    }

    private static List<Path> borders(List<Region> regions, Affine map) {
        return regions.stream()
                .flatMap(r -> r.borders().stream())
                .map(p -> map.equals(Affine.IDENTITY) ? p : p.map(map))
                .toList();
    }

    private static void weave(
            Laying laying, OptionalInt tile, List<AreaBounds> areas, List<Given> given, List<Optional<Fill>> colours) {
        Weave weave = laying.weave();
        List<StrandKey> keys = weave.strands().stream()
                .map(s -> tile.isPresent() ? s.key().copy(tile.getAsInt()) : s.key())
                .toList();
        for (int s = 0; s < weave.strands().size(); s++) {
            List<List<Region>> stretches = Grounds.stretches(weave, s);
            for (int i = 0; i < stretches.size(); i++) {
                areas.add(new AreaBounds(keys.get(s), "band " + i, borders(stretches.get(i), laying.placed()), true));
            }
        }
        for (int c = 0; c < weave.courses().size(); c++) {
            Course course = weave.courses().get(c);
            given.add(new Given(
                    keys.get(course.strand()),
                    "course " + course.ordinal() + (isPartOf(weave, c) ? " part " + c : ""),
                    course.region().map(laying.placed())));
            colours.add(laying.colours().get(course.strand()));
        }
    }

    /** Whether a course that stands before another of its number is a further part of it. */
    private static boolean isPartOf(Weave weave, int c) {
        Course course = weave.courses().get(c);
        return c > 0
                && weave.courses().get(c - 1).strand() == course.strand()
                && weave.courses().get(c - 1).ordinal() == course.ordinal();
    }

    @Override
    public String brief(Work done, Unit unit) {
        int pieces =
                done.mosaics().stream().mapToInt(m -> m.mosaic().kept().size()).sum();
        return Numerals.counted(pieces, "piece");
    }
}
