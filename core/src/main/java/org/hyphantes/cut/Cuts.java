package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colourway;
import org.hyphantes.scene.Scene;

/**
 * What goes to the machine of a drawing.
 *
 * @param contours in the order in which they are cut, pass after pass
 * @param toBed what carries the design (mm) onto the bed, where all of it lies as it is drawn
 * @param parts where what is laid by itself comes to lie, of each the first copy
 * @param travel how far (mm) is travelled with the tool up, and
 * @param asDrawn how far it would be in the order as drawn
 */
public record Cuts(
        List<Contour> contours, List<Flaw> flaws, Affine toBed, List<Part> parts, double travel, double asDrawn) {
    /** More parts and copies are not laid apart. */
    private static final int MOST_PARTS = 3000;

    public Cuts {
        contours = List.copyOf(contours);
        flaws = List.copyOf(flaws);
        parts = List.copyOf(parts);
    }

    /** What is laid by itself: the box (mm) round it in the design, round it and what is cut of it at its size, and what carries it onto the bed. */
    public record Part(Box drawn, Box cut, Affine toBed) {}

    /** Where a place of the design (mm) comes to lie on the bed. */
    public Point onBed(Point place) {
        return parts.stream()
                .filter(p -> p.drawn().grown(1).contains(place))
                .findFirst()
                .map(Part::toBed)
                .orElse(toBed)
                .of(place);
    }

    /** What is cut of a scene that goes out in so many parts of its size. */
    public static Cuts of(Scene scene, Job job, Colourway colourway, double scale) {
        return of(List.of(scene), job, colourway, scale, 0);
    }

    /**
     * What is cut of scenes each of which is laid on the bed by itself, with bridges of a sheet measured.
     *
     * @param limit what is narrower (mm) is a flaw; 0 for none
     */
    public static Cuts of(List<Scene> scenes, Job job, Colourway colourway, double scale, double limit) {
        try {
            return new Making(job, scale, limit).made(scenes, colourway);
        } catch (IllegalStateException | IllegalArgumentException | ArithmeticException e) {
            // Nothing may be called ready unseen.
            return new Cuts(
                    List.of(), List.of(new Flaw(Flaw.Kind.UNRESOLVED, 0, List.of())), Affine.IDENTITY, List.of(), 0, 0);
        }
    }

    /** How many parts and copies would have room on the bed if it were done by another job. */
    public int room(Job other) {
        return Layout.of(parts.stream().map(Part::cut).toList(), other).spots().size();
    }

    /** Whether they could not be found, however little is wrong. */
    public boolean isUnresolved() {
        return contours.isEmpty() && flaws.stream().anyMatch(f -> f.kind() == Flaw.Kind.UNRESOLVED);
    }

    /** The contours of one pass. */
    public List<Contour> of(int pass) {
        return contours.stream().filter(c -> c.pass() == pass).toList();
    }

    /** Makes them, with all that is amiss. */
    private static final class Making {
        private final Job job;
        private final double scale;
        private final double limit;
        private final Affine sized;
        private final List<Flaw> flaws = new ArrayList<>();

        Making(Job job, double scale, double limit) {
            this.job = job;
            this.scale = scale;
            this.limit = limit;
            this.sized = Affine.scale(scale, Point.ORIGIN);
        }

        Cuts made(List<Scene> scenes, Colourway colourway) {
            Contouring contouring = new Contouring(job, scale, limit, flaws);
            List<List<Contour>> made = new ArrayList<>();
            List<Box> boxes = new ArrayList<>();
            for (Scene scene : scenes) {
                List<Contour> contours = contouring.of(Sorted.of(scene, job, colourway));
                Coarseness.of(contours, job.fine().value(), sized.inverse()).ifPresent(flaws::add);
                if (job.laid() == Job.Laid.EACH_PART_BY_ITSELF && !contouring.isSheet()) {
                    for (List<Contour> part : apart(contours)) {
                        made.add(part);
                        boxes.add(round(part));
                    }
                } else if (!contours.isEmpty()) {
                    made.add(contours);
                    boxes.add(scene.box().map(sized));
                }
            }
            Box all = Box.round(scenes.stream().map(Scene::box).toList()).map(sized);
            Point middle = new Point(job.width().value() / 2, job.height().value() / 2);
            Affine centred = Affine.shift(middle.minus(all.centre())).after(sized);
            if (made.isEmpty()) {
                flaws.add(new Flaw(Flaw.Kind.NOTHING, 0, List.of()));
                return new Cuts(List.of(), flaws, centred, List.of(), 0, 0);
            }
            List<Box> cut = new ArrayList<>();
            for (int i = 0; i < made.size(); i++) {
                // Of a sheet only what is within it is cut, but all of it needs room.
                cut.add(round(made.get(i)).with(boxes.get(i)));
            }
            List<Layout.Spot> spots = spots(boxes, cut);
            List<Contour> laid = new ArrayList<>();
            for (Layout.Spot spot : spots) {
                made.get(spot.part()).forEach(c -> laid.add(c.with(c.path().map(spot.toBed()))));
            }
            List<Part> parts = new ArrayList<>();
            for (int i = 0; i < boxes.size(); i++) {
                int part = i;
                Affine place = spots.stream()
                        .filter(s -> s.part() == part)
                        .findFirst()
                        .map(s -> s.toBed().after(sized))
                        .orElse(centred);
                parts.add(new Part(boxes.get(i).map(sized.inverse()), cut.get(i), place));
            }
            return ordered(laid, made.size() == 1 ? parts.get(0).toBed() : centred, parts);
        }

        private static Box round(List<Contour> contours) {
            return Box.round(contours.stream().map(c -> c.path().box()).toList());
        }

        /** Each area with what is engraved on it and what lies within it, and other lines by themselves. */
        private static List<List<Contour>> apart(List<Contour> contours) {
            int[] parents = Nest.parents(contours.stream().map(Contour::path).toList());
            Map<Integer, List<Contour>> parts = new LinkedHashMap<>();
            for (int i = 0; i < contours.size(); i++) {
                int at = i;
                while (contours.get(at).part() < 0 && parents[at] >= 0) {
                    at = parents[at];
                }
                int part = contours.get(at).part();
                // Below zero what is of no area, by its outermost line.
                parts.computeIfAbsent(part >= 0 ? part : -1 - at, k -> new ArrayList<>())
                        .add(contours.get(i));
            }
            return List.copyOf(parts.values());
        }

        /** Where parts and their copies lie; one alone about the middle of the bed even where it is too large for it. */
        private List<Layout.Spot> spots(List<Box> boxes, List<Box> cut) {
            double over = boxes.stream().mapToDouble(this::over).max().orElse(0);
            if (over > 1e-6) {
                flaws.add(new Flaw(Flaw.Kind.LARGER, over, List.of()));
            }
            if (boxes.size() == 1 && (job.copies().value() == 1 || over > 1e-6)) {
                return List.of(Layout.alone(0, boxes.get(0), job));
            }
            if (cut.size() * job.copies().value() > MOST_PARTS) {
                flaws.add(new Flaw(Flaw.Kind.NO_ROOM, 0, List.of()));
                return alone(boxes);
            }
            Layout layout = Layout.of(cut, job);
            if (layout.spots().size() < layout.wanted()) {
                flaws.add(new Flaw(Flaw.Kind.NO_ROOM, layout.spots().size(), List.of()));
            }
            return layout.spots().isEmpty() ? alone(boxes) : layout.spots();
        }

        private List<Layout.Spot> alone(List<Box> boxes) {
            return IntStream.range(0, boxes.size())
                    .mapToObj(i -> Layout.alone(i, boxes.get(i), job))
                    .toList();
        }

        /** By how much (mm) a box is larger than the bed, as it may lie. */
        private double over(Box box) {
            double width = job.width().value();
            double height = job.height().value();
            double drawn = Math.max(box.width() - width, box.height() - height);
            double turned = Math.max(box.height() - width, box.width() - height);
            return switch (job.lie()) {
                case AS_DRAWN -> drawn;
                case A_QUARTER_TURNED -> turned;
                case TURNED_TO_FIT -> Math.min(drawn, turned);
            };
        }

        private Cuts ordered(List<Contour> laid, Affine toBed, List<Part> parts) {
            // The head rests in the lower left corner.
            Point home = new Point(0, job.height().value());
            List<Contour> ordered = new ArrayList<>();
            List<Contour> drawn = new ArrayList<>();
            Point at = home;
            for (int p = 0; p < job.passes().size(); p++) {
                int pass = p;
                List<Contour> own = laid.stream().filter(c -> c.pass() == pass).toList();
                drawn.addAll(own);
                ordered.addAll(Tour.of(own, at, job.order()));
                at = ordered.isEmpty()
                        ? home
                        : ordered.get(ordered.size() - 1).path().end();
            }
            return new Cuts(ordered, flaws, toBed, parts, Tour.travel(ordered, home), Tour.travel(drawn, home));
        }
    }
}
