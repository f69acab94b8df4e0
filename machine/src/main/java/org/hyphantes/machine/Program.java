package org.hyphantes.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Point;

/**
 * What a file has the machine do.
 *
 * @param passes the names of its passes
 * @param unread what of the file was not understood, each with its count
 */
public record Program(List<String> passes, List<Move> moves, List<String> unread) {
    /** A program of more moves is refused. */
    public static final int MOST_MOVES = 4_000_000;

    public Program {
        passes = List.copyOf(passes);
        moves = List.copyOf(moves);
        unread = List.copyOf(unread);
    }

    /** How often the tool comes down. */
    public int strokes() {
        return moves.isEmpty() ? 0 : moves.get(moves.size() - 1).stroke() + 1;
    }

    /** How far (mm) the head goes with the tool up, or down. */
    public double length(Move.Kind kind) {
        return moves.stream()
                .filter(m -> m.kind() == kind)
                .mapToDouble(m -> m.curve().length())
                .sum();
    }

    /** For each stroke of the tool the curves that it follows. */
    public List<List<Curve>> work() {
        List<List<Curve>> strokes = new ArrayList<>();
        for (int i = 0; i < strokes(); i++) {
            strokes.add(new ArrayList<>());
        }
        moves.stream().filter(Move::isWork).forEach(m -> strokes.get(m.stroke()).add(m.curve()));
        return strokes;
    }

    /** Puts a program together move by move. */
    static final class Builder {
        /** A step as short (mm) as this is none. */
        private static final double ROUNDING = 1e-4;

        private final List<String> passes = new ArrayList<>();
        private final List<Move> moves = new ArrayList<>();
        private final List<String> unread = new ArrayList<>();
        private Point at = Point.ORIGIN;
        private boolean down;
        private int stroke = -1;
        private double speed = Double.POSITIVE_INFINITY;

        Point at() {
            return at;
        }

        boolean isDown() {
            return down;
        }

        void pass(String name) {
            if (!passes.contains(name)) {
                passes.add(name);
            }
        }

        /** The pass of a name, first met or met again. */
        int number(String name) {
            pass(name);
            return passes.indexOf(name);
        }

        private int current() {
            if (passes.isEmpty()) {
                passes.add("1 cut");
            }
            return passes.size() - 1;
        }

        void speed(double millimetresPerSecond) {
            speed = millimetresPerSecond;
        }

        void lower() {
            if (!down) {
                down = true;
                stroke++;
            }
        }

        void lift() {
            down = false;
        }

        void to(Point place) throws CannotRun {
            // What rounding leaves behind an arc is no move.
            if (place.distance(at) > (down ? ROUNDING : 0)) {
                follow(new Line(at, place), current());
            }
            at = place;
        }

        void along(Arc arc) throws CannotRun {
            follow(arc, current());
            at = arc.end();
        }

        /** A whole stroke of its own, which the head travels to first. */
        void stroke(List<Curve> curves, int pass) throws CannotRun {
            lift();
            Point start = curves.get(0).start();
            if (start.distance(at) > 0) {
                follow(new Line(at, start), pass);
            }
            lower();
            for (Curve curve : curves) {
                follow(curve, pass);
            }
            at = curves.get(curves.size() - 1).end();
            lift();
        }

        private void follow(Curve curve, int pass) throws CannotRun {
            if (moves.size() >= MOST_MOVES) {
                throw new CannotRun("The file has more than " + MOST_MOVES + " moves: hand over less of the design.");
            }
            moves.add(new Move(
                    down ? Move.Kind.WORK : Move.Kind.TRAVEL,
                    pass,
                    down ? stroke : stroke + 1,
                    curve,
                    down ? speed : Double.POSITIVE_INFINITY));
        }

        void unread(String what) {
            if (!unread.contains(what) && unread.size() < 50) {
                unread.add(what);
            }
        }

        Program program() throws CannotRun {
            if (stroke < 0) {
                throw new CannotRun("The file has nothing in it that a machine can follow.");
            }
            return new Program(passes, withoutLast(), unread);
        }

        /** Travel after the last stroke leads to no other. */
        private List<Move> withoutLast() {
            return moves.stream()
                    .map(m -> m.stroke() > stroke ? new Move(m.kind(), m.pass(), stroke, m.curve(), m.speed()) : m)
                    .toList();
        }
    }

    /** The same laid elsewhere, by a map that keeps shapes as they are. */
    public Program laid(Affine map) {
        return new Program(
                passes,
                moves.stream()
                        .map(m -> new Move(
                                m.kind(), m.pass(), m.stroke(), m.curve().map(map), m.speed()))
                        .toList(),
                unread);
    }

    /** The same with speeds for passes that the file gives none. */
    public Program paced(IntToDoubleFunction speedOfPass) {
        return new Program(
                passes,
                moves.stream()
                        .map(m -> m.isWork() && Double.isInfinite(m.speed())
                                ? new Move(
                                        m.kind(), m.pass(), m.stroke(), m.curve(), speedOfPass.applyAsDouble(m.pass()))
                                : m)
                        .toList(),
                unread);
    }
}
