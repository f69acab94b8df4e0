package org.hyphantes.gauge;

import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Strand;

/** How wide bands are, and whether they keep their width. */
final class EvennessGauge implements Gauge {
    static final String WORD = "evenness";
    static final Gauge GAUGE = new EvennessGauge();

    private EvennessGauge() {}

    @Override
    public String word() {
        return WORD;
    }

    @Override
    public String usual() {
        return "6 mm all along";
    }

    @Override
    public String why() {
        return "The eye sees a band that changes its width at once, so it should only where that is meant.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        Artwork artwork = examined.artwork();
        Design design = examined.design();
        State worst = examined.worst(this);
        double least = Double.POSITIVE_INFINITY;
        double most = 0;
        for (Laying laying : artwork.work().woven()) {
            for (Strand strand : laying.weave().strands()) {
                for (WidthProfile.Stop stop : strand.band().widths().stops()) {
                    least = Math.min(least, stop.width());
                    most = Math.max(most, stop.width());
                }
            }
        }
        if (most == 0) {
            return new GaugeReading(this, State.DOES_NOT_APPLY, "nothing woven");
        }
        String text = most - least < 1e-9
                ? Numerals.length(most, design.unit()) + " all along"
                : Numerals.length(least, design.unit()) + " to " + Numerals.length(most, design.unit());
        return new GaugeReading(this, worst, text);
    }
}
