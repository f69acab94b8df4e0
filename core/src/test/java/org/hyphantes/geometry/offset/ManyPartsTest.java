package org.hyphantes.geometry.offset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Shapes;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Offsets of outlines that are made of many curves. */
class ManyPartsTest {
    /** Seams along a line or a curve are no corners: a shape in forty times as many parts is offset as it is whole. */
    @ParameterizedTest
    @EnumSource(Corner.class)
    void whatIsInManyPartsIsOffsetAsTheWhole(Corner corner) {
        Corners corners = new Corners(corner, 10);
        for (int trial = 0; trial < 30; trial++) {
            Random random = new Random(700 + trial);
            Region shape = Shapes.any(random);
            List<Curve> parts = new ArrayList<>();
            for (Curve curve : shape.outline().curves()) {
                for (int i = 0; i < 40; i++) {
                    parts.add(curve.part(i / 40.0, (i + 1) / 40.0));
                }
            }
            Region inParts = new Region(new Path(parts, true), shape.holes());
            double d = 0.5 + 4 * random.nextDouble();
            assertThat(area(OffsetCurves.outset(inParts, d, corners)))
                    .as("%s outset, trial %d by %f", corner, trial, d)
                    .isCloseTo(area(OffsetCurves.outset(shape, d, corners)), within(2e-6 * shape.area()));
            assertThat(area(OffsetCurves.inset(inParts, d, corners)))
                    .as("%s inset, trial %d by %f", corner, trial, d)
                    .isCloseTo(area(OffsetCurves.inset(shape, d, corners)), within(2e-6 * shape.area()));
        }
    }

    private static double area(List<Region> regions) {
        return regions.stream().mapToDouble(Region::area).sum();
    }
}
