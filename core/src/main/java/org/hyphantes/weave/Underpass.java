package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.BandEdge;

/** One side of an under-pass: its corners on both edges and the lines between, and the edge over it; null for straight across. */
record Underpass(UnderpassCorner right, UnderpassCorner left, List<Optional<UnderpassCorner>> lines, BandEdge along) {
    /** An under-pass, from one side. */
    record Meeting(Strand own, double at, BandEdge along, double alongAt, Point place, double sense, double reach) {
        Optional<UnderpassCorner> with(BandEdge edge, double share) {
            Point beside = place.plus(own.path().tangent(at).right().times(share * own.width(at) / 2));
            return UnderpassCorner.of(edge, edge.beside(own.path(), at, beside), along, alongAt, place, sense, reach);
        }
    }

    /** A cut straight across a band at a position. */
    static Underpass straight(Strand own, StrandEdges edges, double at, Point place) {
        Point aside = own.path().tangent(at).right().times(own.width(at) / 2);
        List<Optional<UnderpassCorner>> lines = new ArrayList<>();
        double[] shares = own.band().shares();
        for (int k = 0; k < edges.lines().size(); k++) {
            lines.add(Optional.of(corner(
                    own, edges.lines().get(k), at, place.plus(aside.times(shares[Math.min(k, shares.length - 1)])))));
        }
        return new Underpass(
                corner(own, edges.right(), at, place.plus(aside)),
                corner(own, edges.left(), at, place.minus(aside)),
                lines,
                null);
    }

    private static UnderpassCorner corner(Strand own, BandEdge edge, double at, Point beside) {
        double position = edge.beside(own.path(), at, beside);
        return new UnderpassCorner(edge.path().at(position), position, 0);
    }

    /** Along the edge over an under-pass from one of its corners to the other. */
    List<Curve> across(boolean rightToLeft) {
        UnderpassCorner a = rightToLeft ? right : left;
        UnderpassCorner b = rightToLeft ? left : right;
        if (along == null) {
            return List.of(new Line(a.place(), b.place()));
        }
        Path path = along.path();
        int size = path.size();
        double from = path.closed() ? a.onOver() : Math.max(0, Math.min(size, a.onOver()));
        double to = path.closed() ? b.onOver() : Math.max(0, Math.min(size, b.onOver()));
        if (path.index(from) == path.index(to) && path.curves().get(path.index(from)) instanceof Line
                || !path.closed() && from == to) {
            return List.of(new Line(a.place(), b.place()));
        }
        List<Curve> way = new ArrayList<>();
        if (from != a.onOver()) {
            way.add(new Line(a.place(), path.at(from)));
        }
        way.addAll(EdgeStretch.merged(shortWay(path, from, to)));
        if (to != b.onOver()) {
            way.add(new Line(path.at(to), b.place()));
        }
        return way;
    }

    private static List<Curve> shortWay(Path path, double a, double b) {
        double size = path.size();
        double ahead = path.closed() ? b - a - size * Math.rint((b - a) / size) : b - a;
        if (ahead > 0) {
            return path.part(a, b);
        }
        List<Curve> back = new ArrayList<>();
        List<Curve> forth = path.part(b, a);
        for (int i = forth.size() - 1; i >= 0; i--) {
            back.add(forth.get(i).reversed());
        }
        return back;
    }
}
