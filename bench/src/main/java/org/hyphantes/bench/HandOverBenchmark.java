package org.hyphantes.bench;

import java.io.IOException;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Cuts;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Format;
import org.hyphantes.exchange.format.Formats;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.geometry.Curve;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Readers;
import org.hyphantes.machine.Timeline;
import org.hyphantes.setting.Amount;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.io.WKTWriter;
import org.locationtech.jts.operation.overlayng.CoverageUnion;
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
 * A ring of 10,000 courses handed over: what is cut found and put in order, each format written, a plotter file read and planned; beside JTS
 * writing the same contours as well-known text, flattened to chords that stray a thousandth of a millimetre, and uniting them as a coverage.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2, time = 4)
@Measurement(iterations = 3, time = 4)
@Fork(1)
public class HandOverBenchmark {
    private static final int COURSES = 10_000;
    private static final double STRAYS = 1e-3;

    @Param({".svg", ".pdf", ".dxf", ".plt", ".nc"})
    public String ending;

    private Design design;
    private Artwork artwork;
    private Handout handout;
    private Format format;
    private String plot;
    private Geometry flat;

    @Setup
    public void lay() throws IOException, CannotHandOver {
        Design ring = RingDesigns.ofCrossings(COURSES);
        design = ring.withJob(ring.job().with("width", Amount.of(1e5)).with("height", Amount.of(1e5)));
        // A page of PDF is five metres long at most.
        design = design.withHanding(
                Handing.STARTING.schema().put(Handing.STARTING, "scale", Amount.of(ending.equals(".pdf") ? 0.1 : 1)));
        artwork = new Resolver().resolve(design);
        handout = Handout.of(design, artwork.scene());
        format = Formats.of(java.nio.file.Path.of("a" + ending)).orElseThrow();
        plot = new String(
                Formats.of(java.nio.file.Path.of("a.plt")).orElseThrow().bytes(handout),
                java.nio.charset.StandardCharsets.UTF_8);
        GeometryFactory factory = new GeometryFactory();
        flat = factory.createGeometryCollection(handout.cuts().contours().stream()
                .map(c -> factory.createPolygon(chords(c)))
                .toArray(Geometry[]::new));
    }

    private static Coordinate[] chords(Contour contour) {
        List<Curve> curves = contour.path().curves();
        List<Coordinate> places = new java.util.ArrayList<>();
        for (Curve curve : curves) {
            double bend = Math.abs(curve.curvature(0.5));
            int parts = (int) Math.max(1, Math.ceil(curve.length() * Math.sqrt(bend / (8 * STRAYS))));
            for (int k = 0; k < parts; k++) {
                places.add(new Coordinate(
                        curve.at((double) k / parts).x(),
                        curve.at((double) k / parts).y()));
            }
        }
        places.add(places.get(0).copy());
        return places.toArray(Coordinate[]::new);
    }

    /** What is cut, found anew and in order. */
    @Benchmark
    public Cuts cuts() throws CannotHandOver {
        return Handout.of(design, artwork.scene()).cuts();
    }

    /** A file written, what is cut being known. */
    @Benchmark
    public byte[] written() throws IOException, CannotHandOver {
        return format.bytes(handout);
    }

    /** A plotter file read and planned by the simulated machine. */
    @Benchmark
    public double planned() throws CannotRun {
        return Timeline.of(
                        Readers.of("a.plt").orElseThrow().read(plot).paced(p -> 20),
                        design.job().machine())
                .total();
    }

    /** The same contours as text by JTS. */
    @Benchmark
    public String jtsText() {
        return new WKTWriter().write(flat);
    }

    /** The same contours as a coverage by JTS. */
    @Benchmark
    public Geometry jtsCoverage() {
        return CoverageUnion.union(flat);
    }
}
