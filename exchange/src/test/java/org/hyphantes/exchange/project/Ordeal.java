package org.hyphantes.exchange.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import javax.xml.parsers.DocumentBuilderFactory;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.report.Report;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Look;
import org.hyphantes.setting.Quoted;
import org.xml.sax.InputSource;

/** Puts a text through all that a file goes through: it is refused, done, or broken off, and nothing else. */
final class Ordeal {
    /** How it ended. */
    enum End {
        REFUSED,
        DONE,
        BROKEN_OFF
    }

    private static final ThreadMXBean THREADS = ManagementFactory.getThreadMXBean();

    /** So many ns lie between two looks at the processor's clock, which takes longer to be read than the other. */
    private static final long BETWEEN = 1_000_000;

    private final long patience;
    private long asked;
    private long looked;
    private long late;

    /** @param patience after how many ns of the processor it is asked to break off: what else runs on the machine takes nothing from it */
    Ordeal(long patience) {
        this.patience = patience;
    }

    /** How long (ns of the processor) it went on after it was asked to break off. */
    long late() {
        return late;
    }

    End of(String text) throws Exception {
        Design design;
        try {
            design = ProjectFile.read(text);
        } catch (CannotOpen e) {
            assertThat(e.getMessage())
                    .hasSizeLessThanOrEqualTo(Quoted.MESSAGE)
                    .matches(m -> !Quoted.isUnsound(m), "nothing unsound")
                    .containsPattern("line \\d+, column|At /|not a Hyphantes design|newer Hyphantes");
            e.rescue().ifPresent(r -> assertThat(ProjectFile.text(r.design())).isNotEmpty());
            return End.REFUSED;
        }
        assertThat(ProjectFile.read(ProjectFile.text(design))).isEqualTo(design);
        long until = THREADS.getCurrentThreadCpuTime() + patience;
        asked = 0;
        looked = System.nanoTime();
        Watch watch = () -> {
            long now = System.nanoTime();
            if (now - looked < BETWEEN) {
                return;
            }
            looked = now;
            long worked = THREADS.getCurrentThreadCpuTime();
            if (worked > until) {
                throw new BrokenOff();
            }
            asked = worked;
        };
        try {
            String svg = Watch.over(watch, () -> {
                Artwork artwork = new Resolver().resolve(design, watch);
                Report report = new Report(design, artwork, watch);
                report.json();
                report.lines();
                return SvgFormat.text(design.name(), artwork.scene(), Look.PLAIN);
            });
            DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new InputSource(new StringReader(svg)));
            return End.DONE;
        } catch (BrokenOff e) {
            // Its last asking before it should have broken off may lie a little before.
            late = THREADS.getCurrentThreadCpuTime() - Math.max(until, asked);
            return End.BROKEN_OFF;
        }
    }
}
