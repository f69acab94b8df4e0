package org.hyphantes.bench;

import java.awt.geom.Area;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.OffsetCurves;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.Subdivision;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
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
 * All faces of a scene's outlines, the union of its regions, and each of its regions offset by 0.05 of the radius: the exact
 * curves, beside JTS on copies flattened to chords that stray 1e-3 and 1e-5 of the radius, and beside the union of areas in
 * the Java library. {@link GeometryTable} runs all of it and sets the results side by side.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 4, time = 1)
@Measurement(iterations = 7, time = 1)
@Fork(1)
public class GeometryBenchmark {
    /** Seconds till the compilers rest on a union, which is made of many calls: theirs is not the time of a union. */
    private static final int LONG = 16;

    private static final double OFFSET = 0.05 * GeometryScene.RADIUS;

    @Param({"RINGS"})
    private GeometryScene scene;

    @Param({"400"})
    private int count;

    private List<Region> regions;
    private List<Path> paths;
    private Flat coarse;
    private Flat fine;

    /** The scene in chords, its regions and their outlines. */
    private record Flat(List<Geometry> polygons, List<Geometry> rings, double tolerance) {
        static Flat of(List<Region> regions, double tolerance) {
            List<Geometry> rings = new ArrayList<>();
            regions.forEach(
                    region -> region.borders().forEach(border -> rings.add(FlattenedCopies.ring(border, tolerance))));
            return new Flat(
                    regions.stream()
                            .<Geometry>map(r -> FlattenedCopies.polygon(r, tolerance))
                            .toList(),
                    rings,
                    tolerance);
        }

        int faces() {
            Polygonizer polygonizer = new Polygonizer();
            polygonizer.add(UnaryUnionOp.union(rings));
            return polygonizer.getPolygons().size();
        }

        int union() {
            return UnaryUnionNG.union(polygons, new PrecisionModel()).getNumPoints();
        }

        int offset() {
            // As many chords to a quarter as keep the buffer's round corners within the same tolerance.
            int chords = (int) Math.ceil(Math.PI / 4 / Math.acos(1 - tolerance / GeometryScene.RADIUS));
            int points = 0;
            for (Geometry polygon : polygons) {
                points += BufferOp.bufferOp(polygon, OFFSET, new BufferParameters(chords))
                        .getNumPoints();
            }
            return points;
        }
    }

    @Setup
    public void lay() {
        regions = scene.regions(count);
        paths = regions.stream().flatMap(r -> r.borders().stream()).toList();
        coarse = Flat.of(regions, 1e-3 * GeometryScene.RADIUS);
        fine = Flat.of(regions, 1e-5 * GeometryScene.RADIUS);
    }

    @Benchmark
    public int facesHyphantes() {
        return Subdivision.of(paths).faceRegions().size();
    }

    @Benchmark
    public int facesJtsCoarse() {
        return coarse.faces();
    }

    @Benchmark
    public int facesJtsFine() {
        return fine.faces();
    }

    @Benchmark
    @Warmup(iterations = LONG, time = 1)
    public int unionHyphantes() {
        return Booleans.union(regions).size();
    }

    @Benchmark
    @Warmup(iterations = LONG, time = 1)
    public int unionJtsCoarse() {
        return coarse.union();
    }

    @Benchmark
    @Warmup(iterations = LONG, time = 1)
    public int unionJtsFine() {
        return fine.union();
    }

    /** Two by two, as many as there are: quicker than one after another. */
    @Benchmark
    @Warmup(iterations = LONG, time = 1)
    public boolean unionArea() {
        List<Area> areas = new ArrayList<>();
        regions.forEach(region -> areas.add(FlattenedCopies.area(region)));
        for (int step = 1; step < areas.size(); step *= 2) {
            for (int i = 0; i + step < areas.size(); i += 2 * step) {
                areas.get(i).add(areas.get(i + step));
            }
        }
        return areas.get(0).isEmpty();
    }

    @Benchmark
    public int offsetHyphantes() {
        int curves = 0;
        for (Region region : regions) {
            for (Region offset : OffsetCurves.outset(region, OFFSET, Corners.ROUND)) {
                curves += offset.borders().size();
            }
        }
        return curves;
    }

    @Benchmark
    public int offsetJtsCoarse() {
        return coarse.offset();
    }

    @Benchmark
    public int offsetJtsFine() {
        return fine.offset();
    }
}
