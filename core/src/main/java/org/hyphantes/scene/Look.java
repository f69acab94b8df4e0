package org.hyphantes.scene;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.hyphantes.geometry.Box;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Paint;
import org.hyphantes.weave.StrandKey;

/**
 * A way of looking at a scene: what of it, from how near, and what stands out. It changes nothing of the scene.
 *
 * @param seen what of it (mm); empty for all
 * @param scale pixels for a millimetre; 0 in a file, which has none
 * @param edge the weight of edges in pixels, 0 to leave them out; empty for their own in millimetres
 * @param inks the colours of a theme in place of ink and paper
 * @param tints what tells strands without a colour apart; empty for the colours as they are
 * @param lifted the strand that stands out while all others fade to a third
 * @param textured whether textures tell strands apart
 * @param chosen the figures, by their ids, whose lines stand out
 * @param strength from 0 to 1: how far all colours stand off the paper; 1 as they are
 * @param sight how the eyes that look at it see colours
 * @param hurried whether what no format has is shown in one colour for each part, since more is coming
 */
public record Look(
        Optional<Box> seen,
        double scale,
        OptionalDouble edge,
        Inks inks,
        Optional<Tints> tints,
        Optional<StrandKey> lifted,
        boolean textured,
        Set<String> chosen,
        double strength,
        Sight sight,
        boolean hurried) {
    /** Ink, paper, what darkens a strand where it dives, and what stands out. */
    public record Inks(Colour ink, Colour paper, Colour shade, Colour chosen) {
        public static final Inks OWN = new Inks(Paint.INK, new Colour("#FFFFFF"), Paint.INK, Paint.INK);
    }

    /** All of it as it is: what a file shows. */
    public static final Look PLAIN = new Look(
            Optional.empty(),
            0,
            OptionalDouble.empty(),
            Inks.OWN,
            Optional.empty(),
            Optional.empty(),
            false,
            Set.of(),
            1,
            Sight.AS_IT_IS,
            false);

    public Look {
        chosen = Set.copyOf(chosen);
    }

    /** From so near that a millimetre is so many pixels, and no more than a box. */
    public Look at(Box box, double pixels) {
        return new Look(
                Optional.of(box), pixels, edge, inks, tints, lifted, textured, chosen, strength, sight, hurried);
    }

    public Look edged(double pixels) {
        return new Look(
                seen,
                scale,
                OptionalDouble.of(pixels),
                inks,
                tints,
                lifted,
                textured,
                chosen,
                strength,
                sight,
                hurried);
    }

    public Look inked(Inks others) {
        return new Look(seen, scale, edge, others, tints, lifted, textured, chosen, strength, sight, hurried);
    }

    public Look tinted(Tints others) {
        return new Look(
                seen, scale, edge, inks, Optional.of(others), lifted, textured, chosen, strength, sight, hurried);
    }

    public Look lifting(Optional<StrandKey> strand) {
        return new Look(seen, scale, edge, inks, tints, strand, textured, chosen, strength, sight, hurried);
    }

    public Look textured(boolean on) {
        return new Look(seen, scale, edge, inks, tints, lifted, on, chosen, strength, sight, hurried);
    }

    public Look choosing(Set<String> figures) {
        return new Look(seen, scale, edge, inks, tints, lifted, textured, figures, strength, sight, hurried);
    }

    /** Paler, so that something else can stand over it. */
    public Look pale(double share) {
        return new Look(seen, scale, edge, inks, tints, lifted, textured, chosen, share, sight, hurried);
    }

    /** With other eyes. */
    public Look seenBy(Sight other) {
        return new Look(seen, scale, edge, inks, tints, lifted, textured, chosen, strength, other, hurried);
    }

    /** The same in a hurry, or not. */
    public Look hurried(boolean on) {
        return new Look(seen, scale, edge, inks, tints, lifted, textured, chosen, strength, sight, on);
    }
}
