package org.hyphantes.gauge;

import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.setting.Numerals;

/** Where bands touch or overlap beside their crossings. */
final class TouchingGauge implements Gauge {
    static final String WORD = "touching";
    static final Gauge GAUGE = new TouchingGauge();

    private TouchingGauge() {}

    @Override
    public String word() {
        return WORD;
    }

    @Override
    public String usual() {
        return "0.32 mm at 8 places";
    }

    @Override
    public String why() {
        return "Bands that touch without crossing read as one, and fall apart or stick together when cut.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        return examined.ofBands(this, work -> read(examined.design(), examined.worst(this), work));
    }

    private GaugeReading read(Design design, State worst, List<Bandwork.Measured> work) {
        int places = work.stream().mapToInt(Bandwork.Measured::touching).sum();
        double deepest =
                work.stream().mapToDouble(Bandwork.Measured::deepest).max().orElse(0);
        String text = places == 0
                ? "nowhere"
                : Numerals.length(Math.rint(deepest * 100) / 100, design.unit()) + " at " + places
                        + (places == 1 ? " place" : " places");
        return new GaugeReading(this, worst, text);
    }
}
