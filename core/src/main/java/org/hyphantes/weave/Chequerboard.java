package org.hyphantes.weave;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.Optional;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/**
 * The chequerboard graph of a projection: its faces take two colours so that faces on either side of a strand differ; the faces
 * of one colour are the vertices and every crossing joins two of them.
 *
 * <p>For an alternating connected projection the number of spanning trees of this graph is the determinant of the knot or link
 * (source: C. Livingston, Knot Theory, 1993, chapter 3; R. H. Crowell, Genus of alternating link types, Annals of
 * Mathematics 69, 1959).
 */
public final class Chequerboard {
    private final Projection projection;
    private final int[] face;
    private final int faces;
    private final int[] start;
    private final int[] edgeOf;

    private Chequerboard(Projection projection) {
        this.projection = projection;
        this.start = new int[projection.strands().size() + 1];
        for (int s = 0; s < projection.strands().size(); s++) {
            start[s + 1] = start[s] + projection.passages(s);
        }
        this.face = new int[2 * start[start.length - 1]];
        this.edgeOf = new int[2 * projection.meets().size()];
        this.faces = trace();
    }

    /** More crossings than this are not gone into: the work grows with the fourth power of their number. */
    public static final int MOST_CROSSINGS = 1_200;

    /**
     * The determinant of the knot or link that a weave is a picture of.
     *
     * @return empty of a cloth, and unless the weave alternates, all its strands are closed, and its picture hangs together; and with more than
     *     {@link #MOST_CROSSINGS}
     */
    public static Optional<BigInteger> determinant(Weave weave) {
        Projection projection = weave.projection();
        boolean closed = projection.strands().stream().map(Strand::path).allMatch(Path::closed);
        if (!closed
                || projection.lattice().isPresent()
                || projection.strands().isEmpty()
                || !projection.faults().isEmpty()
                || !weave.alternates()) {
            return Optional.empty();
        }
        if (projection.meets().size() > MOST_CROSSINGS) {
            return Optional.empty();
        }
        if (projection.meets().isEmpty()) {
            return projection.strands().size() == 1 ? Optional.of(BigInteger.ONE) : Optional.empty();
        }
        for (int m = 0; m < projection.meets().size(); m++) {
            if (projection.crowded(m)) {
                return Optional.empty();
            }
        }
        for (int s = 0; s < projection.strands().size(); s++) {
            if (projection.passages(s) == 0) {
                return Optional.empty();
            }
        }
        Chequerboard board = new Chequerboard(projection);
        // Euler: a connected projection of V crossings has 2 V edges and so V + 2 faces, the outside included.
        return board.faces == projection.meets().size() + 2 ? Optional.of(board.spanningTrees()) : Optional.empty();
    }

    // Half-edge 2 e runs forward along the edge from passage e (numbered strand by strand) to the next on its strand;
    // 2 e + 1 runs back. Each has on its right-hand side the face it belongs to.

    private int trace() {
        for (int s = 0; s < projection.strands().size(); s++) {
            for (int i = 0; i < projection.passages(s); i++) {
                edgeOf[projection.passage(s, i)] = start[s] + i;
            }
        }
        Arrays.fill(face, -1);
        int count = 0;
        for (int h = 0; h < face.length; h++) {
            Watch.ask();
            if (face[h] < 0) {
                for (int at = h; face[at] < 0; at = next(at)) {
                    face[at] = count;
                }
                count++;
            }
        }
        return count;
    }

    /** The half-edge that follows on round the same face: at the crossing, the first turn to the right. */
    private int next(int half) {
        int edge = half / 2;
        int s = strandOf(edge);
        int i = edge - start[s];
        boolean forward = half % 2 == 0;
        int passage = forward ? projection.passage(s, (i + 1) % projection.passages(s)) : projection.passage(s, i);
        int other = passage ^ 1;
        double turn = heading(passage).cross(heading(other));
        // Travelling forward, the other strand leaves to the right when its heading lies clockwise of ours.
        boolean leavesForward = turn > 0 == forward;
        int otherEdge = edgeOf[other];
        return leavesForward ? 2 * otherEdge : 2 * before(otherEdge) + 1;
    }

    private int before(int edge) {
        int s = strandOf(edge);
        return edge == start[s] ? start[s + 1] - 1 : edge - 1;
    }

    private int strandOf(int edge) {
        int found = Arrays.binarySearch(start, edge);
        int s = found >= 0 ? found : -found - 2;
        while (start[s + 1] <= edge) {
            s++;
        }
        return s;
    }

    private Point heading(int passage) {
        return projection.strands().get(projection.strand(passage)).path().tangent(projection.position(passage));
    }

    private BigInteger spanningTrees() {
        int[] colour = new int[faces];
        Arrays.fill(colour, -1);
        colour[0] = 0;
        boolean changed = true;
        while (changed) {
            Watch.ask();
            changed = false;
            for (int h = 0; h < face.length; h += 2) {
                int a = face[h];
                int b = face[h + 1];
                if (colour[a] >= 0 && colour[b] < 0) {
                    colour[b] = 1 - colour[a];
                    changed = true;
                } else if (colour[b] >= 0 && colour[a] < 0) {
                    colour[a] = 1 - colour[b];
                    changed = true;
                }
            }
        }
        int ones = Arrays.stream(colour).sum();
        int chosen = 2 * ones <= faces ? 1 : 0;
        int[] vertex = new int[faces];
        int n = 0;
        for (int f = 0; f < faces; f++) {
            vertex[f] = colour[f] == chosen ? n++ : -1;
        }
        long[][] laplacian = new long[n][n];
        for (int m = 0; m < projection.meets().size(); m++) {
            int[] round = facesRound(m);
            int a = vertex[round[0]] >= 0 ? vertex[round[0]] : vertex[round[1]];
            int b = vertex[round[0]] >= 0 ? vertex[round[2]] : vertex[round[3]];
            if (a != b) {
                laplacian[a][a]++;
                laplacian[b][b]++;
                laplacian[a][b]--;
                laplacian[b][a]--;
            }
        }
        return KirchhoffCount.spanningTrees(laplacian);
    }

    /** The four faces round a meet in order: ahead right, behind right, behind left and ahead left of its first strand. */
    private int[] facesRound(int meet) {
        int ahead = edgeOf[2 * meet];
        int behind = before(ahead);
        return new int[] {face[2 * ahead], face[2 * behind], face[2 * behind + 1], face[2 * ahead + 1]};
    }
}
