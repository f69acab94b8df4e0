package org.hyphantes.gauge;

import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.setting.Numerals;

/** The narrowest ground, band or piece, against what the material bears. */
final class NarrowestGauge implements Gauge {
    static final String WORD = "narrowest";
    static final Gauge GAUGE = new NarrowestGauge();

    private NarrowestGauge() {}

    @Override
    public String word() {
        return WORD;
    }

    @Override
    public String usual() {
        return "1.68 mm, limit 1.5";
    }

    @Override
    public String why() {
        return "What is narrower than the material bears breaks, fills with ink, or burns through.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        if (examined.hasPieces() && !examined.isWoven()) {
            return examined.bands()
                    .map(work -> read(examined, work))
                    .orElseGet(() -> new GaugeReading(this, State.RESOLVING, "at rest"));
        }
        return examined.ofBands(this, work -> read(examined, work));
    }

    private GaugeReading read(Examined examined, List<Bandwork.Measured> work) {
        Design design = examined.design();
        State worst = examined.worst(this);
        double least = Math.min(
                examined.across(),
                work.stream().mapToDouble(Bandwork.Measured::narrowest).min().orElse(Double.POSITIVE_INFINITY));
        String limit = Numerals.shown(
                design.making().narrowest().value() / design.unit().millimetres(), 3);
        if (Double.isInfinite(least)) {
            return new GaugeReading(this, worst, "wide, limit " + limit);
        }
        boolean touch = work.stream().anyMatch(m -> m.touching() > 0);
        String text = Numerals.length(Math.rint(least * 100) / 100, design.unit()) + ", limit " + limit;
        return new GaugeReading(this, touch ? State.BROKEN : worst, text);
    }
}
