package org.hyphantes.treatment;

import java.util.List;
import org.hyphantes.geometry.finish.RoughHewing;
import org.hyphantes.paint.Finish;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/** Makes the outlines of bands, courses and pieces rough, as if cut by hand in strokes. */
public record RoughHew(String figures, Strokes strokes, Amount often, Amount deep, Amount seed) implements Treatment {
    public static final RoughHew STARTING =
            new RoughHew(Surroundings.EVERY_FIGURE, Strokes.ANGULAR, Amount.of(4), Amount.of(0.5), Amount.of(1));

    /** How strokes follow on one another. */
    public enum Strokes {
        ANGULAR,
        SOFT
    }

    /** More strokes than this are not made. */
    private static final long MOST = 200_000;

    private static final Schema<RoughHew> SCHEMA = new Schema<>(
                    RoughHew.class,
                    "rough-hew",
                    "Rough-hew {figures} in {strokes} strokes, {often} to the centimetre, up to {deep} aside, cut {seed}.",
                    List.of(
                            Setting.of(RoughHew.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(RoughHew.class, "often", new Kind.Number(0.01, 1000)),
                            Setting.of(RoughHew.class, "deep", new Kind.Length(0, 1000)),
                            Setting.of(RoughHew.class, "strokes"),
                            Setting.of(RoughHew.class, "seed", new Kind.Count(0, 999))))
            .because("What is cut by hand is never quite even: a little roughness makes it look made.");

    @Override
    public Schema<RoughHew> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.COLOUR;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        return Finishing.of(
                work, new Finish.Hewn(often.value(), deep.value(), strokes == Strokes.SOFT, (long) seed.value()));
    }

    @Override
    public long wouldLay(Work before) {
        return Math.max(count(before), before.size() + before.courses());
    }

    @Override
    public boolean isTooMuch(Work before) {
        return count(before) > MOST || Treatment.super.isTooMuch(before);
    }

    private long count(Work before) {
        return (long) Math.min(1e15, RoughHewing.strokes(Finishing.length(before), often.value()));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Entry.word(strokes) + ", " + Numerals.shown(often.value(), 2) + "/cm";
    }
}
