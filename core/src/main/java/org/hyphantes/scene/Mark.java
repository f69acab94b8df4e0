package org.hyphantes.scene;

import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Paint;

/** One thing to draw or cut, in exact curves, or several together; from the back to the front. */
public sealed interface Mark {
    Origin origin();

    /** The box round it (mm). */
    Box box();

    /** This mark carried by a map. */
    Mark map(Affine map);

    /**
     * A region with its fill and line.
     *
     * @param sides what of its border runs along a band, without the cuts across it; empty when that is all the same
     * @param spine the centre line of its band, if it is one
     */
    record Area(Region region, List<Path> sides, Optional<Spine> spine, Paint paint, Origin origin) implements Mark {
        public Area {
            sides = List.copyOf(sides);
        }

        public Area(Region region, Paint paint, Origin origin) {
            this(region, List.of(), Optional.empty(), paint, origin);
        }

        @Override
        public Box box() {
            return region.outline().box();
        }

        @Override
        public Area map(Affine map) {
            return new Area(
                    region.map(map), sides.stream().map(p -> p.map(map)).toList(), Optional.empty(), paint, origin);
        }
    }

    /** A line by itself, or one within a band. */
    record Stroke(Path path, Paint paint, Origin origin) implements Mark {
        @Override
        public Box box() {
            return path.box();
        }

        @Override
        public Stroke map(Affine map) {
            return new Stroke(path.map(map), paint, origin);
        }
    }

    /** A stretch darkened with ink of an opacity at {@code from}, which fades to none at {@code to}. */
    record Shade(Region region, Point from, Point to, double opacity, Origin origin) implements Mark {
        @Override
        public Box box() {
            return region.outline().box();
        }

        @Override
        public Shade map(Affine map) {
            return new Shade(region.map(map), map.of(from), map.of(to), opacity, origin);
        }
    }

    /** Marks of which only what lies within a region is seen. */
    record Clip(Region within, List<Mark> marks, Origin origin) implements Mark {
        public Clip {
            marks = List.copyOf(marks);
        }

        @Override
        public Box box() {
            return within.outline().box();
        }

        @Override
        public Clip map(Affine map) {
            return new Clip(within.map(map), marks.stream().map(m -> m.map(map)).toList(), origin);
        }
    }

    /**
     * Marks that belong together, laid by a map. Several groups may lay the same list of marks, which is then not copied.
     *
     * @param part what it is of the drawing
     * @param title what it is called in a file, where that does not follow from what it is; or empty
     * @param letters how many strands come before it in all, by which its strands are lettered
     */
    record Group(Part part, String title, List<Mark> marks, Affine map, int letters, Box box, Origin origin)
            implements Mark {
        /** Marks together with the box round them, laid by a map. */
        public static Group of(Part part, List<Mark> marks, Affine map, int letters, Origin origin) {
            List<Mark> kept = List.copyOf(marks);
            Box box = Box.round(kept.stream().map(Mark::box).toList());
            boolean there = map.equals(Affine.IDENTITY) || kept.isEmpty();
            return new Group(part, "", kept, map, letters, there ? box : box.map(map), origin);
        }

        @Override
        public Group map(Affine other) {
            return new Group(part, title, marks, other.after(map), letters, box.map(other), origin);
        }

        /** This group with a title of its own. */
        public Group titled(String own) {
            return new Group(part, own, marks, map, letters, box, origin);
        }
    }

    /** What a group is of a drawing. */
    enum Part {
        /** Lines and bands that are not woven. */
        LINES,
        /** A weave: no two of its areas overlap, so that they may be drawn in any order. */
        WEAVE,
        /** One strand of a weave. */
        STRAND,
        /** A mosaic: no two of its areas overlap. */
        PIECES,
        /** One ring of a mosaic. */
        RING,
        /** One tile of a cloth. */
        TILE,
        /** What one pass of a machine follows. */
        PASS,
        /** Marks put together by something else than how they are drawn; told by its title. */
        NAMED,
        /** The side faces of what is raised, those behind before those in front. */
        SIDES
    }
}
