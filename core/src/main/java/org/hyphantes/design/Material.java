package org.hyphantes.design;

import java.util.Locale;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Machine;

/** What a design is made in, with the narrowest width (mm) it bears; common practice, no published source. */
public enum Material {
    PRINT(0.1, false, Machine.HERON_BLADE),
    PRINTED_TILE(0.3, false, Machine.HERON_BLADE),
    LASER(1.0, true, Machine.KITTIWAKE_BEAM),
    VINYL(0.8, true, Machine.HERON_BLADE),
    LEATHER(1.0, true, Machine.HERON_BLADE),
    METAL_INLAY(1.5, true, Machine.GANNET_MILL),
    EMBROIDERY(1.0, false, Machine.HERON_BLADE);

    private final double narrowest;
    private final boolean cut;
    private final Machine machine;

    Material(double narrowest, boolean cut, Machine machine) {
        this.narrowest = narrowest;
        this.cut = cut;
        this.machine = machine;
    }

    /** How it is cut, to begin with. */
    public Job job() {
        return Job.on(machine);
    }

    /** Whether it is cut by a machine. */
    public boolean isCut() {
        return cut;
    }

    public double narrowest() {
        return narrowest;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
