package org.hyphantes.plait;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.PlaceGrid;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.PathMeeting;
import org.hyphantes.geometry.meet.PathMeetings;

/**
 * The knot of a network of lines: strands cross in the middle of every line between two of its joints, and run from there to the
 * next line round each joint, on either side. In the terms of graphs it is the medial graph of the network (source: L. H. Kauffman, New
 * invariants in the theory of knots, American Mathematical Monthly 95, 1988, from memory).
 */
public final class Network {
    /** From this angle (radians) at a joint on, strands are led round it in a bow of their own. */
    private static final double WIDE = Math.toRadians(200);

    /** A bow reaches out no further than so many times the way from its joint to where its lines cross. */
    private static final double REACH = 2.7;

    private static final double LEAST = Math.toRadians(22);
    private static final double MOST = Math.toRadians(76);

    /** From this angle on they set out slantwise. */
    private static final double FLAT = Math.toRadians(150);

    /** A line of the network from one joint to another: its middle, its heading there, and its length. */
    private record Edge(
            int from, int to, Point middle, Point heading, double length, double leaving, double arriving) {}

    /** An edge as seen from one of its joints: forward from its start, or back from its end. */
    private record Dart(int edge, boolean forward) {
        Dart other() {
            return new Dart(edge, !forward);
        }
    }

    /** The smallest angle (radians) at which strands cross that are laid by curvature alone. */
    private static final double CLEARLY = Math.toRadians(40);

    private final List<Point> joints = new ArrayList<>();
    private final List<Edge> edges = new ArrayList<>();
    private final double slack;
    private final PlaceGrid<Integer> byPlace;
    private final PlaceGrid<Edge> byMiddle;
    private final PlaceGrid<Integer> landmarks;
    private final Map<Dart, Dart> clockwise = new HashMap<>();
    private final Map<Dart, Dart> counter = new HashMap<>();

    private Network(List<Path> lines, Watch watch) {
        Tolerance tolerance =
                Tolerance.of(Box.round(lines.stream().map(Path::box).toList()));
        List<TreeSet<Double>> cuts = new ArrayList<>();
        for (Path line : lines) {
            cuts.add(corners(line));
        }
        for (PathMeeting m : PathMeetings.of(lines, tolerance, 20_000, watch).orElse(List.of())) {
            cuts.get(m.first()).add(m.firstPosition());
            cuts.get(m.second()).add(m.secondPosition());
        }
        slack = 64 * tolerance.distance();
        byPlace = new PlaceGrid<>(2 * slack);
        byMiddle = new PlaceGrid<>(2 * slack);
        for (int i = 0; i < lines.size(); i++) {
            watch.step();
            edges(lines.get(i), List.copyOf(cuts.get(i)));
        }
        landmarks = landmarks();
        round();
    }

    /** The joints and middles of all edges, each with its edge. */
    private PlaceGrid<Integer> landmarks() {
        double mean = edges.stream().mapToDouble(Edge::length).average().orElse(1);
        PlaceGrid<Integer> grid = new PlaceGrid<>(mean);
        for (int e = 0; e < edges.size(); e++) {
            grid.add(edges.get(e).middle(), e);
            grid.add(joints.get(edges.get(e).from()), e);
            grid.add(joints.get(edges.get(e).to()), e);
        }
        return grid;
    }

    /** The strands of the knot as closed paths; none where no line has a length. */
    public static List<Path> knot(List<Path> lines, Turns turns, Watch watch) {
        return lines.isEmpty() ? List.of() : new Network(lines, watch).strands(turns);
    }

    /** How many lines between joints there are: as many as the knot has crossings. */
    public static int lines(List<Path> lines) {
        return lines.isEmpty() ? 0 : new Network(lines, Watch.NONE).edges.size();
    }

    /** The ends and corners of a line. */
    private static TreeSet<Double> corners(Path line) {
        TreeSet<Double> corners = new TreeSet<>();
        int n = line.size();
        for (int i = line.closed() ? 0 : 1; i < n; i++) {
            Point before = line.curves().get(i == 0 ? n - 1 : i - 1).tangent(1);
            Point after = line.curves().get(i).tangent(0);
            if (Math.abs(before.cross(after)) > 1e-6 || before.dot(after) < 0) {
                corners.add((double) i);
            }
        }
        if (!line.closed()) {
            corners.add(0.0);
            corners.add((double) n);
        }
        return corners;
    }

    private void edges(Path line, List<Double> cuts) {
        List<Double> at = cuts.isEmpty() ? List.of(0.0) : cuts;
        int stretches = line.closed() ? at.size() : at.size() - 1;
        for (int i = 0; i < stretches; i++) {
            double a = at.get(i);
            double b = at.get((i + 1) % at.size());
            double from = line.lengthTo(a);
            double length = line.lengthTo(b) - from;
            if (line.closed() && i == stretches - 1) {
                length += line.length();
            }
            if (length <= slack) {
                continue;
            }
            double middle = on(line, from + length / 2);
            Point start = line.at(on(line, from));
            Point end = line.at(on(line, from + length));
            Edge edge = new Edge(
                    joint(start),
                    joint(end),
                    line.at(middle),
                    line.tangent(middle),
                    length,
                    angle(line.at(on(line, from + length / 50)).minus(start)),
                    angle(line.at(on(line, from + length * 0.98)).minus(end)));
            boolean twice = byMiddle.within(edge.middle(), slack).stream()
                    .anyMatch(e -> Math.abs(e.heading().cross(edge.heading())) < 1e-6);
            if (!twice) {
                byMiddle.add(edge.middle(), edge);
                edges.add(edge);
            }
        }
    }

    private static double on(Path line, double length) {
        double whole = line.length();
        return line.positionAt(
                line.closed() && length > whole * (1 + 1e-12) ? length - whole : Math.min(length, whole));
    }

    private int joint(Point place) {
        List<Integer> there = byPlace.within(place, slack);
        if (!there.isEmpty()) {
            return there.get(0);
        }
        joints.add(place);
        byPlace.add(place, joints.size() - 1);
        return joints.size() - 1;
    }

    private static double angle(Point way) {
        return Math.atan2(way.y(), way.x());
    }

    /** Puts the darts round each joint in clockwise order. */
    private void round() {
        List<List<Dart>> at = new ArrayList<>();
        joints.forEach(j -> at.add(new ArrayList<>()));
        for (int e = 0; e < edges.size(); e++) {
            at.get(edges.get(e).from()).add(new Dart(e, true));
            at.get(edges.get(e).to()).add(new Dart(e, false));
        }
        for (List<Dart> darts : at) {
            darts.sort(Comparator.comparingDouble(this::bearing));
            for (int i = 0; i < darts.size(); i++) {
                clockwise.put(darts.get(i), darts.get((i + 1) % darts.size()));
                counter.put(darts.get((i + 1) % darts.size()), darts.get(i));
            }
        }
    }

    private double bearing(Dart dart) {
        Edge edge = edges.get(dart.edge());
        return dart.forward() ? edge.leaving() : edge.arriving();
    }

    private Point joint(Dart dart) {
        Edge edge = edges.get(dart.edge());
        return joints.get(dart.forward() ? edge.from() : edge.to());
    }

    /** The angle (radians) from a dart clockwise to the next one round its joint; a whole turn when it is alone. */
    private double opening(Dart dart) {
        double angle = bearing(clockwise.get(dart)) - bearing(dart);
        return angle > 1e-12 ? angle : angle + 2 * Math.PI;
    }

    /** The way from the middle of a dart's edge to where the strand goes on round the dart's joint, on one of its sides. */
    private Point arm(Dart dart, boolean right) {
        Dart neighbour = right ? clockwise.get(dart) : counter.get(dart);
        Edge edge = edges.get(dart.edge());
        if (opening(right ? dart : neighbour) < FLAT) {
            return edges.get(neighbour.edge()).middle().minus(edge.middle()).unit();
        }
        // Round a wide corner it sets out slantwise, as between the sides of a square.
        Point back = edge.heading().times(dart.forward() ? -1 : 1);
        return back.plus(back.right().times(right ? -1 : 1)).unit();
    }

    /** By least change of curvature where they cross so as the network says and clearly, else each turn by itself. */
    private List<Path> strands(Turns turns) {
        boolean[][] gone = new boolean[edges.size()][4];
        List<List<Node>> strands = new ArrayList<>();
        for (int e = 0; e < edges.size(); e++) {
            for (int start = 0; start < 2; start++) {
                if (!gone[e][start]) {
                    strands.add(strand(new Dart(e, true), start == 0, turns, gone));
                }
            }
        }
        if (turns == Turns.ROUNDED && strands.stream().allMatch(s -> s.size() > 2)) {
            List<Path> faired = strands.stream()
                    .map(s -> Faired.path(s.stream().map(Node::place).toList()))
                    .toList();
            if (Crossed.as(faired, edges.size(), CLEARLY)) {
                return faired;
            }
        }
        return strands.stream().map(s -> Bowed.path(s, Bowed.RUN_BEFORE_TURN)).toList();
    }

    /** The strand that leaves the middle of a dart's edge towards the dart's joint, on its right-hand or left-hand side. */
    private List<Node> strand(Dart first, boolean right, Turns turns, boolean[][] gone) {
        List<Node> nodes = new ArrayList<>();
        Dart at = first;
        boolean side = right;
        do {
            mark(gone, at, side);
            bow(nodes, at, side, turns);
            Dart reached = side ? clockwise.get(at) : counter.get(at);
            mark(gone, reached, !side);
            // It arrives on the other side of the next edge as seen from the joint, and crosses over on it.
            nodes.add(crossing(reached, !side));
            at = reached.other();
            side = !side;
        } while (!(at.equals(first) && side == right));
        return started(nodes);
    }

    /** Begun at a turn where there is one, else as it is: then its start is moved off the crossing by who makes the path. */
    private static List<Node> started(List<Node> nodes) {
        for (int i = 0; i < nodes.size(); i++) {
            if (nodes.get(i).kind() != Node.Kind.CROSSING) {
                List<Node> turned = new ArrayList<>(nodes.subList(i, nodes.size()));
                turned.addAll(nodes.subList(0, i));
                return turned;
            }
        }
        return nodes;
    }

    private static void mark(boolean[][] gone, Dart dart, boolean right) {
        gone[dart.edge()][(dart.forward() ? 0 : 2) + (right ? 0 : 1)] = true;
    }

    /** The middle of a dart's edge, come to from the dart's joint on one of its sides. */
    private Node crossing(Dart dart, boolean fromRight) {
        Point in = arm(dart, fromRight);
        Point out = arm(dart.other(), fromRight);
        Edge edge = edges.get(dart.edge());
        Point ahead = edge.heading().times(dart.forward() ? 1 : -1);
        Point across = ahead.right().times(fromRight ? -1 : 1);
        Point way = out.minus(in);
        // Both strands must go clearly along the line and clearly across it, or they would not cross.
        double slant = Math.atan2(way.dot(across), way.dot(ahead));
        double held = Math.max(LEAST, Math.min(MOST, slant));
        Point heading = ahead.times(Math.cos(held)).plus(across.times(Math.sin(held)));
        return new Node(edge.middle(), heading, Node.Kind.CROSSING);
    }

    /** How far (mm) out from a joint another part of the network lies that a bow could come upon, within a reach. */
    private double clear(Point joint, Point out, Dart dart, Dart next, double reach) {
        double[] clear = {Double.POSITIVE_INFINITY};
        landmarks.within(joint, reach, (p, e) -> {
            Point way = p.minus(joint);
            boolean ahead = way.length() > 0 && way.dot(out) > 0.4 * way.length();
            if (ahead && e != dart.edge() && e != next.edge()) {
                clear[0] = Math.min(clear[0], way.length());
            }
        });
        return clear[0];
    }

    /** The bow round a joint where the way from one edge to the next is wide; a tip there, if turns are pointed. */
    private void bow(List<Node> nodes, Dart dart, boolean right, Turns turns) {
        Dart next = right ? clockwise.get(dart) : counter.get(dart);
        double opening = opening(right ? dart : next);
        if (opening < WIDE && !(turns == Turns.POINTED && opening > Math.PI * 0.95)) {
            return;
        }
        double middle = bearing(right ? dart : next) + opening / 2;
        Point out = new Point(Math.cos(middle), Math.sin(middle));
        Point joint = joint(dart);
        double half = (joint.distance(edges.get(dart.edge()).middle())
                        + joint.distance(edges.get(next.edge()).middle()))
                / 2;
        boolean alone = dart.equals(next);
        double wanted = turns == Turns.POINTED ? alone ? 1.2 : 0.9 : alone ? 0.7 : 0.42;
        double far = Math.min(wanted, 0.45 * clear(joint, out, dart, next, REACH * half) / half);
        Point heading = out.right().times(right ? 1 : -1);
        nodes.add(new Node(
                joint.plus(out.times(far * half)), heading, turns == Turns.POINTED ? Node.Kind.TIP : Node.Kind.TURN));
    }
}
