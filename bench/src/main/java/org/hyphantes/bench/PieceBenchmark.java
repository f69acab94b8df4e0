package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.hatch.Hatching;
import org.hyphantes.piece.Bounding;
import org.hyphantes.piece.Cell;
import org.hyphantes.piece.Division;
import org.hyphantes.piece.Joint;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.weave.StrandKey;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A lattice of n by n rings, each crossing its neighbours: its 4 n (n - 1) + 1 pieces found, named, with rings and neighbours, against JTS: noding and
 * polygonizing of copies that stray 1e-3 of the radius, and the neighbours found by an STRtree.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 3, time = 3)
@Fork(1)
public class PieceBenchmark {
    /** How far apart the lines of a hatch lie. */
    private static final double HATCH = 0.02;

    @Param({"16", "36", "50"})
    public int side;

    private List<Path> rings;
    private Division division;
    private Collection<Polygon> flat;
    private final List<Point> places = new ArrayList<>();

    @Setup
    public void lay() {
        rings = new ArrayList<>();
        for (int i = 0; i < side * side; i++) {
            rings.add(Path.closed(Arc.circle(new Point(i % side, i / side), 0.6, 0)));
        }
        division = ours();
        flat = polygons();
        for (int i = 0; i < 1000; i++) {
            places.add(new Point(side * (i * 0.618 % 1), side * (i * 0.383 % 1)));
        }
    }

    private Division ours() {
        List<Bounding> lines = new ArrayList<>();
        for (int i = 0; i < rings.size(); i++) {
            lines.add(new Bounding(new StrandKey("ring", List.of(i)), "line", rings.get(i)));
        }
        return Division.of(List.of(), lines, List.of(), Point.ORIGIN);
    }

    @Benchmark
    public Division divided() {
        return ours();
    }

    /** An even joint on all of them. */
    @Benchmark
    public Mosaic jointed() {
        return Mosaic.of(division, List.of(), new Joint(0.02, Joint.Outer.GIVE_WAY, Joint.Shape.SQUARE, 0));
    }

    /** The piece under each of a thousand places. */
    @Benchmark
    public int thousandPlaces() {
        int found = 0;
        for (Point place : places) {
            found += division.at(place).orElse(0);
        }
        return found;
    }

    /** Exact lines over all of them. */
    @Benchmark
    public int hatched() {
        int lines = 0;
        for (Cell cell : division.cells()) {
            lines += Hatching.of(cell.region(), HATCH, 30).size();
        }
        return lines;
    }

    /** As many lines over pieces found by JTS, each taken apart where it leaves them. */
    @Benchmark
    public int hatchedByJts() {
        GeometryFactory factory = new GeometryFactory();
        Point along = Angle.direction(30);
        Point across = along.right();
        int lines = 0;
        for (Polygon piece : flat) {
            Envelope box = piece.getEnvelopeInternal();
            Point middle = new Point(box.centre().getX(), box.centre().getY());
            double half = Math.hypot(box.getWidth(), box.getHeight()) / 2;
            for (long n = (long) Math.ceil((middle.dot(across) - half) / HATCH);
                    n * HATCH <= middle.dot(across) + half;
                    n++) {
                Point foot = across.times(n * HATCH).plus(along.times(middle.dot(along)));
                Point from = foot.minus(along.times(half));
                Point to = foot.plus(along.times(half));
                lines += piece.intersection(factory.createLineString(
                                new Coordinate[] {new Coordinate(from.x(), from.y()), new Coordinate(to.x(), to.y())}))
                        .getNumGeometries();
            }
        }
        return lines;
    }

    private Collection<Polygon> polygons() {
        GeometryFactory factory = new GeometryFactory();
        List<Geometry> lines = new ArrayList<>();
        rings.forEach(r -> lines.add(FlattenedCopies.ring(r, 1e-3 * 0.6)));
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(factory.buildGeometry(lines).union());
        @SuppressWarnings("unchecked")
        Collection<Polygon> pieces = polygonizer.getPolygons();
        return pieces;
    }

    @Benchmark
    public int byJts() {
        Collection<Polygon> pieces = polygons();
        STRtree tree = new STRtree();
        pieces.forEach(p -> tree.insert(p.getEnvelopeInternal(), p));
        int neighbours = 0;
        for (Polygon piece : pieces) {
            for (Object near : tree.query(piece.getEnvelopeInternal())) {
                neighbours += near != piece && piece.touches((Polygon) near) ? 1 : 0;
            }
        }
        return neighbours;
    }
}
