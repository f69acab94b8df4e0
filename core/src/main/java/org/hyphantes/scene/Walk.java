package org.hyphantes.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Blend;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patched;

/**
 * Feeds the marks of a scene to an output, from the back to the front, culled to what is seen and painted as the look has it. On a
 * screen all areas of a weave that are painted alike go together, since they never overlap: filling a thousand then costs little more than filling
 * one. A file gets them one by one, strand by strand.
 */
public final class Walk {
    /** From this many pixels of band width on, a drawing is seen from near, and the cuts across a band are lined too. */
    private static final double NEAR = 36;

    private static final double FADED = 1.0 / 3;

    /** In a hurry colours nearer than so many steps of 255 are one. */
    private static final int COARSE = 32;

    private final Scene scene;
    private final Look look;
    private final Output output;
    private final boolean all;

    /** Colours once mixed, for there are far more areas than colours. */
    private final Map<String, Colour> tints = new HashMap<>();

    private final Map<Colour, Colour> faded = new HashMap<>();

    private final Map<Colour, Colour> paled = new HashMap<>();

    private final Map<Colour, Colour> coarse = new HashMap<>();

    private Walk(Scene scene, Look look, Output output) {
        this.scene = scene;
        this.look = look;
        this.output = output;
        this.all = look.seen().map(s -> s.with(scene.box()).equals(s)).orElse(true);
    }

    public static void feed(Scene scene, Look look, Output output) {
        new Walk(scene, look, output).marks(scene.marks(), Affine.IDENTITY);
    }

    private boolean isSeen(Mark mark, Affine map) {
        return all || look.seen().orElseThrow().meets(boxOf(mark, map));
    }

    private static Box boxOf(Mark mark, Affine map) {
        return map.equals(Affine.IDENTITY) ? mark.box() : mark.box().map(map);
    }

    private void marks(List<Mark> marks, Affine map) {
        for (Mark mark : marks) {
            Watch.ask();
            if (!isSeen(mark, map)) {
                continue;
            }
            if (mark instanceof Mark.Group group) {
                group(group, map.after(group.map()));
            } else if (mark instanceof Mark.Clip clip) {
                output.clip(clip.within(), map);
                marks(clip.marks(), map);
                output.unclip();
            } else {
                single(mark, map);
            }
        }
    }

    private void group(Mark.Group group, Affine map) {
        output.begin(group);
        if ((group.part() == Mark.Part.WEAVE || group.part() == Mark.Part.PIECES) && look.scale() > 0) {
            weave(group, map);
        } else if ((group.part() == Mark.Part.LINES || group.part() == Mark.Part.SIDES) && look.scale() > 0) {
            lines(group, map);
        } else {
            marks(group.marks(), map);
        }
        output.end();
    }

    /** Lines on a screen: those painted alike that follow on one another go together, and those that stand out come last. */
    private void lines(Mark.Group group, Affine map) {
        List<Mark.Stroke> run = new ArrayList<>();
        List<Mark.Stroke> chosen = new ArrayList<>();
        for (Mark mark : group.marks()) {
            Watch.ask();
            if (!isSeen(mark, map)) {
                continue;
            }
            if (!(mark instanceof Mark.Stroke stroke)) {
                flush(run, map);
                single(mark, map);
            } else if (isChosen(stroke)) {
                chosen.add(stroke);
            } else {
                if (!run.isEmpty() && !run.get(0).paint().equals(stroke.paint())) {
                    flush(run, map);
                }
                run.add(stroke);
            }
        }
        flush(run, map);
        flush(chosen, map);
    }

    private void flush(List<Mark.Stroke> run, Affine map) {
        if (!run.isEmpty()) {
            output.strokes(List.copyOf(run), line(run.get(0)), map);
            run.clear();
        }
    }

    private boolean isChosen(Mark.Stroke stroke) {
        return look.chosen().contains(stroke.origin().key().figure());
    }

    private void single(Mark mark, Affine map) {
        if (mark instanceof Mark.Area area) {
            output.areas(List.of(area), paint(area.paint(), area.origin(), 0.6), true, map);
        } else if (mark instanceof Mark.Stroke stroke) {
            output.strokes(List.of(stroke), line(stroke), map);
        } else if (mark instanceof Mark.Shade shade) {
            output.shade(shade, pale(look.inks().shade()), map);
        }
    }

    /** A weave on a screen: all areas, painted alike together, then what darkens them, the lines within them and their textures. */
    private void weave(Mark.Group weave, Affine map) {
        Map<Paint, List<Mark.Area>> areas = new LinkedHashMap<>();
        List<Mark.Shade> shades = new ArrayList<>();
        Map<Paint, List<Mark.Stroke>> strokes = new LinkedHashMap<>();
        gather(weave.marks(), map, areas, shades, strokes);
        boolean bare = look.edge().orElse(1) <= 0;
        boolean pieces = weave.part() == Mark.Part.PIECES;
        areas.forEach((paint, alike) -> output.areas(alike, paint, pieces || near(alike), map));
        if (bare) {
            return;
        }
        shades.forEach(s -> output.shade(s, pale(look.inks().shade()), map));
        strokes.forEach((paint, alike) -> output.strokes(alike, paint, map));
        if (look.textured() && map.equals(Affine.IDENTITY)) {
            Textures textures = new Textures(look.scale());
            areas.values().forEach(alike -> alike.forEach(textures::add));
            textures.feed(output, pale(look.inks().ink()));
        }
    }

    private void gather(
            List<Mark> marks,
            Affine map,
            Map<Paint, List<Mark.Area>> areas,
            List<Mark.Shade> shades,
            Map<Paint, List<Mark.Stroke>> strokes) {
        for (Mark mark : marks) {
            Watch.ask();
            if (mark instanceof Mark.Group strand) {
                gather(strand.marks(), map, areas, shades, strokes);
            } else if (isSeen(mark, map)) {
                if (mark instanceof Mark.Area area) {
                    areas.computeIfAbsent(paint(area.paint(), area.origin(), 0), p -> new ArrayList<>())
                            .add(area);
                } else if (mark instanceof Mark.Shade shade) {
                    shades.add(shade);
                } else if (mark instanceof Mark.Stroke stroke) {
                    strokes.computeIfAbsent(line(stroke), p -> new ArrayList<>())
                            .add(stroke);
                }
            }
        }
    }

    private boolean near(List<Mark.Area> areas) {
        double widest = 0;
        for (Mark.Area area : areas) {
            widest = area.spine().isPresent()
                    ? Math.max(widest, area.spine().get().width())
                    : widest;
        }
        return widest * look.scale() > NEAR;
    }

    /** The paint of an area as it is looked at. */
    private Paint paint(Paint own, Origin origin, double leastPixels) {
        Fill fill = own.fill().orElse(null);
        if (fill != null && own.isPlain() && look.tints().isPresent()) {
            fill = new Flat(tints.computeIfAbsent(
                    origin.key().figure(), f -> look.tints().get().of(scene.number(f))));
        }
        if (fill != null && look.lifted().isPresent() && origin.isWoven()) {
            fill = look.lifted().get().equals(origin.key())
                    ? fill
                    : fill.map(f ->
                            faded.computeIfAbsent(f, c -> look.inks().paper().towards(c, FADED)));
        }
        if (fill != null && look.hurried()) {
            fill = hurried(fill);
        }
        Paint seen = own.filled(fill == null || isAsItIs() ? fill : fill.map(this::pale));
        if (own.line().isPresent()) {
            // Colours of the design keep its own ink about them, whatever the theme.
            boolean tinted = own.isPlain() && look.tints().isPresent();
            Colour edge =
                    tinted || fill == null ? ink(own.line().get()) : own.line().get();
            boolean shown = own.isWeighted() && look.edge().orElse(1) > 0;
            seen = seen.lined(pale(edge), shown ? own.weight() : weight(own.weight(), 1, leastPixels));
        }
        return seen;
    }

    /** One colour in place of patches; near ones are made the same, so that areas still go together. None in place of what leaves ground. */
    private Fill hurried(Fill fill) {
        if (fill instanceof Blended blended) {
            Fill inner = hurried(blended.inner());
            return inner == null ? null : Blended.of(inner, blended.opacity(), Blend.NORMAL);
        }
        if (fill instanceof Patched patched) {
            return patched.isWhole() ? new Flat(coarse.computeIfAbsent(patched.colour(), c -> c.coarse(COARSE))) : null;
        }
        return fill;
    }

    /** The paint of a line as it is looked at. */
    private Paint line(Mark.Stroke stroke) {
        Paint own = stroke.paint();
        Colour colour = own.line().orElse(Paint.INK);
        boolean within = stroke.origin().isWoven() || own.equals(Paint.INNER_LINE);
        double weight = own.isWeighted() && look.edge().orElse(1) > 0
                ? own.weight()
                : within ? weight(own.weight(), 0.7, 0) : weight(own.weight(), 1, 0.8);
        if (isChosen(stroke)) {
            return own.lined(pale(look.inks().chosen()), weight * 1.6);
        }
        return own.lined(pale(ink(colour)), weight);
    }

    private Colour pale(Colour colour) {
        return isAsItIs()
                ? colour
                : paled.computeIfAbsent(
                        colour, c -> look.sight().of(look.inks().paper().towards(c, Math.min(1, look.strength()))));
    }

    private boolean isAsItIs() {
        return look.strength() >= 1 && look.sight() == Sight.AS_IT_IS;
    }

    private Colour ink(Colour own) {
        return own.equals(Paint.INK) ? look.inks().ink() : own;
    }

    /** A weight in millimetres: its own, or that of the look's edges or a share of it, but no less than so many pixels. */
    private double weight(double own, double share, double leastPixels) {
        return look.edge().isEmpty() ? own : Math.max(look.edge().getAsDouble() * share, leastPixels) / look.scale();
    }
}
