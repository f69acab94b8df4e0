package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;
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
 * Resolving a woven tile of rings from nothing, beside as many under-passes cut by JTS: every band a buffer less the widened bands of two
 * neighbours, on chords that stray 1e-3 of the radius. What JTS cuts is no weave: a ring goes under the same two neighbours at both crossings.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class TileBenchmark {
    private static final double APART = 20;
    private static final double CLEARANCE = 0.6;

    /** Rings each way; each has four crossings of its own. */
    @Param({"5", "22"})
    private int circles;

    private Design design;

    @Setup
    public void lay() {
        design = RingDesigns.cloth(circles, 1);
    }

    @Benchmark
    public Artwork hyphantes() {
        return new Resolver().resolve(design);
    }

    @Benchmark
    public int jts() {
        int quarter = (int) Math.ceil(Math.PI / Math.acos(1 - 1e-3) / 4);
        GeometryFactory factory = new GeometryFactory();
        STRtree index = new STRtree();
        List<Geometry> bands = new ArrayList<>();
        List<Coordinate> centres = new ArrayList<>();
        for (int i = 0; i < circles * circles; i++) {
            Coordinate centre = new Coordinate(APART * (i % circles), APART * (i / circles));
            Geometry line = factory.createPoint(centre)
                    .buffer(RingDesigns.RADIUS, quarter)
                    .getBoundary();
            bands.add(line.buffer(1, 8));
            centres.add(centre);
            Geometry wide = line.buffer(1 + CLEARANCE, 8);
            wide.setUserData(centre);
            index.insert(wide.getEnvelopeInternal(), wide);
        }
        int courses = 0;
        for (int i = 0; i < bands.size(); i++) {
            Geometry cut = bands.get(i);
            for (Object found : index.query(cut.getEnvelopeInternal())) {
                Geometry wide = (Geometry) found;
                Coordinate other = (Coordinate) wide.getUserData();
                double right = other.x - centres.get(i).x;
                double down = other.y - centres.get(i).y;
                if (right + down > APART / 2 && right * down == 0) {
                    cut = cut.difference(wide);
                }
            }
            courses += cut.getNumGeometries();
        }
        return courses;
    }
}
