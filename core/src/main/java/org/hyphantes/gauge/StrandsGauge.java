package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Artwork;
import org.hyphantes.geometry.Path;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Strand;

/** How many lines and strands there are, and whether they close. */
final class StrandsGauge implements Gauge {
    static final String WORD = "strands";
    static final Gauge GAUGE = new StrandsGauge();

    private StrandsGauge() {}

    @Override
    public String word() {
        return WORD;
    }

    @Override
    public String usual() {
        return "9, all closed";
    }

    @Override
    public String why() {
        return "Strands that are closed can be woven throughout and cut in one piece; an open end should be meant.";
    }

    @Override
    public GaugeReading read(Examined examined) {
        Artwork artwork = examined.artwork();
        State worst = examined.worst(this);
        List<Path> paths = new ArrayList<>(
                artwork.work().strandlike().stream().map(Laid::path).toList());
        int onward = 0;
        for (Laying laying : artwork.work().woven()) {
            for (Strand strand : laying.weave().strands()) {
                paths.add(strand.path());
                onward += strand.onward().isPresent() ? 1 : 0;
            }
        }
        int pieces = artwork.work().mosaics().stream()
                .mapToInt(i -> i.mosaic().kept().size())
                .sum();
        if (paths.isEmpty() && (pieces > 0 || worst != State.WHOLE)) {
            return new GaugeReading(this, worst, Numerals.counted(pieces, "piece"));
        }
        if (paths.isEmpty()) {
            return new GaugeReading(this, State.DOES_NOT_APPLY, "none yet");
        }
        long open = paths.stream().filter(p -> !p.closed()).count() - onward;
        String text = paths.size()
                + (onward > 0
                        ? ", " + onward + " run on" + (open > 0 ? ", " + open + " open" : "")
                        : open == 0 ? ", all closed" : open == paths.size() ? ", all open" : ", " + open + " open");
        return new GaugeReading(this, worst, text);
    }
}
