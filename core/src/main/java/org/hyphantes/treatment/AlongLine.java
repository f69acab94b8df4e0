package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Biarc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.Symmetry;

/**
 * Lays figures along the line of another, one after another in turn, as leaves along a vine: beside it or upon it, turned with it
 * or as drawn, growing from one size to another, with a stem if wanted. Those on the left are mirrored. The figures themselves are
 * only laid there; the line stays.
 *
 * @param times how many in all, on both sides together
 * @param apart the length of the line (mm) from each place to the next, when that is told; at most 5,000 places are laid
 * @param off how far (mm) from the line
 * @param lean the angle (degrees) from the way the line runs to the way a figure, and the end of its stem, points
 * @param from the size of the first, as a share of the figure as drawn
 * @param to the size of the last
 */
public record AlongLine(
        String figures,
        String line,
        Counting counted,
        Amount times,
        Amount apart,
        Beside beside,
        Amount off,
        Amount lean,
        Heading heading,
        Held held,
        Amount from,
        Amount to,
        Stem stem)
        implements Treatment {
    private static final int MOST_PLACES = 5_000;

    /** A stem leaves its line under no less than this (degrees); else it would begin too far back. */
    private static final double LEAST_LEAN = 15;

    public static final AlongLine STARTING = new AlongLine(
            Surroundings.EVERY_FIGURE,
            "the first",
            Counting.BY_NUMBER,
            Amount.of(9),
            Amount.of(20),
            Beside.IN_TURN,
            Amount.of(0),
            Amount.of(60),
            Heading.ALONG_IT,
            Held.BY_THE_FOOT,
            Amount.of(1),
            Amount.of(1),
            Stem.WITHOUT);

    private static final Kind SHARE = new Kind.Number(0.001, 1_000);

    private static final Schema<AlongLine> SCHEMA = new Schema<>(
                    AlongLine.class,
                    "along",
                    "Lay {figures} along {line}, {counted}: {times} in all or {apart} apart; {beside}, {off} off it, leaning {lean},"
                            + " heading {heading}, held {held}, growing from {from} to {to}, {stem} stems.",
                    List.of(
                            Setting.of(AlongLine.class, "times", new Kind.Count(1, MOST_PLACES)),
                            Setting.of(AlongLine.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(AlongLine.class, "line", new Kind.Figure("the first")),
                            Setting.of(AlongLine.class, "counted"),
                            Setting.of(AlongLine.class, "apart", new Kind.Length(0.01, 1e5)),
                            Setting.of(AlongLine.class, "beside"),
                            Setting.of(AlongLine.class, "off", new Kind.Length(0, 1e5)),
                            Setting.of(AlongLine.class, "lean", new Kind.Degrees(0, 180)),
                            Setting.of(AlongLine.class, "heading"),
                            Setting.of(AlongLine.class, "held"),
                            Setting.of(AlongLine.class, "from", SHARE),
                            Setting.of(AlongLine.class, "to", SHARE),
                            Setting.of(AlongLine.class, "stem")))
            .because(
                    "Leaves on a stem, beads on a rim, letters on an arch: what follows a line is laid by it, and goes on following.");

    @Override
    public Schema<AlongLine> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    @Override
    public long laid(long before) {
        long places = counted == Counting.BY_NUMBER ? (long) times.value() : 1;
        return before * places + (stem == Stem.WITHOUT ? 0 : places);
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        Optional<Surroundings.Named> carrier =
                line.equals("the first") ? surroundings.own().stream().findFirst() : surroundings.figure(line);
        Map<String, List<Laid>> motifs = new LinkedHashMap<>();
        List<Laid> lines = new ArrayList<>();
        for (Laid laid : work.lines()) {
            String figure = laid.key().figure();
            if (carrier.isEmpty() || figure.equals(carrier.get().id())) {
                lines.add(laid);
            } else {
                motifs.computeIfAbsent(figure, f -> new ArrayList<>()).add(laid);
            }
        }
        if (carrier.isEmpty() || motifs.isEmpty() || isTooMuch(work)) {
            return work;
        }
        Path way = carrier.get().form().paths(surroundings.pageBox()).get(0);
        List<Place> places = places(way);
        List<List<Laid>> inTurn = List.copyOf(motifs.values());
        for (int k = 0; k < places.size(); k++) {
            surroundings.watch().step();
            List<Laid> motif = inTurn.get(k % inTurn.size());
            double share = places.size() == 1 ? 0 : (double) k / (places.size() - 1);
            lay(lines, motif, places.get(k), from.value() + (to.value() - from.value()) * share, k);
        }
        return new Work(lines, work.weaves(), work.mosaics(), Symmetry.NONE);
    }

    /**
     * One place beside the line.
     *
     * @param root where its stem leaves the line, and which way the line runs there
     * @param pointing the bearing of what stands there
     */
    private record Place(Point at, Point root, Point running, double pointing, boolean left) {}

    private List<Place> places(Path way) {
        double length = way.length();
        int sides = beside == Beside.ON_BOTH_SIDES ? 2 : 1;
        int stations = counted == Counting.BY_NUMBER
                ? (int) Math.ceil(times.value() / sides)
                : (int) Math.min(MOST_PLACES, Math.max(1, Math.floor(length / apart.value() + 1e-9)));
        double step = counted == Counting.BY_NUMBER ? length / stations : apart.value();
        double first = way.closed() ? 0 : (length - step * (stations - 1)) / 2;
        List<Place> places = new ArrayList<>();
        for (int i = 0; i < stations; i++) {
            for (int side = 0; side < sides; side++) {
                boolean left = beside == Beside.ON_THE_LEFT
                        || beside == Beside.ON_BOTH_SIDES && side == 1
                        || beside == Beside.IN_TURN && i % 2 == 1;
                if (counted == Counting.BY_DISTANCE || places.size() < times.value()) {
                    places.add(place(way, first + i * step, left));
                }
            }
        }
        return places;
    }

    private Place place(Path way, double along, boolean left) {
        double position = way.positionAt(along);
        double running = Angle.bearing(way.tangent(position));
        double aside = running + (left ? -90 : 90);
        Point at = way.at(position).plus(Point.polar(off.value(), aside));
        double slope = Math.toRadians(Math.max(LEAST_LEAN, stem == Stem.CURVED ? lean.value() / 2 : lean.value()));
        double back = along - off.value() / Math.tan(slope);
        double length = way.length();
        double from = way.closed() ? ((back % length) + length) % length : Math.max(0, Math.min(length, back));
        double root = way.positionAt(from);
        double pointing = running + (left ? -lean.value() : lean.value());
        return new Place(at, way.at(root), way.tangent(root), pointing, left);
    }

    private void lay(List<Laid> lines, List<Laid> motif, Place place, double size, int k) {
        Laid first = motif.get(0);
        Affine map = Affine.shift(place.at());
        if (heading == Heading.ALONG_IT) {
            map = map.after(Affine.turn(place.pointing(), Point.ORIGIN));
            if (place.left()) {
                map = map.after(Affine.mirror(Point.ORIGIN, 0));
            }
        }
        map = map.after(Affine.scale(size, Point.ORIGIN))
                .after(Affine.shift(foot(motif).times(-1)));
        for (Laid laid : motif) {
            lines.add(laid.mapped(map, laid.key().copy(k)));
        }
        if (stem != Stem.WITHOUT && place.root().distance(place.at()) > 1e-6) {
            Path stalk = stem == Stem.STRAIGHT
                    ? Path.open(new Line(place.root(), place.at()))
                    : Path.open(Biarc.of(place.root(), place.running(), place.at(), Angle.direction(place.pointing()))
                            .toArray(Curve[]::new));
            // A part that none of the figure's own lines is.
            lines.add(first.along(stalk, first.key().part(motif.size()).copy(k)));
        }
    }

    private Point foot(List<Laid> motif) {
        if (held == Held.BY_THE_MIDDLE) {
            return motif.get(0).seat();
        }
        Box box = Box.round(motif.stream().map(Laid::path).map(Path::box).toList());
        return new Point(box.centre().x(), box.bottom());
    }

    @Override
    public String brief(Work done, Unit unit) {
        return counted == Counting.BY_NUMBER
                ? (int) times.value() + " in all"
                : Numerals.length(apart.value(), unit) + " apart";
    }
}
