package org.hyphantes.cut;

import java.util.List;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/**
 * One going over of the work by the machine. A line goes to the first pass that takes it; engraving takes areas, whose edges are left to the
 * others.
 *
 * @param speed how fast the tool goes (mm/s)
 * @param depth how deep (mm)
 * @param spacing how far (mm) apart engraved lines are
 */
public record Pass(Work work, Takes takes, Amount well, String strand, Amount speed, Amount depth, Amount spacing)
        implements Described {
    public static final Pass CUT =
            new Pass(Work.CUT, Takes.EVERYTHING, Amount.of(1), "A", Amount.of(20), Amount.of(2), Amount.of(0.3));

    /** Lines within bands are scored, then all else is cut. */
    public static final List<Pass> STARTING = List.of(
            new Pass(Work.SCORE, Takes.INNER_LINES, Amount.of(1), "A", Amount.of(40), Amount.of(0.5), Amount.of(0.3)),
            CUT);

    /** What the tool does. */
    public enum Work {
        CUT,
        SCORE,
        DRAW,
        ENGRAVE
    }

    /** What it does that to. */
    public enum Takes {
        EVERYTHING,
        /** The edges of areas. */
        EDGES,
        /** Lines that bound no area. */
        LINES,
        /** Lines within bands. */
        INNER_LINES,
        WELL,
        STRAND
    }

    private static final Schema<Pass> SCHEMA = new Schema<>(
                    Pass.class,
                    "pass",
                    "",
                    List.of(
                            Setting.of(Pass.class, "work"),
                            Setting.of(Pass.class, "takes"),
                            Setting.of(Pass.class, "well", new Kind.Count(1, Colourway.WELLS)),
                            Setting.of(Pass.class, "strand", new Kind.Text("the letter of a strand", 4)),
                            Setting.of(Pass.class, "speed", new Kind.Number(0.1, 2000)),
                            Setting.of(Pass.class, "depth", new Kind.Length(0, 200)),
                            Setting.of(Pass.class, "spacing", new Kind.Length(0.01, 100))))
            .telling(Pass::sentence)
            .because("A line goes to the first pass that takes it; what is engraved still has its edges cut.");

    private static String sentence(Pass pass) {
        String takes = switch (pass.takes) {
            case WELL -> "{takes} {well}";
            case STRAND -> "{takes} {strand}";
            default -> "{takes}";
        };
        String lines = pass.work == Work.ENGRAVE ? ", lines {spacing} apart" : "";
        return "{work} " + takes + lines + ", {speed} mm a second, {depth} deep.";
    }

    /** What it is called in files: "1 cut". */
    public String named(int number) {
        return number + " " + Entry.word(work);
    }

    @Override
    public Schema<Pass> schema() {
        return SCHEMA;
    }

    /** This pass doing something else. */
    public Pass doing(Work other) {
        return SCHEMA.put(this, "work", Entry.word(other));
    }

    /** This pass taking something else. */
    public Pass taking(Takes other) {
        return SCHEMA.put(this, "takes", Entry.word(other));
    }

    /** This pass taking what is of a well. */
    public Pass taking(int wellNumber) {
        return SCHEMA.put(taking(Takes.WELL), "well", Amount.of(wellNumber));
    }
}
