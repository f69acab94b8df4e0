package org.hyphantes.exchange.format;

import java.util.Optional;
import java.util.Set;
import org.hyphantes.cut.BedDrawing;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.PassDrawing;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Parts;
import org.hyphantes.design.Tiles;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Chosen;
import org.hyphantes.scene.Grouping;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Outlines;
import org.hyphantes.scene.Output;
import org.hyphantes.scene.Scene;
import org.hyphantes.scene.Walk;
import org.hyphantes.setting.FigureList;
import org.hyphantes.treatment.Surroundings;

/**
 * What of a design goes into a file.
 *
 * @param scene all of it, or what one tile shows
 * @param page what is seen of it (mm, before it is scaled)
 * @param cloth what a pattern of it fills (mm), if it is one
 * @param once what goes to a machine, once it has been found
 */
public record Handout(Design design, Scene scene, Box page, Optional<Box> cloth, CutsOnce once) {
    public Handout(Design design, Scene scene, Box page, Optional<Box> cloth) {
        this(design, scene, page, cloth, new CutsOnce());
    }

    /** @throws CannotHandOver if the design is not made so that this can go out */
    public static Handout of(Design design, Artwork artwork) throws CannotHandOver {
        Handing handing = design.handing();
        if (handing.extent().isWhole()) {
            Handout whole = of(design, chosen(design, artwork.scene()));
            Box bed = BedDrawing.bed(design.job(), whole.scale());
            return whole.isOnBed() ? new Handout(design, whole.scene, bed, Optional.empty(), whole.once) : whole;
        }
        if (!Tiles.isCloth(artwork)) {
            throw new CannotHandOver("This design is no repeat and has no tile: hand over all of it, or repeat it.");
        }
        Scene whole = Tiles.tile(artwork)
                .orElseThrow(
                        () -> new CannotHandOver(
                                "No upright rectangle of up to " + Tiles.MOST_IN_TILE
                                        + " cells repeats here, or the cloth is smaller than that: set rows off by a half, a third or the like, or lay more cells."));
        Scene tile = chosen(design, whole);
        boolean pattern = handing.extent() == Handing.Extent.AS_A_PATTERN;
        return new Handout(
                design, tile, whole.box(), pattern ? Optional.of(artwork.scene().box()) : Optional.empty());
    }

    private static Scene chosen(Design design, Scene scene) throws CannotHandOver {
        String figures = design.handing().figures();
        if (figures.equals(Surroundings.EVERY_FIGURE)) {
            return scene;
        }
        Scene chosen = Chosen.of(scene, Set.copyOf(FigureList.ids(figures)));
        if (chosen.isEmpty()) {
            throw new CannotHandOver(
                    "Nothing is made of the figures that are to go out, or all of it is in pieces: choose"
                            + " others under what goes out, or every figure.");
        }
        return chosen;
    }

    /** All of a scene. */
    public static Handout of(Design design, Scene scene) {
        return new Handout(design, scene, scene.inked(), Optional.empty());
    }

    /** How large it is in parts of its size. */
    public double scale() {
        return design.handing().scale().value();
    }

    /** Whether it is one tile, which repeats edge to edge. */
    public boolean isTile() {
        return design.handing().extent() == Handing.Extent.ONE_TILE;
    }

    /** Whether it goes out on a page as large as the bed, as it lies there. */
    public boolean isOnBed() {
        return design.handing().extent() == Handing.Extent.AS_IT_LIES_ON_THE_BED;
    }

    /** What of it goes to a machine. */
    public Cuts cuts() {
        return once.cuts(() -> Cuts.of(Parts.of(design, scene), design.job(), design.colourway(), scale(), 0));
    }

    /** Draws it. */
    public void feed(Output output) {
        Output whole = design.handing().painted() == Handing.Painted.AS_OUTLINES ? new Outlines(output) : output;
        Walk.feed(scene, Look.PLAIN, whole);
    }

    /** This as what a machine follows, however it goes out. */
    public Handout forMachines() {
        Handing passes = design.handing().schema().put(design.handing(), "painted", "as passes");
        return new Handout(design.withHanding(passes), scene, page, Optional.empty(), once);
    }

    /** This as it is drawn by formats that draw scenes: in the groups that are asked for, or as the lines that a machine follows. */
    public Handout drawn() {
        if (design.handing().painted() != Handing.Painted.AS_PASSES) {
            Scene laid = isOnBed() ? BedDrawing.of(Parts.of(design, scene), design.job(), scale()) : scene;
            Scene grouped = Grouping.of(laid, design.handing().grouped());
            return grouped == scene ? this : new Handout(design, grouped, page, cloth, once);
        }
        if (isOnBed()) {
            Affine back = Affine.scale(1 / scale(), Point.ORIGIN);
            return new Handout(design, PassDrawing.of(cuts(), design.job(), back), page, Optional.empty());
        }
        Scene passes = PassDrawing.of(cuts(), design.job());
        return new Handout(design, passes, passes.inked(), Optional.empty());
    }
}
