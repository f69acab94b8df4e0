package org.hyphantes.exchange.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.command.Main;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Box;
import org.hyphantes.scene.Mark;
import org.hyphantes.weave.Course;
import org.hyphantes.weave.Weave;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Chosen figures go out alone: their courses, cut as they were, on a page of their own size. */
class ChosenFiguresTest {
    @TempDir
    private Path folder;

    private static Design only(Design design, String figures) {
        return design.withHanding(design.handing().schema().put(design.handing(), "figures", figures));
    }

    @Test
    void whatIsMadeOfTheChosenFiguresGoesOutAlone() throws Exception {
        Design design = Demo.TIDE_RING.design();
        Artwork artwork = new Resolver().resolve(design);
        Figure first = (Figure) design.root().members().get(0);
        Weave weave = artwork.work().weaves().get(0).weave();
        double wanted = weave.courses().stream()
                .filter(c -> weave.strands().get(c.strand()).key().figure().equals(first.id()))
                .map(Course::region)
                .mapToDouble(r -> r.area())
                .sum();
        Handout all = Handout.of(design, artwork);
        Handout chosen = Handout.of(only(design, first.id()), artwork);
        double area = chosen.scene().flat().stream()
                .filter(Mark.Area.class::isInstance)
                .mapToDouble(m -> ((Mark.Area) m).region().area())
                .sum();
        assertThat(area).isCloseTo(wanted, within(1e-6)).isGreaterThan(0);
        Box page = chosen.page();
        assertThat(page.width() * page.height())
                .isLessThanOrEqualTo(all.page().width() * all.page().height());
        assertThat(chosen.cuts().contours().size())
                .isBetween(1, all.cuts().contours().size() - 1);
        assertThatThrownBy(() -> Handout.of(only(design, "gone"), artwork))
                .isInstanceOf(CannotHandOver.class)
                .hasMessageContaining("choose others");
    }

    /** By its name, from the command line; and it is kept in the design. */
    @Test
    void theCommandLineTakesFiguresByTheirNames() throws Exception {
        Design design = Demo.TIDE_RING.design();
        Path file = folder.resolve("ring.hyphantes");
        ProjectFile.save(design, file);
        Figure first = (Figure) design.root().members().get(0);
        Path out = folder.resolve("one.svg");
        StringWriter told = new StringWriter();
        PrintWriter to = new PrintWriter(told);
        int exit = Main.run(
                to, to, "export", file.toString(), "-o", out.toString(), "-s", "handing.figures=" + first.name());
        assertThat(exit).as(told.toString()).isZero();
        Artwork artwork = new Resolver().resolve(design);
        int strands = (int) artwork.work().weaves().get(0).weave().strands().stream()
                .filter(s -> s.key().figure().equals(first.id()))
                .count();
        assertThat(Files.readString(out).split("id=\"strand-", -1)).hasSize(strands + 1);
        Design kept = only(design, first.id());
        assertThat(ProjectFile.read(ProjectFile.text(kept))).isEqualTo(kept);
    }
}
