package org.hyphantes.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Watch;
import org.hyphantes.treatment.Laid;
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
 * Resolving a woven ring from nothing, beside the same courses cut by JTS: every band a buffer, less the buffers of the
 * bands over it, widened, on copies flattened to chords that stray 1e-3 of the radius.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ResolveBenchmark {
    @Param({"10", "100", "1000", "10000"})
    private int crossings;

    private Design design;
    private List<Geometry> rings;

    @Setup
    public void lay() {
        design = RingDesigns.ofCrossings(crossings);
        rings = new ArrayList<>();
        int chords = (int) Math.ceil(Math.PI / Math.acos(1 - 1e-3));
        GeometryFactory factory = new GeometryFactory();
        for (Laid laid : new Resolver()
                .alone(design, design.root().upTo(1), Watch.NONE)
                .work()
                .lines()) {
            rings.add(factory.createLinearRing(flattened(laid.path(), chords)));
        }
    }

    private static Coordinate[] flattened(Path path, int chords) {
        Arc arc = (Arc) path.curves().get(0);
        Coordinate[] points = new Coordinate[chords + 1];
        for (int i = 0; i < chords; i++) {
            var p = arc.at((double) i / chords);
            points[i] = new Coordinate(p.x(), p.y());
        }
        points[chords] = points[0];
        return points;
    }

    @Benchmark
    public Artwork hyphantes() {
        return new Resolver().resolve(design);
    }

    @Benchmark
    public int jts() {
        List<Geometry> bands = new ArrayList<>();
        List<Geometry> wide = new ArrayList<>();
        STRtree index = new STRtree();
        for (int i = 0; i < rings.size(); i++) {
            bands.add(rings.get(i).buffer(1, 8));
            wide.add(rings.get(i).buffer(1.6, 8));
            index.insert(rings.get(i).getEnvelopeInternal(), i);
        }
        int courses = 0;
        for (int i = 0; i < rings.size(); i++) {
            // In an alternate ring each band dives under the one after it at both their crossings.
            int next = (i + 1) % rings.size();
            Geometry cut = index.query(rings.get(i).getEnvelopeInternal()).contains(next)
                    ? bands.get(i).difference(wide.get(next))
                    : bands.get(i);
            courses += cut.getNumGeometries();
        }
        return courses;
    }
}
