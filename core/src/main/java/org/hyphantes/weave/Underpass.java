package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.BandEdge;

/** One side of an under-pass: its corners on both edges and the lines between, and the edge over it. */
record Underpass(UnderpassCorner right, UnderpassCorner left, List<Optional<UnderpassCorner>> lines, BandEdge along) {
    /** An under-pass, from one side. */
    record Meeting(Strand own, double at, BandEdge along, double alongAt, Point place, double sense, double reach) {
        Optional<UnderpassCorner> with(BandEdge edge, double share) {
            Point beside = place.plus(own.path().tangent(at).right().times(share * own.width(at) / 2));
            return UnderpassCorner.of(edge, edge.beside(own.path(), at, beside), along, alongAt, place, sense, reach);
        }
    }

    /** Along the edge over an under-pass from one of its corners to the other. */
    List<Curve> across(boolean rightToLeft) {
        UnderpassCorner a = rightToLeft ? right : left;
        UnderpassCorner b = rightToLeft ? left : right;
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
