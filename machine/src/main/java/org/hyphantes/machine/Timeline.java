package org.hyphantes.machine;

import java.util.Arrays;
import java.util.List;
import org.hyphantes.cut.Machine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;

/**
 * The moves of a program with real times. Each is gone through by gathering speed, holding it and slowing down, none faster than it may be, than
 * an arc can be followed with the machine's acceleration, and than the corners at both its ends allow: there the speed, as a vector, changes by no
 * more than the machine's jolt. The head stands still while the tool goes up or down.
 */
public final class Timeline {
    /** Where along a cubic it is looked how much it bends. */
    private static final int PLACES = 4;

    private final Program program;
    private final Machine machine;

    /** The speed (mm/s) at the start of each move, and behind the last. */
    private final double[] entry;

    private final double[] most;

    /** When (s) each move begins, after the tool was lowered or lifted for it, and when all is done. */
    private final double[] start;

    private final double[] wait;
    private final double[] lowered;

    private Timeline(Program program, Machine machine) {
        this.program = program;
        this.machine = machine;
        int count = program.moves().size();
        this.entry = new double[count + 1];
        this.most = new double[count];
        this.start = new double[count + 1];
        this.wait = new double[count];
        this.lowered = new double[program.strokes()];
        plan();
        lay();
    }

    public static Timeline of(Program program, Machine machine) {
        return new Timeline(program, machine);
    }

    private Move move(int i) {
        return program.moves().get(i);
    }

    private void plan() {
        int count = most.length;
        double a = machine.acceleration();
        for (int i = 0; i < count; i++) {
            Curve curve = move(i).curve();
            most[i] = Math.min(Math.min(move(i).speed(), machine.travel()), Math.sqrt(a / bend(curve)));
            entry[i] = i == 0 ? 0 : Math.min(Math.min(most[i - 1], most[i]), corner(move(i - 1), move(i)));
        }
        // No faster than can be slowed down from before the end, nor than can be gathered from the start.
        for (int i = count - 1; i >= 0; i--) {
            entry[i] = Math.min(entry[i], reached(entry[i + 1], move(i).curve().length()));
        }
        for (int i = 0; i < count; i++) {
            entry[i + 1] =
                    Math.min(entry[i + 1], reached(entry[i], move(i).curve().length()));
        }
    }

    /** How much (1/mm) a curve bends at most. */
    private static double bend(Curve curve) {
        if (!(curve instanceof Cubic cubic)) {
            return curve instanceof Arc arc ? 1 / arc.radius() : 0;
        }
        double most = 0;
        for (int k = 0; k <= PLACES; k++) {
            most = Math.max(most, Math.abs(cubic.curvature((double) k / PLACES)));
        }
        return most;
    }

    private double reached(double from, double length) {
        return Math.sqrt(from * from + 2 * machine.acceleration() * length);
    }

    private double corner(Move before, Move after) {
        if (before.kind() != after.kind() || before.stroke() != after.stroke()) {
            return 0;
        }
        Point change = after.curve().tangent(0).minus(before.curve().tangent(1));
        return change.length() < 1e-9 ? Double.POSITIVE_INFINITY : machine.jolt() / change.length();
    }

    private void lay() {
        double at = 0;
        for (int i = 0; i < most.length; i++) {
            boolean tool = i == 0
                    ? move(i).isWork()
                    : move(i).kind() != move(i - 1).kind()
                            || move(i).stroke() != move(i - 1).stroke();
            wait[i] = tool ? machine.lift() : 0;
            at += wait[i];
            start[i] = at;
            if (tool && move(i).isWork()) {
                lowered[move(i).stroke()] = at;
            }
            at += seconds(i);
        }
        // The tool goes up at the end.
        start[most.length] = at + (most.length > 0 && move(most.length - 1).isWork() ? machine.lift() : 0);
    }

    /** The highest speed that is come to within a move. */
    private double peak(int i) {
        double length = move(i).curve().length();
        double a = machine.acceleration();
        double free = Math.sqrt((2 * a * length + entry[i] * entry[i] + entry[i + 1] * entry[i + 1]) / 2);
        return Math.max(Math.min(free, most[i]), Math.max(entry[i], entry[i + 1]));
    }

    private double seconds(int i) {
        double length = move(i).curve().length();
        double a = machine.acceleration();
        double peak = peak(i);
        double up = (peak * peak - entry[i] * entry[i]) / (2 * a);
        double down = (peak * peak - entry[i + 1] * entry[i + 1]) / (2 * a);
        double level = Math.max(0, length - up - down);
        return (peak - entry[i]) / a + (peak - entry[i + 1]) / a + (peak > 0 ? level / peak : 0);
    }

    /** How long (s) all of it takes. */
    public double total() {
        return start[most.length];
    }

    /** When (s) a move begins. */
    public double start(int move) {
        return start[move];
    }

    /** When (s) the tool is down at last for each stroke, in order. */
    public double[] lowered() {
        return lowered.clone();
    }

    /** How long (s) a pass takes, with its travel and lifts. */
    public double seconds(String pass) {
        int number = program.passes().indexOf(pass);
        double sum = 0;
        for (int i = 0; i < most.length; i++) {
            if (move(i).pass() == number) {
                sum += wait[i] + seconds(i);
            }
        }
        return sum;
    }

    /**
     * Where the head is at a time.
     *
     * @param move the number of the move it is at
     * @param share how much of the move's length is behind it, from 0 to 1
     * @param isDown whether the tool is down
     */
    public record Head(int move, double share, Point place, boolean isDown) {}

    /** The head at a time (s), kept between the start and the end. */
    public Head at(double seconds) {
        if (most.length == 0) {
            return new Head(0, 0, Point.ORIGIN, false);
        }
        int found = Arrays.binarySearch(start, 0, most.length, seconds);
        int i = Math.max(0, found >= 0 ? found : -found - 2);
        double gone = Math.min(1, along(i, Math.max(0, seconds - start[i])));
        Curve curve = move(i).curve();
        double length = curve.length();
        double t = gone <= 0 ? 0 : gone >= 1 ? 1 : curve.parameterAt(gone * length);
        boolean before = seconds < start[0];
        return new Head(i, gone, curve.at(t), !before && move(i).isWork());
    }

    private double along(int i, double seconds) {
        double length = move(i).curve().length();
        double a = machine.acceleration();
        double peak = peak(i);
        double up = (peak - entry[i]) / a;
        double lengthUp = (peak * peak - entry[i] * entry[i]) / (2 * a);
        double lengthDown = (peak * peak - entry[i + 1] * entry[i + 1]) / (2 * a);
        double level = peak > 0 ? Math.max(0, length - lengthUp - lengthDown) / peak : 0;
        if (length == 0) {
            return 1;
        }
        if (seconds <= up) {
            return (entry[i] * seconds + a * seconds * seconds / 2) / length;
        }
        if (seconds <= up + level) {
            return (lengthUp + peak * (seconds - up)) / length;
        }
        // Once it has come to its end it waits there for the tool.
        double slowing = Math.min(seconds - up - level, (peak - entry[i + 1]) / a);
        return (lengthUp + peak * level + peak * slowing - a * slowing * slowing / 2) / length;
    }

    public Program program() {
        return program;
    }

    public List<Move> moves() {
        return program.moves();
    }
}
