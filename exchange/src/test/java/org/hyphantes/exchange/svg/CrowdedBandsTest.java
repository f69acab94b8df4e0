package org.hyphantes.exchange.svg;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.gauge.Inspection;
import org.hyphantes.gauge.Snag;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Look;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bands too wide for their places, in written files drawn by JSVG: no hole in any band, and the gauges say so. */
class CrowdedBandsTest {
    private static List<Snag> crowded(Design design) {
        return Inspection.of(design, new Resolver().resolve(design)).snags().stream()
                .filter(s -> s.words().startsWith("Three bands meet"))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "three-bands-1, false, ''",
        "three-bands-2, true, ''",
        "three-bands-3, true, Part them by ",
        "wide-star-5-2, true, Narrow the band to 17."
    })
    void noStrandHasAHoleAndWhatIsOfferedMendsThePlace(String name, boolean told, String offer) throws Exception {
        Design design = ProjectFile.open(Path.of("src/test/resources/hostile", name + ".hyphantes"));
        Artwork artwork = new Resolver().resolve(design);
        Weave weave = artwork.work().weaves().get(0).weave();
        String svg = SvgFormat.text(design.name(), artwork.scene(), Look.PLAIN);
        Raster picture = Raster.of(svg, artwork.scene().inked(), 12, false);
        List<Point> bare = new ArrayList<>();
        for (Strand strand : weave.strands()) {
            double length = strand.path().length();
            for (double along = 0.5; along < length; along += 0.5) {
                double at = strand.path().positionAt(along);
                for (double aside : new double[] {-0.4, 0, 0.4}) {
                    Point place = strand.path()
                            .at(at)
                            .plus(strand.path().tangent(at).right().times(aside * strand.width()));
                    if (!isInked(picture, place, weave.order().clearance() + 0.2)) {
                        bare.add(place);
                    }
                }
            }
        }
        assertThat(bare).isEmpty();
        List<Snag> snags = crowded(design);
        assertThat(snags.isEmpty()).isNotEqualTo(told);
        for (Snag snag : offer.isEmpty() ? List.<Snag>of() : snags) {
            assertThat(snag.offer()).startsWith(offer);
            Design mended = snag.mend().orElseThrow().of(design);
            assertThat(crowded(mended))
                    .noneMatch(
                            s -> s.place().orElseThrow().distance(snag.place().orElseThrow()) < 5);
        }
    }

    /** Whether there is ink at a place or so near it. */
    private static boolean isInked(Raster picture, Point place, double near) {
        for (double out = 0; out <= near; out += near / 3) {
            for (int bearing = 0; bearing < 360; bearing += 30) {
                if (!picture.colour(place.plus(Point.polar(out, bearing))).equals(Color.WHITE)) {
                    return true;
                }
            }
        }
        return false;
    }
}
