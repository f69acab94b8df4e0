package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.LongStream;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Look;
import org.junit.jupiter.api.Test;

/**
 * All figures by all treatments, two deep, with everyday settings by seed. Whatever is made resolves; what of it cannot be is left out, and
 * a snag says so with its place and a mend. {@code -Dhyphantes.ordinary=N} makes more of them, {@code -Dhyphantes.ordinary.from=K} others.
 */
class OrdinaryDesignsTest {
    private static final int DESIGNS = Integer.getInteger("hyphantes.ordinary", 5_000);
    private static final int FROM = Integer.getInteger("hyphantes.ordinary.from", 0);

    /** A design is left once its watch has been asked so often: that it can be left at any time is a test by itself. */
    private static final int LONG = Integer.getInteger("hyphantes.ordinary.patience", 3_000);

    private final AtomicInteger broken = new AtomicInteger();
    private final Queue<String> amiss = new ConcurrentLinkedQueue<>();

    @Test
    void everyOneResolvesOrSaysWhatDoesNot() {
        LongStream.range(FROM, FROM + DESIGNS).parallel().forEach(this::made);
        System.out.println("ordinary designs " + DESIGNS + ", left " + broken);
        assertThat(amiss).isEmpty();
        assertThat(broken.get()).as("left for taking long").isLessThanOrEqualTo(DESIGNS * 7 / 10);
    }

    private void made(long seed) {
        Design design = OrdinaryDesign.of(seed);
        int[] asked = {0};
        Watch watch = () -> {
            if (++asked[0] > LONG) {
                throw new BrokenOff();
            }
        };
        try {
            assertThat(ProjectFile.read(ProjectFile.text(design))).isEqualTo(design);
            Watch.over(watch, () -> {
                Artwork artwork = new Resolver().resolve(design, watch);
                Inspection inspection = Inspection.of(design, artwork, watch, true);
                artwork.faults()
                        .forEach(f -> assertThat(inspection.snags())
                                .as("a snag for %s", f)
                                .anyMatch(s -> s.place().equals(java.util.Optional.of(f.place()))
                                        && s.mend().isPresent()));
                inspection.snags().stream()
                        .map(Snag::words)
                        .forEach(w -> assertThat(w).hasSizeLessThan(300).doesNotContain("null"));
                SvgFormat.text(design.name(), artwork.scene(), Look.PLAIN);
                return null;
            });
        } catch (BrokenOff e) {
            broken.incrementAndGet();
        } catch (RuntimeException | CannotOpen | Error e) {
            java.io.StringWriter trace = new java.io.StringWriter();
            e.printStackTrace(new java.io.PrintWriter(trace));
            amiss.add("seed " + seed + ": " + trace.toString().lines().limit(12).toList());
        }
    }
}
