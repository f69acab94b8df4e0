package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.BandOutline;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Subdivision;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;
import org.locationtech.jts.operation.union.UnaryUnionOp;
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
 * A square lattice of rings at a spacing of 0.8 of their radius: all its faces, and the union of the rings as bands 0.15 of
 * the radius wide, beside JTS noding, polygonizing and overlaying copies flattened to chords that stray 1e-3 of the radius.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class SubdivisionBenchmark {
    private static final double RADIUS = 10;
    private static final GeometryFactory JTS = new GeometryFactory();

    @Param({"400", "1600"})
    private int rings;

    private final List<Path> circles = new ArrayList<>();
    private final List<Region> bands = new ArrayList<>();
    private final List<Geometry> flatCircles = new ArrayList<>();
    private final List<Geometry> flatBands = new ArrayList<>();

    @Setup
    public void lay() {
        int side = (int) Math.sqrt(rings);
        for (int i = 0; i < side; i++) {
            for (int j = 0; j < side; j++) {
                Path circle = Path.closed(Arc.circle(new Point(0.8 * RADIUS * i, 0.8 * RADIUS * j), RADIUS, 0));
                Region band = BandOutline.of(circle, 0.15 * RADIUS, Ends.SQUARE).orElseThrow();
                circles.add(circle);
                bands.add(band);
                flatCircles.add(ring(circle));
                flatBands.add(JTS.createPolygon(
                        ring(band.outline()),
                        new LinearRing[] {ring(band.holes().get(0))}));
            }
        }
    }

    private static LinearRing ring(Path path) {
        Arc arc = (Arc) path.curves().get(0);
        int chords = (int) Math.ceil(Math.PI / Math.acos(1 - 1e-3));
        Coordinate[] points = new Coordinate[chords + 1];
        for (int i = 0; i < chords; i++) {
            Point p = arc.at((double) i / chords);
            points[i] = new Coordinate(p.x(), p.y());
        }
        points[chords] = points[0];
        return JTS.createLinearRing(points);
    }

    @Benchmark
    public int facesHyphantes() {
        return Subdivision.of(circles).faceRegions().size();
    }

    @Benchmark
    public int facesJts() {
        Geometry noded = UnaryUnionOp.union(flatCircles);
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(noded);
        return polygonizer.getPolygons().size();
    }

    @Benchmark
    public int unionHyphantes() {
        return Booleans.union(bands).size();
    }

    @Benchmark
    public int unionJts() {
        return UnaryUnionNG.union(flatBands, new PrecisionModel()).getNumGeometries();
    }
}
