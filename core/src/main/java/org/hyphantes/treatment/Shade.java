package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Hatch;
import org.hyphantes.paint.Motif;
import org.hyphantes.paint.Patterned;
import org.hyphantes.paint.Stop;
import org.hyphantes.paint.Strewn;

/** What the fill of each part is, with what a sentence says of it. */
public enum Shade {
    FLAT("{fill}"),
    LINEAR("{fill} towards well {towards} through {through}, over {over}, at {axis}, moved {right} right, {down} down"),
    RADIAL("{fill} towards well {towards} through {through}, over {over}, moved {right} right, {down} down"),
    SWEPT(
            "{fill} towards well {towards} through {through}, over {over}, from {axis}, moved {right} right, {down} down"),
    ALONG("{fill} the strand towards well {towards} through {through}"),
    ACROSS("{fill} the strand towards well {towards} through {through}"),
    HATCH("{fill} at {axis}, lines {spacing} apart"),
    NET("{fill} at {axis}, lines {spacing} apart"),
    LINES_ALONG("{fill} the strand, {spacing} apart"),
    LINES_ROUND("{fill} the middle, {spacing} apart"),
    STIPPLE("{fill} {coverage} %, dots {spacing} apart, strewn {seed}"),
    CHIPS("{fill} towards well {towards}, {spacing} apart, strewn {seed}"),
    PATTERN("{fill} of {pattern} in {colours}, scaled {scale}, turned {axis}, moved {right} right, {down} down");

    private final String sentence;

    Shade(String sentence) {
        this.sentence = sentence;
    }

    /** Whether it is lines at a distance. */
    boolean isHatch() {
        return this == HATCH || this == NET || this == LINES_ALONG || this == LINES_ROUND;
    }

    boolean isStrewn() {
        return this == STIPPLE || this == CHIPS;
    }

    /** Whether it lies over what was there before. */
    boolean isTexture() {
        return isHatch() || isStrewn() || this == PATTERN;
    }

    /** What a sentence says of it, with a slot for each setting that counts. */
    String sentence() {
        return isHatch() || this == PATTERN ? sentence : sentence + "; {opacity} % opaque, {blend}";
    }

    /** The fill of a part. */
    Fill fill(Colour own, Colouring as, Colourway wells, Motif motif) {
        Fill fill = this == PATTERN
                ? new Patterned(motif, own, as.colours() == Colouring.Colours.ITS_OWN_COLOURS)
                : bare(own, as, wells);
        return isHatch() || this == PATTERN
                ? fill
                : Blended.of(fill, as.opacity().value() / 100, as.blend());
    }

    private Fill bare(Colour own, Colouring as, Colourway wells) {
        Colour end = wells.well((int) as.towards().value()).colour();
        double apart = as.spacing().value();
        double axis = as.axis().value();
        long seed = (long) as.seed().value();
        return switch (this) {
            case FLAT -> new Flat(own);
            case LINEAR -> gradient(Gradient.Way.LINEAR, own, as, wells);
            case RADIAL -> gradient(Gradient.Way.RADIAL, own, as, wells);
            case SWEPT -> gradient(Gradient.Way.SWEPT, own, as, wells);
            case ALONG -> gradient(Gradient.Way.ALONG, own, as, wells);
            case ACROSS -> gradient(Gradient.Way.ACROSS, own, as, wells);
            case HATCH -> new Hatch(own, apart, axis, Hatch.Lie.STRAIGHT);
            case NET -> new Hatch(own, apart, axis, Hatch.Lie.CROSSED);
            case LINES_ALONG -> new Hatch(own, apart, axis, Hatch.Lie.ALONG);
            case LINES_ROUND -> new Hatch(own, apart, axis, Hatch.Lie.ROUND);
            case STIPPLE ->
                new Strewn(Strewn.Shape.DOTS, own, own, apart, as.coverage().value() / 100, seed);
            case CHIPS -> new Strewn(Strewn.Shape.CHIPS, own, end, apart, 0, seed);
            case PATTERN -> throw new IllegalStateException("a pattern has a motif");
        };
    }

    private static Gradient gradient(Gradient.Way way, Colour own, Colouring as, Colourway wells) {
        List<Stop> stops = new ArrayList<>(List.of(new Stop(0, own)));
        Through.read(as.through())
                .forEach(t -> stops.add(new Stop(t.share(), wells.well(t.well()).colour())));
        stops.add(new Stop(1, wells.well((int) as.towards().value()).colour()));
        return new Gradient(way, stops, as.over(), as.axis().value(), as.shift());
    }
}
