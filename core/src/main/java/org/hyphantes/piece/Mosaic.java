package org.hyphantes.piece;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Subdivision;
import org.hyphantes.geometry.plane.UnionFind;

/** A division with all that was done to its pieces: joined, dropped, and parted by a joint. */
public final class Mosaic {
    private final Division division;
    private final List<Tessera> pieces;
    private final List<PieceEdit> waiting = new ArrayList<>();
    private final int[] pieceOf;
    private final List<Cornering> cornerings = new ArrayList<>();
    private final Map<Integer, Integer> filled = new HashMap<>();
    private final Map<Integer, Integer> alike = new HashMap<>();

    private Mosaic(Division division, List<PieceEdit> edits, Joint joint) {
        this.division = division;
        int n = division.cells().size();
        UnionFind joined = new UnionFind(n);
        BitSet dropped = new BitSet();
        edits.forEach(edit -> {
            if (!done(edit, joined, dropped)) {
                waiting.add(edit);
            }
        });
        int[] first = new int[n];
        Arrays.fill(first, Integer.MAX_VALUE);
        for (int c = 0; c < n; c++) {
            int root = joined.find(c);
            first[root] = Math.min(first[root], c);
        }
        Map<Integer, List<Integer>> groups = new TreeMap<>();
        for (int c = 0; c < n; c++) {
            groups.computeIfAbsent(first[joined.find(c)], k -> new ArrayList<>(1))
                    .add(c);
        }
        this.pieceOf = new int[n];
        this.pieces = Collections.unmodifiableList(laid(groups, dropped, joint));
    }

    /** Does all that was done, in order; what has no place now waits. */
    public static Mosaic of(Division division, List<PieceEdit> edits, Joint joint) {
        return new Mosaic(division, edits, joint);
    }

    private boolean done(PieceEdit edit, UnionFind joined, BitSet dropped) {
        List<Integer> cells = new ArrayList<>();
        List<PieceName> missing = new ArrayList<>();
        for (PieceName name : edit.pieces()) {
            List<Integer> meant = division.meant(name);
            cells.addAll(meant);
            if (meant.isEmpty()) {
                missing.add(name);
            }
        }
        if (cells.isEmpty() || !missing.isEmpty() && !edit.act().isOfEach()) {
            return false;
        }
        if (!missing.isEmpty()) {
            // What is to be kept, or filled, and is there is so; the rest waits.
            waiting.add(edit.withPieces(missing));
        }
        if (edit.act().isOfCorners()) {
            return corners(edit, cells);
        }
        List<List<Integer>> reached = division.reached(cells, edit.reach());
        switch (edit.act()) {
            case DROP -> reached.forEach(all -> all.forEach(dropped::set));
            case BACK -> reached.forEach(all -> all.forEach(dropped::clear));
            case KEEP -> {
                dropped.set(0, division.cells().size());
                reached.forEach(all -> all.forEach(dropped::clear));
            }
            case JOIN -> {
                for (int i = 1; i < cells.size(); i++) {
                    if (!division.areNeighbours(cells.get(i - 1), cells.get(i))) {
                        return false;
                    }
                }
                reached.forEach(all -> {
                    for (int i = 1; i < all.size(); i++) {
                        joined.join(all.get(i - 1), all.get(i));
                    }
                });
            }
            case FILL ->
                reached.forEach(all -> all.forEach(c -> {
                    filled.put(c, edit.well());
                    alike.remove(c);
                }));
            case LIKE ->
                reached.forEach(all -> all.subList(1, all.size()).forEach(c -> {
                    alike.put(c, all.get(0));
                    filled.remove(c);
                }));
            case ROUND, SQUARE -> throw new IllegalStateException("corners are done by themselves");
        }
        return true;
    }

    private boolean corners(PieceEdit edit, List<Integer> cells) {
        Optional<Point> corner = edit.corner()
                .flatMap(word -> division.corners(cells.get(0)).stream()
                        .filter(c -> c.word().equals(word))
                        .findFirst())
                .map(Corner::place);
        if (edit.corner().isPresent() && corner.isEmpty()) {
            return false;
        }
        List<List<Integer>> reached = division.reached(cells, edit.reach());
        for (int map = 0; map < reached.size(); map++) {
            int by = map;
            Optional<Point> placed = corner.map(c -> division.placed(c, cells, edit.reach(), by));
            reached.get(map).forEach(cell -> cornerings.add(new Cornering(cell, placed, edit.act() == PieceAct.ROUND)));
        }
        return true;
    }

    /** Whether corners of a cell, or the one at a place, were made round or square by acts, the last of them; empty without one. */
    public Optional<Boolean> madeRound(int cell, Optional<Point> corner) {
        Optional<Boolean> made = Optional.empty();
        for (Cornering each : cornerings) {
            boolean same = each.corner().isEmpty()
                    || corner.isPresent()
                            && each.corner().get().distance(corner.get())
                                    < Cornering.SAME
                                            * Math.sqrt(
                                                    division.cells().get(cell).area());
            if (each.cell() == cell && same) {
                made = Optional.of(each.round());
            }
        }
        return made;
    }

    private List<Tessera> laid(Map<Integer, List<Integer>> groups, BitSet dropped, Joint joint) {
        List<List<Region>> whole = whole(groups);
        List<Tessera> laid = new ArrayList<>();
        Jointing jointing = new Jointing(whole, joint);
        Map<Integer, List<Cornering>> done =
                cornerings.stream().collect(Collectors.groupingBy(Cornering::cell, Collectors.toList()));
        for (Map.Entry<Integer, List<Integer>> group : groups.entrySet()) {
            Watch.ask();
            int number = laid.size();
            group.getValue().forEach(c -> pieceOf[c] = number);
            boolean out = group.getValue().stream().allMatch(dropped::get);
            Jointing.Left left =
                    out ? Jointing.Left.NOTHING : jointing.left(number, cornerings(group.getValue(), done));
            List<Region> shapes = division.seen(left.shapes());
            // Of what lies almost beyond the edge of a cloth the joint may leave nothing to be seen.
            boolean beyond = shapes.isEmpty() && !left.shapes().isEmpty();
            laid.add(new Tessera(
                    group.getKey() + 1,
                    division.cells().get(group.getKey()).ring(),
                    group.getValue(),
                    beyond ? List.of() : division.seen(whole.get(number)),
                    shapes,
                    left.cramped(),
                    out));
        }
        return laid;
    }

    /** What was done to the corners of some cells, in order. */
    private List<Cornering> cornerings(List<Integer> cells, Map<Integer, List<Cornering>> done) {
        if (done.isEmpty()) {
            return List.of();
        }
        return cells.size() == 1
                ? done.getOrDefault(cells.get(0), List.of())
                : cornerings.stream().filter(c -> cells.contains(c.cell())).toList();
    }

    /** What the edges of each group of cells enclose. */
    private List<List<Region>> whole(Map<Integer, List<Integer>> groups) {
        List<List<Region>> whole = new ArrayList<>();
        int[] label = new int[division.cells().size()];
        Arrays.fill(label, -1);
        groups.forEach((first, cells) -> {
            if (cells.size() == 1) {
                whole.add(List.of(division.cells().get(first).region()));
            } else if (cells.stream().anyMatch(c -> division.cells().get(c).isCourse())) {
                whole.add(Booleans.union(cells.stream()
                        .map(c -> division.cells().get(c).region())
                        .toList()));
            } else {
                int number = whole.size();
                cells.forEach(c -> label[c] = number);
                whole.add(new ArrayList<>());
            }
        });
        if (Arrays.stream(label).anyMatch(l -> l >= 0)) {
            for (Subdivision.Labelled region : division.together(label)) {
                whole.get(region.label()).add(region.region());
            }
        }
        return whole;
    }

    public Division division() {
        return division;
    }

    /** All pieces in order of their numbers, those dropped among them. */
    public List<Tessera> pieces() {
        return pieces;
    }

    /** The pieces that are not dropped. */
    public List<Tessera> kept() {
        return pieces.stream().filter(p -> !p.dropped()).toList();
    }

    /** The well that a piece was filled with by hand, the last of its cells' counting; 0 for no fill, empty when nobody did. */
    public OptionalInt filled(Tessera piece) {
        return piece.cells().stream()
                .filter(filled::containsKey)
                .mapToInt(filled::get)
                .findFirst();
    }

    /** What each piece has, or that of the piece whose look was given to it by hand. */
    public <T> List<T> likened(List<T> each) {
        List<T> all = new ArrayList<>(each);
        for (int i = 0; i < pieces.size() && !alike.isEmpty(); i++) {
            int as = i;
            pieces.get(i).cells().stream()
                    .filter(alike::containsKey)
                    .findFirst()
                    .ifPresent(c -> all.set(as, each.get(pieceOf(alike.get(c)))));
        }
        return all;
    }

    /** What was done to pieces that are not there now. */
    public List<PieceEdit> waiting() {
        return List.copyOf(waiting);
    }

    /** The place among the pieces of the one that a cell belongs to. */
    public int pieceOf(int cell) {
        return pieceOf[cell];
    }

    /** The ends of edges that are gone where pieces were joined. */
    public List<Staple> staples() {
        return pieces.size() == pieceOf.length ? List.of() : division.staples(pieceOf);
    }

    /** The piece at a place, dropped or not. */
    public Optional<Tessera> at(Point place) {
        return division.at(place).map(c -> pieces.get(pieceOf[c]));
    }

    /** The pieces that share edges with another, by their places among the pieces, and how long (mm) these are. */
    public SortedMap<Integer, Double> beside(int piece) {
        SortedMap<Integer, Double> beside = new TreeMap<>();
        for (int cell : pieces.get(piece).cells()) {
            for (Neighbour neighbour : division.neighbours(cell)) {
                int other = pieceOf[neighbour.cell()];
                if (other != piece) {
                    beside.merge(other, neighbour.length(), Double::sum);
                }
            }
        }
        return beside;
    }
}
