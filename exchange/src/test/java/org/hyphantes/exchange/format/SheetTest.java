package org.hyphantes.exchange.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.hyphantes.cut.Contour;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.Job;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.dxf.DxfFormat;
import org.hyphantes.exchange.incoming.Incomings;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.exchange.replay.Replay;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.geometry.Box;
import org.hyphantes.scene.Mark;
import org.hyphantes.setting.Amount;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Several designs on one bed: each is brought in as a group, lies by itself, and is cut as it would be alone. */
class SheetTest {
    @TempDir
    private Path folder;

    private static Cuts cuts(Design design) throws Exception {
        return Handout.of(design, new Resolver().resolve(design)).cuts();
    }

    private static double length(Cuts cuts) {
        return cuts.contours().stream()
                .map(Contour::path)
                .mapToDouble(p -> p.length())
                .sum();
    }

    private static Job large(Job job) {
        return job.with("width", Amount.of(1000))
                .with("height", Amount.of(600))
                .with("copies", Amount.of(3))
                .with("lie", Job.Lie.TURNED_TO_FIT)
                .with("kerf", Amount.of(0));
    }

    @Test
    void severalDesignsAreCutOnOneBed() throws Exception {
        Design sheet = Design.empty("Sheet");
        double wanted = 0;
        int contours = 0;
        for (Demo demo : List.of(Demo.TIDE_RING, Demo.QUERN, Demo.FERRYMANS_PLAIT)) {
            Design own = demo.design();
            Path file = folder.resolve(demo.name() + ".hyphantes");
            ProjectFile.save(own, file);
            Box drawn = new Resolver().resolve(sheet).scene().box();
            Design with = Incomings.read(file).into(sheet, drawn, demo.title());
            // Beside what is there already, and nothing of it changed.
            Box more = new Resolver().resolve(with).scene().box();
            assertThat(more.left()).isEqualTo(sheet.root().members().isEmpty() ? more.left() : drawn.left());
            assertThat(with.root().members().subList(0, sheet.root().members().size()))
                    .isEqualTo(sheet.root().members());
            sheet = with;
            Cuts alone = cuts(own.withJob(large(sheet.job()).with("copies", Amount.of(1))));
            wanted += 3 * length(alone);
            contours += 3 * alone.contours().size();
        }
        Design apart = sheet.withJob(large(sheet.job()).with("laid", Job.Laid.EACH_GROUP_BY_ITSELF));
        Cuts cuts = cuts(apart);
        assertThat(cuts.flaws()).isEmpty();
        assertThat(cuts.parts()).hasSize(3);
        assertThat(cuts.contours()).hasSize(contours);
        assertThat(length(cuts)).isCloseTo(wanted, within(1e-6 * wanted));
        for (Contour contour : cuts.contours()) {
            assertThat(new Box(0, 0, 1000, 600).with(contour.path().box())).isEqualTo(new Box(0, 0, 1000, 600));
        }
        Handout handout = Handout.of(apart, new Resolver().resolve(apart));
        for (Format format : List.of(DxfFormat.FORMAT, SvgFormat.FORMAT)) {
            assertThat(Replay.of(handout, format).strays()).isFalse();
        }
        assertThat(ProjectFile.read(ProjectFile.text(apart))).isEqualTo(apart);
        Files.delete(folder.resolve("QUERN.hyphantes"));
    }

    /** What hangs together in a sheet is not torn apart; courses of a weave are. */
    @Test
    void partsAreLaidApartUnlessTheyHangInASheet() throws Exception {
        for (Demo demo : List.of(Demo.LANTERN_SCREEN, Demo.TIDE_RING)) {
            Design design = demo.design();
            Cuts together = cuts(design);
            Cuts apart = cuts(design.withJob(design.job().with("laid", Job.Laid.EACH_PART_BY_ITSELF)));
            assertThat(apart.contours()).hasSameSizeAs(together.contours());
            assertThat(length(apart)).isCloseTo(length(together), within(1e-6 * length(together)));
            assertThat(apart.parts()).hasSize(demo == Demo.TIDE_RING ? 32 : 1);
        }
    }

    /** Six copies in their colours on a sheet as large as the bed: as much of each colour as six of one, in every picture, and the passes lie there too. */
    @Test
    void copiesGoOutOnASheet() throws Exception {
        Design one = Demo.QUERN.design();
        Job sheet = one.job()
                .with("width", Amount.of(300))
                .with("height", Amount.of(400))
                .with("copies", Amount.of(6))
                .with("kerf", Amount.of(0));
        Handing lying = one.handing().schema().put(one.handing(), "extent", "as it lies on the bed");
        Handing half = lying.schema().put(lying, "scale", Amount.of(0.5));
        Design laid = one.withJob(sheet).withHanding(half);
        Artwork artwork = new Resolver().resolve(laid);
        Handout handout = Handout.of(laid, artwork);
        assertThat(SvgFormat.text(handout)).contains("width=\"300mm\" height=\"400mm\" viewBox=\"0 0 600 800\"");
        double area = Handout.of(laid, artwork).drawn().scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .mapToDouble(m -> ((Mark.Area) m).region().area())
                .sum();
        double wanted = artwork.scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .mapToDouble(m -> ((Mark.Area) m).region().area())
                .sum();
        assertThat(area).isCloseTo(6 * wanted, within(1e-6 * area));
        Box bed = new Box(0, 0, 600, 800);
        for (Mark mark : handout.drawn().scene().flat()) {
            assertThat(bed.with(mark.box())).isEqualTo(bed);
        }
        Replay replay = Replay.of(handout, SvgFormat.FORMAT);
        assertThat(replay.strays()).isFalse();
        assertThat(replay.cuts().contours())
                .hasSize(6
                        * cuts(one.withJob(sheet.with("copies", Amount.of(1))))
                                .contours()
                                .size());
    }
}
