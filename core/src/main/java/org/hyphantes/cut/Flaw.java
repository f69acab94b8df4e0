package org.hyphantes.cut;

import java.util.List;
import org.hyphantes.geometry.Point;

/**
 * Something about what is to be cut that would spoil it.
 *
 * @param amount a length (mm); 0 where it has none
 * @param places where (mm, in the design), one for each
 */
public record Flaw(Kind kind, double amount, List<Point> places) {
    public Flaw {
        places = List.copyOf(places);
    }

    /** What may be amiss. */
    public enum Kind {
        /** A piece that only holes surround. */
        LOOSE,
        /** Lines that lie on one another for a length in all. */
        DOUBLED,
        /** Parts that lie nearer to one another than the kerf (mm), so that one is cut into by the other. */
        CUT_INTO,
        /** Lines too short to be cut. */
        STRAY,
        /** A line to be cut whose ends lie apart, so far at least. */
        OPEN,
        /** Wider or higher than the bed by so much. */
        LARGER,
        /** Not all copies have room on the bed: so many have. */
        NO_ROOM,
        /** A bridge of a sheet, or a place of an area that is neither strand nor piece, narrower than the material bears: so wide (mm) the narrowest. */
        NARROW,
        /** Where a format has only lines and arcs, what is written strays from the design by so much (mm) at worst. */
        STRAYS,
        /** Nothing that any pass takes. */
        NOTHING,
        /** Lines that meet more than so many times, so that what lies on one another is not told. */
        CROWDED,
        /** A part that kerf leaves nothing of, or lines that cannot be resolved. */
        UNRESOLVED
    }
}
