package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Scene;
import org.hyphantes.treatment.Work;

/**
 * What resolving makes: the scene that screens draw and files write, and the work it depicts, which acts and gauges read.
 *
 * @param work the lines and weaves
 * @param scene the work depicted
 * @param faults what had to be left out
 */
public record Artwork(Work work, Scene scene, List<Fault> faults) {
    public Artwork {
        faults = List.copyOf(faults);
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
        return Depiction.lines(work, scene.figures());
    }

    /** The box round all centre lines and marks (mm). */
    public Box box() {
        return scene.box();
    }
}
