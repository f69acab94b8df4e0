package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.scene.Look;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Shading;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * The written picture of every demo, rasterised by a library that knows nothing of weaves: at each crossing it shows the colour of the
 * strand over in the middle, and ground in the clearance on either side, where the strand under would run.
 */
class DemoPicturesTest {
    private static final int MOST_PIXELS = 5_000_000;

    /** The design with a colour of its own for every strand, and without shading or inner lines, which would hide them. */
    private static Artwork plain(Design design) {
        Work work = new Resolver().resolve(design).work();
        List<Laying> weaves = new ArrayList<>();
        for (Laying laying : work.weaves()) {
            List<Optional<Fill>> colours = new ArrayList<>();
            for (int s = 0; s < laying.weave().strands().size(); s++) {
                colours.add(Optional.of(new Flat(new Colour(
                        String.format(Locale.ROOT, "#%02X%02X%02X", 40 + 23 * s % 200, 90, 220 - 31 * s % 180)))));
            }
            weaves.add(
                    new Laying(laying.weave(), laying.group(), laying.step(), Affine.IDENTITY, colours, Shading.NONE));
        }
        return Artwork.of(new Work(List.of(), weaves, List.of(), work.symmetry()), design.figures(), Watch.NONE);
    }

    @ParameterizedTest
    @EnumSource(
            value = Demo.class,
            mode = EnumSource.Mode.EXCLUDE,
            names = {"LANTERN_SCREEN", "SLACK_WATER_TILE", "EEL_TRAP", "CROWFOOT", "LOGBOOK_CORNER"})
    void theStrandOverIsSeenAtEveryCrossingAndGroundBesideIt(Demo demo) throws Exception {
        Design design = demo.design();
        Artwork artwork = plain(design);
        Weave weave = artwork.work().weaves().get(0).weave();
        double clearance = weave.order().clearance();
        // Without the ink of outlines and inner lines, which may cover a narrow gap.
        String svg = SvgFormat.text(design.name(), artwork.scene(), Look.PLAIN)
                .replaceAll("stroke=\"#[0-9A-F]{6}\"", "stroke=\"none\"");
        Box page = artwork.scene().inked();
        double scale = Math.min(14 / clearance, Math.sqrt(MOST_PIXELS / (page.width() * page.height())));
        Raster picture = Raster.of(svg, page, scale, false);
        assertThat(clearance * scale).as("pixels in the clearance").isGreaterThan(2.5);
        assertThat(weave.crossings()).isNotEmpty();
        for (Crossing crossing : weave.crossings()) {
            Strand over = weave.strands().get(crossing.over());
            Strand under = weave.strands().get(crossing.under());
            String at = demo + " at " + crossing.place();
            assertThat(picture.colour(crossing.place()))
                    .as(at)
                    .isEqualTo(artwork.work()
                            .weaves()
                            .get(0)
                            .colours()
                            .get(crossing.over())
                            .map(c -> Color.decode(c.colour().hex()))
                            .orElseThrow());
            for (int side : new int[] {-1, 1}) {
                Point gap =
                        gap(over, under, crossing, side * (over.width(crossing.overPosition()) / 2 + clearance / 2));
                assertThat(picture.colour(gap)).as(at + " in the gap").isEqualTo(Color.WHITE);
            }
        }
    }

    /** Where the middle of the strand under comes to lie so far beside the strand over, on one of its sides. */
    private static Point gap(Strand over, Strand under, Crossing crossing, double aside) {
        Path path = under.path();
        Path above = over.path();
        double here = path.lengthTo(crossing.underPosition());
        double total = path.length();
        Point heading = above.tangent(crossing.overPosition());
        boolean rightAhead = heading.cross(path.tangent(crossing.underPosition())) > 0;
        int way = rightAhead == aside > 0 ? 1 : -1;
        double low = 0;
        double high = Math.abs(aside) * 6;
        for (int i = 0; i < 26; i++) {
            double middle = (low + high) / 2;
            double along = here + way * middle;
            along = path.closed() ? along - total * Math.floor(along / total) : Math.max(0, Math.min(total, along));
            Point p = path.at(path.positionAt(along));
            double away = nearby(above, crossing.overPosition(), p);
            if (away < Math.abs(aside)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        double along = here + way * low;
        return path.at(path.positionAt(path.closed() ? along - total * Math.floor(along / total) : along));
    }

    /** The distance from a place to the stretch of a path that lies round a position. */
    private static double nearby(Path path, double position, Point p) {
        double total = path.length();
        double here = path.lengthTo(position);
        double least = Double.POSITIVE_INFINITY;
        double reach = 1.6 * p.distance(path.at(position));
        for (int i = -80; i <= 80; i++) {
            double along = here + reach * i / 80;
            along = path.closed() ? along - total * Math.floor(along / total) : Math.max(0, Math.min(total, along));
            least = Math.min(least, path.at(path.positionAt(along)).distance(p));
        }
        return least;
    }
}
