package org.hyphantes.scene;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Paint;
import org.hyphantes.weave.Strand;

/**
 * The marks of a scene in other groups than they are drawn in. The picture stays as it is: a mark joins an earlier group of its title only where nothing
 * drawn since lies over its place, else a further group of that title begins.
 */
public final class Grouping {
    /** By what marks are put together. */
    public enum Way {
        /** As they are drawn: strand by strand, ring by ring. */
        BY_STRAND,
        BY_COLOUR,
        /** Each piece and each course by itself, with all that lies on it. */
        BY_PIECE
    }

    /** A grid of so many cells each way tells which marks may lie over one another. */
    private static final int CELLS = 64;

    /** A mark in its place, within its clips, the outermost first. */
    private record Item(Mark mark, List<Region> clips) {}

    /** A group as it grows, with the layers that cover each cell: marks of one layer never lie over one another. */
    private static final class Growing {
        private final String title;
        private final List<Item> items = new ArrayList<>();
        private final Map<Integer, Set<Integer>> layers = new HashMap<>();

        Growing(String title) {
            this.title = title;
        }

        boolean lies(List<Integer> cells, int layer) {
            return cells.stream().map(layers::get).anyMatch(s -> s != null && (s.size() > 1 || !s.contains(layer)));
        }
    }

    private final Way way;
    private final Box all;
    private final List<Growing> groups = new ArrayList<>();
    private final Map<String, Integer> topmost = new HashMap<>();
    private final List<Region> clips = new ArrayList<>();
    private List<Region> within = List.of();

    /** The layers of what is laid in every tile: the tiles of a cloth never lie over one another. */
    private final Map<List<Mark>, Integer> tiles = new IdentityHashMap<>();

    private boolean tiled;
    private int letters;
    private int layer;
    private int layers;
    private String last = "";

    private Grouping(Way way, Scene scene) {
        this.way = way;
        this.all = scene.inked();
    }

    public static Scene of(Scene scene, Way way) {
        if (way == Way.BY_STRAND) {
            return scene;
        }
        Grouping grouping = new Grouping(way, scene);
        grouping.marks(scene.marks(), Affine.IDENTITY, false);
        return new Scene(grouping.made(), scene.figures(), scene.box());
    }

    private void marks(List<Mark> marks, Affine map, boolean woven) {
        for (Mark mark : marks) {
            Watch.ask();
            if (mark instanceof Mark.Group group) {
                boolean together = group.part() == Mark.Part.WEAVE || group.part() == Mark.Part.PIECES;
                boolean outer = tiled;
                tiled |= group.part() == Mark.Part.TILE;
                if (together) {
                    letters = group.letters();
                    layer = tiled ? tiles.computeIfAbsent(group.marks(), m -> ++layers) : ++layers;
                }
                marks(group.marks(), map.after(group.map()), woven || together);
                tiled = outer;
            } else if (mark instanceof Mark.Clip clip) {
                clips.add(clip.within().map(map));
                within = List.copyOf(clips);
                marks(clip.marks(), map, woven);
                clips.remove(clips.size() - 1);
                within = List.copyOf(clips);
            } else {
                layer = woven ? layer : ++layers;
                add(new Item(laid(mark, map), within), layer);
            }
        }
    }

    private static Mark laid(Mark mark, Affine map) {
        if (map.equals(Affine.IDENTITY)) {
            return mark;
        }
        Mark there = mark.map(map);
        return there instanceof Mark.Area area
                ? new Mark.Area(
                        area.region(), area.sides(), area.spine(), area.paint().map(map), area.origin())
                : there;
    }

    private void add(Item item, int layer) {
        String title = title(item.mark());
        last = title;
        List<Integer> cells = cells(item.mark());
        Integer there = topmost.get(title);
        for (int g = groups.size() - 1; there != null && g > there; g--) {
            if (groups.get(g).lies(cells, layer)) {
                there = null;
            }
        }
        if (there == null) {
            there = groups.size();
            groups.add(new Growing(title));
            topmost.put(title, there);
        }
        Growing group = groups.get(there);
        group.items.add(item);
        cells.forEach(c -> group.layers.computeIfAbsent(c, k -> new HashSet<>()).add(layer));
    }

    private List<Integer> cells(Mark mark) {
        double weight = mark instanceof Mark.Stroke s
                ? s.paint().weight()
                : mark instanceof Mark.Area a ? a.paint().weight() : 0;
        Box box = mark.box().grown(weight / 2);
        int left = cell(box.left() - all.left(), all.width());
        int right = cell(box.right() - all.left(), all.width());
        int top = cell(box.top() - all.top(), all.height());
        int bottom = cell(box.bottom() - all.top(), all.height());
        List<Integer> cells = new ArrayList<>();
        for (int row = top; row <= bottom; row++) {
            for (int column = left; column <= right; column++) {
                cells.add(row * CELLS + column);
            }
        }
        return cells;
    }

    private static int cell(double at, double length) {
        return (int) Math.max(0, Math.min(CELLS - 1, Math.floor(at / length * CELLS)));
    }

    private String title(Mark mark) {
        if (mark instanceof Mark.Shade && !last.isEmpty()) {
            // It darkens what was drawn just before it.
            return last;
        }
        Paint paint = mark instanceof Mark.Area area
                ? area.paint()
                : mark instanceof Mark.Stroke stroke ? stroke.paint() : Paint.BARE_LINE;
        Origin origin = mark.origin();
        if (way == Way.BY_COLOUR) {
            return paint.fill()
                    .map(Fill::colour)
                    .or(paint::line)
                    .map(c -> "Colour " + c.hex())
                    .orElse("No colour");
        }
        return origin.piece() >= 0
                ? "Piece " + origin.piece()
                : origin.isWoven()
                        ? "Strand " + Strand.letter(letters + origin.strand()) + course(origin)
                        : "Figure " + figure(origin);
    }

    private static String course(Origin origin) {
        return origin.course() < 0 ? "" : " course " + (origin.course() + 1);
    }

    private static String figure(Origin origin) {
        return origin.key().figure().isEmpty() ? "none" : origin.key().figure();
    }

    private List<Mark> made() {
        List<Mark> made = new ArrayList<>();
        for (Growing group : groups) {
            made.add(Mark.Group.of(Mark.Part.NAMED, clipped(group.items), Affine.IDENTITY, 0, Origin.piece(-1))
                    .titled(group.title));
        }
        return made;
    }

    /** Marks that follow on one another within the same clips go into them together. */
    private static List<Mark> clipped(List<Item> items) {
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < items.size(); ) {
            List<Region> clips = items.get(i).clips();
            List<Mark> run = new ArrayList<>();
            for (; i < items.size() && items.get(i).clips() == clips; i++) {
                run.add(items.get(i).mark());
            }
            for (int k = clips.size() - 1; k >= 0; k--) {
                run = List.of(new Mark.Clip(clips.get(k), run, run.get(0).origin()));
            }
            marks.addAll(run);
        }
        return marks;
    }
}
