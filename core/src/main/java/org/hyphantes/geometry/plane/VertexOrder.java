package org.hyphantes.geometry.plane;

import java.util.Arrays;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/** The half-edges in order round every vertex, by heading and then by bend, and so the way round every face. */
final class VertexOrder {
    /** Headings nearer than this angle (radians) are told apart by how their edges bend. */
    private static final double SAME_HEADING = 1e-7;

    /**
     * Where a cubic is touched, its heading is known less well: the touch takes in a stretch, along which it turns. Headings
     * nearer than this are told apart by where their edges go.
     */
    private static final double UNSURE_HEADING = 2e-2;

    /** Of so many half-edges that leave one vertex, once for each so many, the watch is asked besides. */
    private static final int MANY = 64;

    private final Edges edges;
    private final int[] next;
    private int used;
    private int[] turned = new int[16];

    VertexOrder(Edges edges, int vertexCount) {
        this.edges = edges;
        this.next = new int[2 * edges.size()];
        order(vertexCount);
    }

    /** For each half-edge, the one that follows on it round the face on its right-hand side. */
    int[] next() {
        return next;
    }

    /** The number of vertices that an edge ends at. */
    int used() {
        return used;
    }

    private void order(int vertexCount) {
        int n = next.length;
        int[] degree = new int[vertexCount + 1];
        for (int h = 0; h < n; h++) {
            degree[edges.origin(h) + 1]++;
        }
        for (int v = 0; v < vertexCount; v++) {
            used += degree[v + 1] > 0 ? 1 : 0;
            degree[v + 1] += degree[v];
        }
        int[] place = Arrays.copyOf(degree, degree.length);
        int[] leaving = new int[n];
        double[] angle = new double[n];
        for (int h = 0; h < n; h++) {
            leaving[place[edges.origin(h)]++] = h;
            angle[h] = edges.heading(h);
        }
        for (int v = 0; v < vertexCount; v++) {
            Watch.ask();
            round(leaving, degree[v], degree[v + 1], angle);
        }
    }

    /** Orders the half-edges leaving one vertex clockwise, and links each arriving one to the next round its face. */
    private void round(int[] leaving, int low, int high, double[] angle) {
        for (int i = low + 1; i < high; i++) {
            if ((i - low) % MANY == 0) {
                Watch.ask();
            }
            int h = leaving[i];
            int j = i - 1;
            while (j >= low && angle[leaving[j]] > angle[h]) {
                leaving[j + 1] = leaving[j];
                j--;
            }
            leaving[j + 1] = h;
        }
        int count = high - low;
        int begin = 0;
        double widest = -1;
        for (int i = 0; i < count; i++) {
            double gap = angle[leaving[low + i]] - angle[leaving[i == 0 ? high - 1 : low + i - 1]];
            gap = gap < 0 || count == 1 ? gap + 2 * Math.PI : gap;
            if (gap > widest) {
                widest = gap;
                begin = i;
            }
        }
        turned = count > turned.length ? new int[2 * count] : turned;
        for (int i = 0; i < count; i++) {
            int from = low + begin + i;
            turned[i] = leaving[from < high ? from : from - count];
        }
        for (int i = 1; i < count; i++) {
            int h = turned[i];
            int j = i - 1;
            while (j >= 0 && bendsMore(turned[j], h, apart(angle[turned[j]], angle[h]))) {
                turned[j + 1] = turned[j];
                j--;
            }
            turned[j + 1] = h;
        }
        for (int i = 0; i < count; i++) {
            // Arriving against turned[i], the face on the right-hand side goes on with the one before it,
            // anticlockwise.
            next[turned[i] ^ 1] = turned[i == 0 ? count - 1 : i - 1];
        }
    }

    /** Whether one of two half-edges whose headings are so far apart (radians) runs further to the right than the other. */
    private boolean bendsMore(int a, int b, double apart) {
        if (!edges.isCubic(a) && !edges.isCubic(b)) {
            return apart < SAME_HEADING && edges.bend(a) > edges.bend(b);
        }
        if (apart >= UNSURE_HEADING) {
            return false;
        }
        // Edges do not cross between vertices, so any place along both tells; they are compared at one distance.
        Curve p = edges.stretch(a);
        Curve q = edges.stretch(b);
        double far = Math.min(p.at(0.25).distance(p.start()), q.at(0.25).distance(q.start())) / 2;
        Point onP = p.at(parameter(p, far)).minus(p.start());
        Point onQ = q.at(parameter(q, far)).minus(q.start());
        return onQ.cross(onP) > 0;
    }

    private static double parameter(Curve curve, double far) {
        double low = 0;
        double high = 0.25;
        for (int i = 0; i < 50; i++) {
            double middle = (low + high) / 2;
            if (curve.at(middle).distance(curve.start()) < far) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }

    private static double apart(double a, double b) {
        double apart = Math.abs(a - b);
        return Math.min(apart, 2 * Math.PI - apart);
    }
}
