package org.hyphantes.machine;

import org.hyphantes.geometry.Curve;

/**
 * One move of the head.
 *
 * @param kind what it does
 * @param pass the number of the pass it belongs to, from 0
 * @param stroke which stroke of the tool, from one lowering to the next lift; of a travel the one that it leads to
 * @param curve its way (mm, from the lower left corner of the bed, upwards)
 * @param speed how fast it may go (mm/s); infinite where the file does not say
 */
public record Move(Kind kind, int pass, int stroke, Curve curve, double speed) {
    /** What a head does. */
    public enum Kind {
        /** The tool is up. */
        TRAVEL,
        /** The tool is down. */
        WORK
    }

    public boolean isWork() {
        return kind == Kind.WORK;
    }
}
