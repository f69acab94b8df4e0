package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;
import org.hyphantes.geometry.plane.Operand;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.symmetry.BentFrieze;
import org.hyphantes.weave.Reach;

/**
 * All that lines and areas enclose, cell by cell: named by structure, in rings from the middle outward, with what lies beside each.
 * Cells are numbered ring by ring, and in each ring clockwise from twelve o'clock.
 */
public final class Division {
    private final List<Cell> cells;
    private final Adjacency adjacency;
    private final List<FreeEnd> freeEnds;
    private final Siblings siblings;
    private volatile Map<PieceName, Integer> byName;
    private final Subdivision plane;
    private final int[] cellOfFace;
    private volatile CellGrid grid;
    private final int[] givenOf;
    private final List<Given> given;
    private final Enclosures closed;
    private final Naming naming;
    private final List<Subdivision.Face> faceOf = new ArrayList<>();

    private final Optional<Repeating> repeating;
    private final Carrying carrying;

    private Division(
            List<AreaBounds> areas,
            List<Bounding> lines,
            List<Given> given,
            Point centre,
            Optional<Repeating> repeating,
            Optional<BentFrieze> bent) {
        this.repeating = repeating;
        List<Bounding> paths = new ArrayList<>();
        List<Operand> operands = new ArrayList<>();
        for (AreaBounds area : areas) {
            operands.add(new Operand(area.borders(), FillRule.EVEN_ODD));
            area.borders().forEach(b -> paths.add(new Bounding(area.key(), area.role(), b)));
        }
        paths.addAll(lines);
        this.plane = Booleans.subdivision(
                operands, lines.stream().map(Bounding::path).toList());
        // What lies under a finished weave is its courses, as they are.
        int[] within = plane.labels(
                w -> w.holding().stream().anyMatch(o -> areas.get(o).woven())
                        ? Cell.GIVEN
                        : w.holding().nextSetBit(0));
        List<Subdivision.Face> all = plane.traced();
        List<Subdivision.Face> faces = all.stream()
                .filter(f -> within[f.face()] != Cell.GIVEN && isSeen(f.region()))
                .toList();
        this.naming = new Naming(paths, all);
        this.closed = new Enclosures(lines);
        List<Cell> found = found(faces, within, !areas.isEmpty());
        this.given = given.stream().filter(p -> isSeen(p.region())).toList();
        this.given.forEach(piece -> found.add(cell(piece)));
        double tolerance = tolerance(paths, given);
        // On a cloth its group says what is alike, and not the turns of what is seen of it.
        Siblings loose = Siblings.of(found, centre, tolerance, repeating.isEmpty());
        Carrying loosely = repeating.isPresent() ? new Repeats(repeating.get(), found, tolerance) : loose;
        int[] ring = Rings.of(found, loosely, centre, tolerance);
        Integer[] order = Rings.order(found, ring, centre);
        int[] place = new int[order.length];
        List<Cell> sorted = new ArrayList<>();
        for (int i = 0; i < order.length; i++) {
            place[order[i]] = i;
            sorted.add(found.get(order[i]).inRing(ring[order[i]]));
        }
        this.cells = List.copyOf(sorted);
        this.siblings = loose.reordered(map -> moved(map, order, place));
        this.carrying = carrying(bent, tolerance);
        this.cellOfFace = new int[plane.faces()];
        Arrays.fill(cellOfFace, -1);
        for (int i = 0; i < faces.size(); i++) {
            cellOfFace[faces.get(i).face()] = place[i];
        }
        this.givenOf = new int[cells.size()];
        for (int i = 0; i < cells.size(); i++) {
            givenOf[i] = order[i] - faces.size();
            faceOf.add(givenOf[i] < 0 ? faces.get(order[i]) : null);
        }
        this.adjacency = new Adjacency(plane, cellOfFace, this::grid, cells.size(), !given.isEmpty());
        this.freeEnds = ends(paths, paths.size() - lines.size());
    }

    private Carrying carrying(Optional<BentFrieze> bent, double tolerance) {
        if (bent.isPresent()) {
            return new AlongLine(bent.get(), cells, siblings);
        }
        return repeating.isPresent() ? new Repeats(repeating.get(), cells, tolerance) : siblings;
    }

    private boolean isSeen(Region region) {
        return repeating.isEmpty() || repeating.get().shows(region);
    }

    private static List<Cell> found(List<Subdivision.Face> faces, int[] within, boolean grounds) {
        List<Cell> found = new ArrayList<>();
        for (Subdivision.Face face : faces) {
            Watch.ask();
            Region region = face.region();
            int area = within[face.face()];
            found.add(new Cell(region, region.centroid(), region.area(), area, grounds && area < 0, 0));
        }
        return found;
    }

    private static Cell cell(Given piece) {
        Region region = piece.region();
        return new Cell(region, region.centroid(), region.area(), Cell.GIVEN, false, 0);
    }

    private static double tolerance(List<Bounding> paths, List<Given> given) {
        List<Box> boxes = new ArrayList<>();
        paths.forEach(b -> boxes.add(b.path().box()));
        given.forEach(g -> boxes.add(g.region().outline().box()));
        return Tolerance.of(Box.round(boxes)).distance();
    }

    /**
     * Divides the plane.
     *
     * @param areas bands, which stay areas
     * @param lines what divides, open or closed
     * @param given what is a piece already
     * @param centre about which turns and mirrors of the pieces are looked for
     * @throws IllegalStateException if the arrangement cannot be resolved
     */
    public static Division of(List<AreaBounds> areas, List<Bounding> lines, List<Given> given, Point centre) {
        return of(areas, lines, given, centre, Optional.empty(), Optional.empty());
    }

    /**
     * The same of what is repeated: of the tiles of a cloth, of which only what is seen is kept, or of a frieze along a line.
     *
     * @param repeating how its cells repeat
     * @param bent the frieze that they are part of, if it lies along a line
     */
    public static Division of(
            List<AreaBounds> areas,
            List<Bounding> lines,
            List<Given> given,
            Point centre,
            Optional<Repeating> repeating,
            Optional<BentFrieze> bent) {
        return new Division(areas, lines, given, centre, repeating, bent);
    }

    private static int[] moved(int[] map, Integer[] order, int[] place) {
        int[] moved = new int[map.length];
        for (int i = 0; i < map.length; i++) {
            moved[i] = place[map[order[i]]];
        }
        return moved;
    }

    /** The ends of open lines beside which the same piece lies on both sides. */
    private List<FreeEnd> ends(List<Bounding> paths, int firstLine) {
        Map<Integer, Set<Integer>> within = new TreeMap<>();
        plane.sides((path, right, left) -> {
            if (right == left && path >= firstLine && !paths.get(path).path().closed() && cellOfFace[right] >= 0) {
                within.computeIfAbsent(cellOfFace[right], c -> new TreeSet<>()).add(path);
            }
        });
        List<FreeEnd> ends = new ArrayList<>();
        within.forEach((cell, dangling) -> {
            List<Bounding> lines = dangling.stream().map(paths::get).toList();
            lines.forEach(line -> ends.addAll(FreeEnd.of(line, cell, cells.get(cell), lines)));
        });
        ends.sort(Comparator.comparing(e -> e.line().toString()));
        return List.copyOf(ends);
    }

    public List<Cell> cells() {
        return cells;
    }

    /** What shares edges with a cell, by their numbers. */
    public List<Neighbour> neighbours(int cell) {
        return adjacency.neighbours(cell);
    }

    /** Whether a cell has an edge beside which no piece lies. */
    public boolean isOuter(int cell) {
        return adjacency.isOuter(cell);
    }

    public boolean areNeighbours(int a, int b) {
        return neighbours(a).stream().anyMatch(n -> n.cell() == b);
    }

    public List<FreeEnd> freeEnds() {
        return freeEnds;
    }

    /** How many turns carry all cells to cells. */
    public int turns() {
        return siblings.turns();
    }

    public boolean isMirrored() {
        return siblings.isMirrored();
    }

    public int rings() {
        return cells.isEmpty() ? 0 : cells.get(cells.size() - 1).ring();
    }

    /** What bounds a cell, by which it is known with other sizes and numbers. */
    public PieceName name(int cell) {
        if (faceOf.get(cell) != null) {
            return naming.name(faceOf.get(cell));
        }
        Given piece = given.get(givenOf[cell]);
        return new PieceName(
                List.of(new Bounding(piece.key(), piece.role(), piece.region().outline()).word()));
    }

    /** The cell of a name, if there is one. */
    public OptionalInt named(PieceName name) {
        // Only where names are asked for, which is not at each step of a drag.
        Map<PieceName, Integer> known = byName;
        if (known == null) {
            known = new HashMap<>();
            for (int i = 0; i < cells.size(); i++) {
                known.putIfAbsent(name(i), i);
            }
            byName = known;
        }
        Integer cell = known.get(name);
        return cell == null ? OptionalInt.empty() : OptionalInt.of(cell);
    }

    /** The cells that a name means: the one of that name, every second, or all inside or outside a figure. */
    public List<Integer> meant(PieceName name) {
        return name.equals(PieceName.EVERY_SECOND)
                ? new Chequer(this).cells()
                : name.figure()
                        .map(f -> closed.cells(cells, f, name.isInside()))
                        .orElseGet(() -> named(name).stream().boxed().toList());
    }

    /** Which of what was given a cell is, if it is one of that. */
    public OptionalInt given(int cell) {
        return givenOf[cell] < 0 ? OptionalInt.empty() : OptionalInt.of(givenOf[cell]);
    }

    /** The cells that an act on some cells reaches, for each map of the reach in their order; the first are they themselves. */
    public List<List<Integer>> reached(List<Integer> of, Reach reach) {
        return carrying.reached(of, reach);
    }

    /** Where one of the maps of a reach of some cells carries a place. */
    Point placed(Point place, List<Integer> of, Reach reach, int map) {
        return carrying.placed(place, of, reach, map);
    }

    /** How its cells repeat, where they are of a cloth. */
    public Optional<Repeating> repeating() {
        return repeating;
    }

    /** What is seen of regions. */
    List<Region> seen(List<Region> regions) {
        return repeating.map(r -> r.cut(regions)).orElse(regions);
    }

    /** The corners of a cell, clockwise from twelve o'clock as seen from its middle. */
    public List<Corner> corners(int cell) {
        List<Corner> corners = new ArrayList<>();
        if (faceOf.get(cell) != null) {
            corners.addAll(naming.corners(faceOf.get(cell)));
        } else {
            List<Point> places = Corner.of(cells.get(cell).region().outline());
            for (int i = 0; i < places.size(); i++) {
                corners.add(new Corner("corner " + i, places.get(i)));
            }
        }
        Point middle = cells.get(cell).place();
        corners.sort(Comparator.comparingDouble(c -> Siblings.bearing(c.place(), middle)));
        return corners;
    }

    /** The corner of a cell that one of the maps of a reach of another carries a corner of that to. */
    public Corner image(Corner corner, int of, Reach reach, int map, int cell) {
        Point place = placed(corner.place(), List.of(of), reach, map);
        return corners(cell).stream()
                .min(Comparator.comparingDouble(c -> c.place().distance(place)))
                .orElse(corner);
    }

    /** Made when a place is first asked for, which is not at each step of a drag. */
    private CellGrid grid() {
        CellGrid made = grid;
        if (made == null) {
            made = new CellGrid(cells);
            grid = made;
        }
        return made;
    }

    /** The cell at a place. */
    public Optional<Integer> at(Point place) {
        return grid().at(place);
    }

    /** Areas made of cells beside one another with the same label; of each area its label. */
    List<Subdivision.Labelled> together(int[] labelOfCell) {
        int[] labels = new int[cellOfFace.length];
        Arrays.setAll(labels, f -> cellOfFace[f] < 0 ? -1 : labelOfCell[cellOfFace[f]]);
        return plane.labelled(labels);
    }

    /** The ends of the edges between cells of the same piece, by the number of the piece that each cell is part of. */
    List<Staple> staples(int[] pieceOf) {
        return adjacency.staples(pieceOf);
    }

    /** Vertices, edges, faces with the unbounded one, and parts that do not hang together, for Euler's formula. */
    public int[] counts() {
        return new int[] {plane.vertices(), plane.edges(), plane.faces(), plane.components()};
    }
}
