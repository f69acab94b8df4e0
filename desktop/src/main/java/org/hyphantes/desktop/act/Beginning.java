package org.hyphantes.desktop.act;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Plait;
import org.hyphantes.figure.Ring;
import org.hyphantes.figure.Seated;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.plait.Sides;
import org.hyphantes.setting.Amount;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Braid;
import org.hyphantes.treatment.ColouredBy;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Fitting;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Phase;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Treatment;

/** The values that what is new begins with, so that they fit the drawing. */
final class Beginning {
    /** A key waits no longer (ns) for a fitting width; the usual one is taken then. */
    private static final long PATIENCE = 100_000_000L;

    /** The well of what lies over other colours: of Quay the darkest. */
    private static final int OVER = 7;

    private final Desk desk;

    Beginning(Desk desk) {
        this.desk = desk;
    }

    /** A band that keeps the grounds whole, a clearance of a tenth of the band, a braid that crosses squarely, pieces coloured by their rings; what has been given numbers stays as it is. */
    Treatment fitted(Treatment starting) {
        if (starting.equals(Band.STARTING)) {
            return band();
        }
        if (starting.equals(Interlace.STARTING)) {
            return desk.root()
                    .last(Band.class)
                    .map(s -> (Treatment) Interlace.STARTING.withClearance(
                            Fitting.clearance(((Band) s.treatment()).width().value())))
                    .orElse(starting);
        }
        if (starting.equals(Braid.STARTING)) {
            OptionalDouble longest = longest();
            return longest.isPresent() ? Braid.STARTING.along(longest.getAsDouble()) : starting;
        }
        if (starting instanceof Repeat repeat && repeat.width().equals(Repeat.STARTING.width())) {
            return celled(repeat);
        }
        if (starting instanceof Colouring colouring
                && colouring.liesOver()
                && desk.root().last(Colouring.class).isPresent()) {
            // What lies over colours stands off them in one of its own.
            Amount own = Amount.of(OVER);
            Colouring over = colouring.with("well", own).with("last", own);
            return desk.root().last(Pieces.class).isPresent() ? over.withBy(ColouredBy.RING) : over;
        }
        if (starting instanceof Colouring colouring
                && colouring.by() == ColouredBy.STRAND
                && desk.root().last(Pieces.class).isPresent()) {
            return colouring.withBy(ColouredBy.RING);
        }
        return starting;
    }

    /** How long the longest line drawn is, in mm. */
    private OptionalDouble longest() {
        Resolved resolved = desk.resolved();
        return resolved == null
                ? OptionalDouble.empty()
                : resolved.setOut().spread().lines().stream()
                        .mapToDouble(l -> l.path().length())
                        .filter(l -> l > 0)
                        .max();
    }

    /** A repeat whose cells have room for what it takes of what is drawn, in each of their places. */
    private Treatment celled(Repeat repeat) {
        List<Path> taken = taken(repeat);
        if (taken.isEmpty()) {
            return repeat;
        }
        Box box = Box.round(taken.stream().map(Path::box).toList());
        RepeatGroup group = repeat.group();
        Optional<Repeat> all = allOver(repeat);
        if (all.isPresent()) {
            return all.get();
        }
        boolean square = group.cell() == RepeatGroup.Cell.SQUARE;
        boolean hexagonal = group.cell() == RepeatGroup.Cell.HEXAGONAL;
        // What runs from side to side is meant to go on in the next cell, so that its length is that of a cell.
        Optional<Path> across = runningThrough(taken, new Point(box.width(), 0));
        boolean level = across.isPresent();
        boolean upright = runningThrough(taken, new Point(0, box.height())).isPresent();
        double places = level || upright ? 1 : Math.sqrt(group.positions().size());
        double wide = level ? box.width() : Math.ceil(Math.max(0.01, box.width() * places));
        double high = upright ? box.height() : Math.ceil(Math.max(0.01, box.height() * places));
        double width = level || !square && !hexagonal
                ? wide
                : upright ? high / (hexagonal ? Math.sqrt(3) : 1) : Math.max(wide, high);
        double height = square ? width : hexagonal ? width * Math.sqrt(3) / 2 : high;
        // Lines in three directions stand off the centres of turning by a quarter, so that no three meet in one place.
        double left = hexagonal && upright ? width / 4 : width / 2;
        double above = hexagonal && level ? height / 4 : height / 2;
        boolean alone = places == 1;
        if (level && group.cell() == RepeatGroup.Cell.STRIP) {
            // The middle of a strip lies where that line leaves it.
            return repeat.with("width", Amount.of(width))
                    .with("right", Amount.of(box.left()))
                    .with("down", Amount.of(across.get().start().y()));
        }
        return repeat.with("width", Amount.of(width))
                .with("height", Amount.of(height))
                .with("right", Amount.of(alone ? box.centre().x() - left : box.left()))
                .with("down", Amount.of(alone ? box.centre().y() - above : box.top()));
    }

    /** The lines drawn of what a treatment will take. */
    private List<Path> taken(Treatment treatment) {
        Resolved resolved = desk.resolved();
        List<String> ids = new Taking(desk).ids(treatment);
        return resolved == null
                ? List.of()
                : resolved.setOut().spread().lines().stream()
                        .filter(l -> ids.isEmpty() || ids.contains(l.key().figure()))
                        .map(Laid::path)
                        .toList();
    }

    /** What goes on beyond its sides is itself a tile. */
    private Optional<Repeat> allOver(Repeat repeat) {
        return desk.root().members().stream()
                .filter(m -> m instanceof Figure figure
                        && figure.form() instanceof Plait plait
                        && plait.sides() == Sides.OPEN
                        && repeat.group() == RepeatGroup.P1)
                .map(m -> (Plait) ((Figure) m).form())
                .findFirst()
                .map(plait -> repeat.with("width", plait.width())
                        .with("height", plait.height())
                        .with(
                                "right",
                                Amount.of(plait.centre().x() - plait.width().value() / 2))
                        .with(
                                "down",
                                Amount.of(plait.centre().y() - plait.height().value() / 2)));
    }

    /** An open line that leads from end to end just so far. */
    private static Optional<Path> runningThrough(List<Path> taken, Point way) {
        double length = way.length();
        return taken.stream()
                .filter(p -> length > 0 && !p.closed())
                .filter(p -> {
                    Point ends = p.end().minus(p.start());
                    return Math.min(ends.distance(way), ends.plus(way).length()) < 1e-6 * length;
                })
                .findFirst();
    }

    private Treatment band() {
        boolean banded = desk.root().recipe().stream()
                .anyMatch(s -> s.over() && s.treatment().phase() == Phase.BANDS);
        if (banded) {
            return Band.STARTING;
        }
        long end = System.nanoTime() + PATIENCE;
        Watch watch = () -> {
            if (System.nanoTime() > end) {
                throw new BrokenOff();
            }
        };
        try {
            Group root = desk.root();
            Artwork lines = new Resolver().resolve(desk.design(), root, watch);
            return Fitting.band(lines.work().lines().stream().map(Laid::path).toList(), watch).stream()
                    .mapToObj(Band.STARTING::withWidth)
                    .findFirst()
                    .orElse(Band.STARTING);
        } catch (BrokenOff | IllegalArgumentException | IllegalStateException | ArithmeticException e) {
            return Band.STARTING;
        }
    }

    /** A figure of a size that is seen: round, when the last of its kind would be lost or too large; a ring goes round what is there. */
    Form fitted(Form starting) {
        Resolved resolved = desk.resolved();
        if (!(starting instanceof Seated seated) || resolved == null) {
            return starting;
        }
        Box there = resolved.setOut().spread().lines().isEmpty()
                ? new Box(-60, -60, 60, 60)
                : Box.round(resolved.setOut().spread().lines().stream()
                        .map(Laid::path)
                        .map(Path::box)
                        .toList());
        double reach = Math.max(
                Math.max(Math.abs(there.left()), Math.abs(there.right())),
                Math.max(Math.abs(there.top()), Math.abs(there.bottom())));
        if (starting instanceof Ring ring && !resolved.setOut().spread().lines().isEmpty()) {
            double share = ring.width().value() / ring.radius().value();
            double inner = Math.ceil(reach * 1.05);
            double wide = Fitting.rounded(Math.max(1e-3, inner * share / (1 - Math.min(share, 0.9))));
            return new Ring(Amount.of(inner + wide), Amount.of(wide), ring.out(), ring.bearing(), ring.turned());
        }
        Box own = Box.round(seated.upright().stream().map(Path::box).toList());
        double size = Math.max(own.width(), own.height());
        if (!(size > 0) || !(reach > 0) || size > reach / 20 && size < reach * 4) {
            return starting;
        }
        return seated.carried(Affine.scale(Fitting.rounded(reach / 2) / size, Point.ORIGIN));
    }
}
