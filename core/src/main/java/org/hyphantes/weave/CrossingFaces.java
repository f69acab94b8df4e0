package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;

/**
 * The faces between closed strands, walked from crossing to crossing, which are known: at each the walk turns right. Only of strands
 * that hang together by plain crossings; their faces are two more than the crossings, the one without among them (Euler), which shows
 * that no turn was taken wrongly.
 */
final class CrossingFaces {
    /** Strands that cross under a smaller angle (radians), or at a sharper corner, may turn either way as far as can be told. */
    private static final double SLIGHT = 1e-6;

    private final Projection projection;

    /** For each passage the stretch to the next one on its strand, and the same backward. */
    private final List<List<Curve>> ahead = new ArrayList<>();

    private final List<List<Curve>> back = new ArrayList<>();

    /** The meets at which the second strand comes from the left of the first. */
    private final BitSet fromLeft = new BitSet();

    private CrossingFaces(Projection projection) {
        this.projection = projection;
    }

    /** The faces that strands enclose; empty where they are not all closed, not of one piece, or do not cross plainly. */
    static Optional<List<Region>> of(Projection projection) {
        boolean plain = projection.lattice().isEmpty()
                && projection.faults().isEmpty()
                && !projection.meets().isEmpty()
                && projection.strands().stream().allMatch(Strand::isRound)
                && isOnePiece(projection);
        CrossingFaces faces = new CrossingFaces(projection);
        return plain && faces.findTurns() ? faces.walk() : Optional.empty();
    }

    private static boolean isOnePiece(Projection projection) {
        int[] root = new int[projection.strands().size()];
        Arrays.setAll(root, s -> s);
        int pieces = root.length;
        for (Meet meet : projection.meets()) {
            int a = root(root, meet.first());
            int b = root(root, meet.second());
            pieces -= a == b ? 0 : 1;
            root[a] = b;
        }
        return pieces == 1;
    }

    private static int root(int[] root, int of) {
        int at = of;
        while (root[at] != at) {
            root[at] = root[root[at]];
            at = root[at];
        }
        return at;
    }

    private boolean findTurns() {
        List<Meet> meets = projection.meets();
        for (int m = 0; m < meets.size(); m++) {
            Meet meet = meets.get(m);
            Path first = projection.strands().get(meet.first()).path();
            Path second = projection.strands().get(meet.second()).path();
            double turn = first.tangent(meet.firstPosition()).cross(second.tangent(meet.secondPosition()));
            if (Math.abs(turn) < SLIGHT
                    || projection.crowded(m)
                    || isCorner(first, meet.firstPosition())
                    || isCorner(second, meet.secondPosition())) {
                return false;
            }
            fromLeft.set(m, turn > 0);
        }
        return true;
    }

    /** Whether a place lies so near a corner that the heading on either side of it may count. */
    private static boolean isCorner(Path path, double position) {
        double joint = Math.rint(position);
        Point leaving = path.tangent(joint >= path.size() ? 0 : joint);
        return Math.abs(position - joint) < SLIGHT && path.arrival(joint).distance(leaving) > SLIGHT;
    }

    private Optional<List<Region>> walk() {
        int passages = 2 * projection.meets().size();
        for (int p = 0; p < passages; p++) {
            Path path = projection.strands().get(projection.strand(p)).path();
            List<Curve> stretch = path.part(projection.position(p), projection.position(beyond(p, 1)));
            List<Curve> reversed = new ArrayList<>(stretch.size());
            stretch.forEach(c -> reversed.add(c.reversed()));
            Collections.reverse(reversed);
            ahead.add(stretch);
            back.add(reversed);
        }
        // A stretch is walked twice: that from passage p ahead is 2 p, back to it 2 p + 1.
        BitSet walked = new BitSet();
        List<Region> faces = new ArrayList<>();
        int loops = 0;
        for (int first = 0; first < 2 * passages; first = walked.nextClearBit(first)) {
            Watch.ask();
            List<Curve> round = new ArrayList<>();
            int stretch = first;
            do {
                walked.set(stretch);
                round.addAll((stretch % 2 == 0 ? ahead : back).get(stretch / 2));
                stretch = next(stretch);
            } while (stretch != first);
            loops++;
            // Between crossings in one place there may be nothing.
            if (round.isEmpty() || !isJoined(round)) {
                return Optional.empty();
            }
            Path outline = new Path(round, true);
            if (outline.signedArea() > 0) {
                faces.add(Region.of(outline));
            }
        }
        boolean sound = loops == projection.meets().size() + 2 && faces.size() == loops - 1;
        return sound ? Optional.of(faces) : Optional.empty();
    }

    private static boolean isJoined(List<Curve> round) {
        for (int i = 0; i < round.size(); i++) {
            if (!Path.follow(round.get(i == 0 ? round.size() - 1 : i - 1), round.get(i))) {
                return false;
            }
        }
        return true;
    }

    private int beyond(int passage, int by) {
        return projection.beyond(passage, by).orElseThrow();
    }

    /** The stretch to the right of where one ends. */
    private int next(int stretch) {
        boolean isAhead = stretch % 2 == 0;
        int arriving = isAhead ? beyond(stretch / 2, 1) : stretch / 2;
        int other = arriving ^ 1;
        // Whether the other strand, in its own way, leaves to the right of this one, as it is walked.
        boolean right = fromLeft.get(arriving / 2) ^ arriving % 2 == 1 ^ !isAhead;
        return right ? 2 * other : 2 * beyond(other, -1) + 1;
    }
}
