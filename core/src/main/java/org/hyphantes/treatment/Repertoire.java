package org.hyphantes.treatment;

import java.util.List;

/** All treatments there are; apart from {@link Treatment} so that none is needed before it is made. */
final class Repertoire {
    static final List<Treatment> EACH = List.of(
            Turn.STARTING,
            Mirror.STARTING,
            Offset.STARTING,
            Between.STARTING,
            AlongLine.STARTING,
            Row.STARTING,
            Repeat.STARTING,
            Nest.STARTING,
            Soften.STARTING,
            Combine.STARTING,
            Knot.STARTING,
            Braid.STARTING,
            Band.STARTING,
            Infill.STARTING,
            Taper.STARTING,
            Interlace.STARTING,
            Pieces.STARTING,
            Within.STARTING,
            Colouring.STARTING,
            Edging.STARTING,
            RoughHew.STARTING,
            Depth.STARTING);

    private Repertoire() {}
}
