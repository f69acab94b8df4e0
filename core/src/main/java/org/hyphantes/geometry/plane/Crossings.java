package org.hyphantes.geometry.plane;

import java.util.Arrays;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.BoxSweep;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Tolerance;
import org.hyphantes.geometry.Watch;
import org.hyphantes.geometry.meet.CurveMeetings;
import org.hyphantes.geometry.meet.Meeting;

/**
 * The cuts of a list of curves: for every curve the parameters at which it must be divided so that afterwards curves meet at
 * ends only, each with its vertex. Places within the tolerance of one another are one vertex.
 */
final class Crossings {
    private final List<Curve> curves;
    private final double epsilon;
    private final VertexGrid vertices;
    private final Cuts[] cuts;

    /** The cuts of one curve, growing; then sorted by parameter. */
    static final class Cuts {
        private static final int MANY = 16;

        private double[] parameters = new double[4];
        private int[] vertices = new int[4];
        private int size;

        void add(double parameter, int vertex) {
            if (size == parameters.length) {
                parameters = Arrays.copyOf(parameters, 2 * size);
                vertices = Arrays.copyOf(vertices, 2 * size);
            }
            parameters[size] = parameter;
            vertices[size++] = vertex;
        }

        int size() {
            return size;
        }

        double parameter(int i) {
            return parameters[i];
        }

        int vertex(int i) {
            return vertices[i];
        }

        /** By insertion while there are few, as there mostly are; of more by ever smaller steps first (Shell's sort). */
        private void sort() {
            int step = size < MANY ? 1 : 4 * size / 9;
            while (step > 1) {
                sort(step);
                step = Math.max(1, 4 * step / 9);
            }
            sort(1);
        }

        private void sort(int step) {
            for (int i = step; i < size; i++) {
                double parameter = parameters[i];
                int vertex = vertices[i];
                int j = i - step;
                while (j >= 0 && parameters[j] > parameter) {
                    parameters[j + step] = parameters[j];
                    vertices[j + step] = vertices[j];
                    j -= step;
                }
                parameters[j + step] = parameter;
                vertices[j + step] = vertex;
            }
        }
    }

    private Crossings(List<Curve> curves, double epsilon) {
        this.curves = curves;
        this.epsilon = epsilon;
        this.vertices = new VertexGrid(epsilon);
        this.cuts = new Cuts[curves.size()];
    }

    static Crossings of(List<Curve> curves, double epsilon) {
        Crossings crossings = new Crossings(curves, epsilon);
        for (int i = 0; i < curves.size(); i++) {
            Watch.ask();
            crossings.cuts[i] = new Cuts();
            if (!isWhole(curves.get(i))) {
                crossings.cut(i, 0, curves.get(i).start());
                crossings.cut(i, 1, curves.get(i).end());
            }
        }
        crossings.sweep();
        for (int i = 0; i < curves.size(); i++) {
            if (crossings.cuts[i].size() == 0) {
                crossings.cut(i, 0, curves.get(i).start());
            }
        }
        for (Cuts each : crossings.cuts) {
            Watch.ask();
            each.sort();
            for (int k = 1; k < each.size; k++) {
                // One parameter is one place: an end and what meets it there, even if found a little beside it.
                if (each.parameters[k] == each.parameters[k - 1]) {
                    crossings.vertices.join(each.vertices[k], each.vertices[k - 1]);
                }
            }
        }
        crossings.vertices.settle();
        for (Cuts each : crossings.cuts) {
            for (int k = 0; k < each.size; k++) {
                each.vertices[k] = crossings.vertices.settled(each.vertices[k]);
            }
        }
        return crossings;
    }

    static boolean isWhole(Curve curve) {
        return curve instanceof Arc arc && arc.isWhole();
    }

    Cuts cuts(int curve) {
        return cuts[curve];
    }

    VertexGrid vertices() {
        return vertices;
    }

    private void cut(int curve, double parameter, Point place) {
        cuts[curve].add(parameter, vertices.at(place));
    }

    private void sweep() {
        Box[] boxes = new Box[curves.size()];
        Arrays.setAll(boxes, i -> curves.get(i).box().grown(epsilon));
        Tolerance tolerance = new Tolerance(epsilon);
        CurveMeetings meetings = CurveMeetings.among(curves, tolerance);
        BoxSweep.over(boxes, i -> cut(i, i, CurveMeetings.self(curves.get(i), tolerance)), (earlier, later) -> {
            int a = Math.min(earlier, later);
            int b = Math.max(earlier, later);
            cut(a, b, meetings.of(a, b));
            return true;
        });
    }

    private void cut(int a, int b, List<Meeting> meetings) {
        // By their numbers: an iterator for every pair of curves would be much of all that is allocated.
        for (int i = 0; i < meetings.size(); i++) {
            Meeting meeting = meetings.get(i);
            if (meeting instanceof Meeting.At at) {
                both(a, at.first(), b, at.second(), at.place());
            } else if (meeting instanceof Meeting.Along along) {
                both(a, along.firstFrom(), b, along.secondFrom(), curves.get(a).at(along.firstFrom()));
                both(a, along.firstTo(), b, along.secondTo(), curves.get(a).at(along.firstTo()));
            }
        }
    }

    private void both(int a, double onA, int b, double onB, Point place) {
        int vertex = vertices.at(place);
        cuts[a].add(onA, vertex);
        cuts[b].add(onB, vertex);
    }
}
