package org.hyphantes.setting;

/**
 * How large what is read and typed may be: far beyond what a design needs, and small enough that nothing read can exhaust the
 * stack, the memory or the patience of who waits for it. docs/format.md lists them.
 */
public final class Limits {
    /** Bytes of a project file. */
    public static final int FILE_BYTES = 32 << 20;

    /** Groups within groups. */
    public static final int NESTING = 100;

    /** Figures and groups of a group. */
    public static final int MEMBERS = 100_000;

    /** Steps of a recipe. */
    public static final int STEPS = 10_000;

    /** Entries of a list that a step keeps, such as its pins. */
    public static final int ENTRIES = 100_000;

    public static final int MEASURES = 10_000;

    /** How many measures may be worked out of one another, each of the next. */
    public static final int MEASURE_CHAIN = 500;

    /** Characters of a name, an id, or the key of a measure. */
    public static final int NAME = 200;

    /** Characters of an inscription, or another short text of a setting. */
    public static final int WORDS = 1_000;

    /** Characters of a list of numbers or breaks as it is typed. */
    public static final int LIST = 400_000;

    /** Characters of the path of a file. */
    public static final int PATH = 4_096;

    /** Characters of the course of a path. */
    public static final int COURSE = 4_000_000;

    /** Characters of a number. */
    public static final int DIGITS = 400;

    /** Characters of an expression. */
    public static final int EXPRESSION = 1_000;

    /** Brackets, signs, powers and functions within one another in an expression. */
    public static final int DEPTH = 50;

    /** The furthest a coordinate may lie from the centre: ten kilometres in millimetres. */
    public static final double COORDINATE = 1e7;

    private Limits() {}
}
