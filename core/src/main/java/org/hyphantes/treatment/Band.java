package org.hyphantes.treatment;

import java.util.List;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/** Makes every line not yet woven an even band, half its width on either side. */
public record Band(Amount width, Ends ends) implements Treatment {
    public static final Band STARTING = new Band(Amount.of(6), Ends.BUTT);

    private static final Schema<Band> SCHEMA = new Schema<>(
            Band.class,
            "band",
            "Make every strand a band {width} wide, ends {ends}.",
            List.of(
                    Setting.number("width", new Kind.Length(0.01, 1e5), Band::width, (b, v) -> new Band(v, b.ends)),
                    Setting.choice("ends", Ends.class, Band::ends, (b, v) -> new Band(b.width, v))));

    @Override
    public Schema<Band> schema() {
        return SCHEMA;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        BandStyle style = new BandStyle(width.value(), ends);
        return work.withLines(work.lines().stream().map(l -> l.banded(style)).toList());
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.length(width.value(), unit);
    }
}
