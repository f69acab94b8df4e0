package org.hyphantes.cut;

import org.hyphantes.setting.Entry;

/** The simulated machines, none of which can be bought: their beds, what their tools take away, and how fast they are. */
public enum Machine {
    /** A drawn blade, for film, paper and thin leather. */
    HERON_BLADE(300, 200, 0, 400, 3000, 0.06, 8),
    /** A beam of light, for ply, card and acrylic. */
    KITTIWAKE_BEAM(600, 400, 0.2, 500, 5000, 0.01, 12),
    /** A turning bit, for wood and metal. */
    GANNET_MILL(900, 600, 0.5, 120, 600, 0.4, 3);

    private final double width;
    private final double height;
    private final double kerf;
    private final double travel;
    private final double acceleration;
    private final double lift;
    private final double jolt;

    Machine(double width, double height, double kerf, double travel, double acceleration, double lift, double jolt) {
        this.width = width;
        this.height = height;
        this.kerf = kerf;
        this.travel = travel;
        this.acceleration = acceleration;
        this.lift = lift;
        this.jolt = jolt;
    }

    public String word() {
        return Entry.word(this);
    }

    /** The width (mm) of its bed. */
    public double width() {
        return width;
    }

    /** The height (mm) of its bed. */
    public double height() {
        return height;
    }

    /** The width (mm) of what its tool takes away. */
    public double kerf() {
        return kerf;
    }

    /** How fast (mm/s) it travels with the tool up, and no tool goes faster. */
    public double travel() {
        return travel;
    }

    /** How fast it gathers speed (mm/s²). */
    public double acceleration() {
        return acceleration;
    }

    /** How long (s) the tool takes to go up or down. */
    public double lift() {
        return lift;
    }

    /** By how much (mm/s) its speed, as a vector, may change at once, as at a corner. */
    public double jolt() {
        return jolt;
    }
}
