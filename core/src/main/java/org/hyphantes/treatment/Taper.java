package org.hyphantes.treatment;

import java.util.List;
import java.util.function.Predicate;
import org.hyphantes.geometry.offset.Corners;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.BandStyle;
import org.hyphantes.weave.StrandKey;

/**
 * Makes lines bands whose width changes evenly along them, from nothing if wanted. A closed line has no end: there it swells half
 * the way round and back.
 *
 * @param from the one width, in mm
 * @param to the other, where it swells
 * @param tip how open lines end
 */
public record Taper(String lines, Amount from, Amount to, Swelling swelling, Ends tip) implements Treatment {
    public static final Taper STARTING =
            new Taper(Surroundings.EVERY_LINE, Amount.of(1), Amount.of(6), Swelling.AT_THE_END, Ends.POINTED);

    private static final Kind WIDTH = new Kind.Length(0, 1e5);

    private static final Schema<Taper> SCHEMA = new Schema<>(
                    Taper.class,
                    "taper",
                    "Taper {lines} from {from} to {to}, swelling {swelling}, tip {tip}.",
                    List.of(
                            Setting.of(Taper.class, "from", WIDTH),
                            Setting.of(Taper.class, "to", WIDTH),
                            Setting.of(Taper.class, "lines", new Kind.Figure("every line", true)),
                            Setting.of(Taper.class, "swelling"),
                            Setting.of(Taper.class, "tip")))
            .because("A band that swells and thins is drawn as if by a broad pen.");

    @Override
    public Schema<Taper> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.BANDS;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        if (from.value() <= 0 && to.value() <= 0) {
            return work;
        }
        Predicate<StrandKey> meant = surroundings.meaning(lines);
        return work.withLines(work.lines().stream()
                .map(l -> meant.test(l.key())
                        ? l.banded(new BandStyle(
                                widths(l.path().closed()),
                                tip,
                                l.band().map(BandStyle::corners).orElse(Corners.MITRED),
                                l.band().map(BandStyle::lines).orElse(0)))
                        : l)
                .toList());
    }

    private WidthProfile widths(boolean closed) {
        double a = from.value();
        double b = to.value();
        if (a == b) {
            return WidthProfile.even(a);
        }
        return switch (swelling) {
            case AT_THE_END -> closed ? there(a, b) : WidthProfile.taper(a, b);
            case AT_THE_START -> closed ? there(b, a) : WidthProfile.taper(b, a);
            case IN_THE_MIDDLE -> there(a, b);
            case AT_BOTH_ENDS -> there(b, a);
        };
    }

    private static WidthProfile there(double ends, double middle) {
        return new WidthProfile(List.of(
                new WidthProfile.Stop(0, ends), new WidthProfile.Stop(0.5, middle), new WidthProfile.Stop(1, ends)));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.length(from.value(), unit) + " to " + Numerals.length(to.value(), unit);
    }
}
