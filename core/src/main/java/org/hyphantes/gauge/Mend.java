package org.hyphantes.gauge;

import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.geometry.Watch;

/**
 * What mends a snag: the words that offer it, the words that say it was done, and the change, which may take as long as several
 * resolvings and can be broken off.
 */
public record Mend(String offer, String done, Change change) {
    /** A change of a design that may take long. */
    @FunctionalInterface
    public interface Change {
        Design of(Design design, Watch watch);
    }

    /** A mend that takes no time. */
    public static Mend of(String offer, Edit edit) {
        return new Mend(offer, edit.words(), (d, watch) -> edit.change().apply(d));
    }

    /** The design mended, however long that takes. */
    public Design of(Design design) {
        return change.of(design, Watch.NONE);
    }
}
