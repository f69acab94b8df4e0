package org.hyphantes.gauge;

import java.util.List;

/** All gauges there are, in the order in which they stand on the rail. */
public final class Gauges {
    public static final List<Gauge> EACH = List.of(
            StrandsGauge.GAUGE,
            CrossingsGauge.GAUGE,
            EvennessGauge.GAUGE,
            NarrowestGauge.GAUGE,
            TouchingGauge.GAUGE,
            SeamGauge.GAUGE,
            CutGauge.GAUGE);

    private Gauges() {}
}
