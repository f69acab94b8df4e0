package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Work;

/** What resolving makes: the scene that screens draw and files write, and the work it depicts, which acts and gauges read. */
public final class Artwork {
    private final Work work;
    private final Scene scene;
    private final List<Fault> faults;

    /** Laid out when first asked for. */
    private volatile Work spread;

    private Artwork(Work work, Scene scene, List<Fault> faults) {
        this.work = work;
        this.scene = scene;
        this.faults = List.copyOf(faults);
    }

    /** The lines and weaves; of a cloth those of one tile. */
    public Work work() {
        return work;
    }

    /** All lines and weaves that lie on the page: of a cloth those of all its tiles. */
    public Work spread() {
        Work known = spread;
        if (known == null) {
            known = work.spread();
            spread = known;
        }
        return known;
    }

    /** The work depicted. */
    public Scene scene() {
        return scene;
    }

    /** What had to be left out. */
    public List<Fault> faults() {
        return faults;
    }

    public static Artwork of(Work work, List<String> figures, Watch watch) {
        return of(work, figures, List.of(), watch);
    }

    static Artwork of(Work work, List<String> figures, List<Fault> faults, Watch watch) {
        Depiction depiction = Depiction.of(work, figures, watch);
        List<Fault> all = new ArrayList<>(faults);
        all.addAll(depiction.faults());
        return new Artwork(work, depiction.scene(), all);
    }

    /** The centre lines alone, depicted as lines. */
    public Scene lines() {
        Scene lines = Depiction.lines(work, scene.figures());
        return work.cloth()
                .map(cloth -> Tiles.laid(lines.marks(), lines.box(), cloth, scene.figures(), false))
                .orElse(lines);
    }

    /** The box round all centre lines and marks (mm). */
    public Box box() {
        return scene.box();
    }
}
