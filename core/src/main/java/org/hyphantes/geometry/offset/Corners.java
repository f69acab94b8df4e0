package org.hyphantes.geometry.offset;

/**
 * How corners are done: their kind, and for mitred ones the greatest length from the inner to the outer corner, in parts of
 * the whole width of the band.
 *
 * <p>Source of the limit's meaning: W3C SVG 2, section 13.5.5, stroke-miterlimit.
 *
 * @throws IllegalArgumentException if the limit is less than 1
 */
public record Corners(Corner kind, double limit) {
    public static final Corners ROUND = new Corners(Corner.ROUND, 1);
    public static final Corners BEVELLED = new Corners(Corner.BEVELLED, 1);

    /** Mitred with a limit that only corners sharper than 11.5 degrees pass. */
    public static final Corners MITRED = new Corners(Corner.MITRED, 10);

    public Corners {
        if (!(limit >= 1)) {
            throw new IllegalArgumentException("a mitre limit must be 1 or more, not " + limit);
        }
    }
}
