package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.paint.Colour;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.Diagram;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/**
 * Weaves all bands: over and under in turn along every strand, with a clearance beside each under-pass, save for the
 * crossings pinned by hand. Lines without a band are left as they are, and so is work that crosses more often than
 * {@link Diagram#MOST_MEETINGS}.
 */
public record Interlace(Beginning beginning, String strand, Amount clearance, Reach reach, List<Pin> pins)
        implements Treatment {
    public static final Interlace STARTING =
            new Interlace(Beginning.OVER, "A", Amount.of(0.6), Reach.EVERY_TURN, List.of());

    private static final Schema<Interlace> SCHEMA = new Schema<>(
            Interlace.class,
            "interlace",
            "Interlace alternately, beginning {beginning} at strand {strand}, leaving a clearance of {clearance} beside each"
                    + " under-pass; swaps reach {reach}.",
            List.of(
                    Setting.choice(
                            "beginning",
                            Beginning.class,
                            Interlace::beginning,
                            (i, v) -> new Interlace(v, i.strand, i.clearance, i.reach, i.pins)),
                    Setting.reference(
                            "strand",
                            "a strand by its letter",
                            Interlace::strand,
                            (i, v) -> new Interlace(i.beginning, v, i.clearance, i.reach, i.pins)),
                    Setting.number(
                            "clearance",
                            new Kind.Length(0, 1e4),
                            Interlace::clearance,
                            (i, v) -> new Interlace(i.beginning, i.strand, v, i.reach, i.pins)),
                    Setting.choice(
                            "reach",
                            Reach.class,
                            Interlace::reach,
                            (i, v) -> new Interlace(i.beginning, i.strand, i.clearance, v, i.pins))));

    public Interlace {
        pins = List.copyOf(pins);
    }

    @Override
    public Schema<Interlace> schema() {
        return SCHEMA;
    }

    public Interlace withPins(List<Pin> changed) {
        return new Interlace(beginning, strand, clearance, reach, changed);
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Strand> strands = new ArrayList<>();
        List<Optional<Colour>> colours = new ArrayList<>();
        List<Laid> rest = new ArrayList<>();
        for (Laid laid : work.lines()) {
            if (laid.band().isPresent()) {
                BandStyle band = laid.band().get();
                colours.add(laid.colour());
                String letter = Strand.letter(strands.size());
                strands.add(new Strand(letter, laid.key(), laid.path(), band.width(), band.ends()));
            } else {
                rest.add(laid);
            }
        }
        if (strands.isEmpty()) {
            return work;
        }
        Weave.Order order =
                new Weave.Order(beginningStrand(strands), beginning == Beginning.OVER, clearance.value(), pins);
        Optional<Diagram> diagram = Diagram.of(strands, surroundings.watch());
        if (diagram.isEmpty()) {
            return work;
        }
        Weave weave = Weave.of(diagram.get(), order, work.turning(), surroundings.watch());
        List<Laying> weaves = new ArrayList<>(work.weaves());
        weaves.add(new Laying(weave, surroundings.group(), surroundings.step(), Affine.IDENTITY, colours));
        return new Work(rest, weaves, work.turning());
    }

    private int beginningStrand(List<Strand> strands) {
        for (int s = 0; s < strands.size(); s++) {
            if (strands.get(s).name().equalsIgnoreCase(strand)) {
                return s;
            }
        }
        return 0;
    }

    @Override
    public String brief(Work done, Unit unit) {
        int crossings = done.weaves().stream()
                .mapToInt(l -> l.weave().crossings().size())
                .sum();
        return crossings + (crossings == 1 ? " crossing" : " crossings");
    }
}
