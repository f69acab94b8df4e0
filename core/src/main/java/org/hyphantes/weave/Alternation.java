package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;

/**
 * The alternate weave of a whole diagram: over and under in turn along every strand.
 *
 * <p>For each meet there is one unknown, whether its first strand lies over. Two passages next to each other on a strand
 * must differ, which ties their unknowns together as equal or opposite; union-find with parity solves all of them in close
 * to linear time. Closed curves that cross in pairs always allow it; open strands may not, and then the passage at which
 * the tie is refused is reported.
 */
public final class Alternation {
    private final int[] parent;
    private final boolean[] opposite;
    private final List<Conflict> conflicts = new ArrayList<>();

    /** Where alternation is impossible: two passages next to each other on a strand that must go the same way. */
    public record Conflict(int strand, int passage) {}

    /** The solution: whether each meet's first strand is over, the component each belongs to, and the refused ties. */
    public record Solution(boolean[] firstOver, int[] component, List<Conflict> conflicts) {}

    private Alternation(int meets) {
        parent = new int[meets];
        opposite = new boolean[meets];
        for (int i = 0; i < meets; i++) {
            parent[i] = i;
        }
    }

    /** Solves a diagram so that the first passage along {@code strand} goes over, or under when {@code over} is false. */
    public static Solution of(Diagram diagram, int strand, boolean over) {
        Alternation ties = new Alternation(diagram.meets().size());
        for (int s = 0; s < diagram.strands().size(); s++) {
            ties.tie(diagram, s);
        }
        return ties.solution(diagram, strand, over);
    }

    private void tie(Diagram diagram, int strand) {
        int n = diagram.passages(strand);
        boolean closed = diagram.strands().get(strand).path().closed();
        for (int i = closed ? 0 : 1; i < n && n > 1; i++) {
            int before = diagram.passage(strand, i == 0 ? n - 1 : i - 1);
            int here = diagram.passage(strand, i);
            // A passage is over when firstOver differs from being the second, so unlike passages of like rank tie as
            // opposites.
            boolean unlike = before % 2 == here % 2;
            if (!union(before / 2, here / 2, unlike)) {
                conflicts.add(new Conflict(strand, here));
            }
        }
        if (closed && n == 1) {
            conflicts.add(new Conflict(strand, diagram.passage(strand, 0)));
        }
    }

    private int find(int x) {
        int root = x;
        boolean flip = false;
        while (parent[root] != root) {
            flip ^= opposite[root];
            root = parent[root];
        }
        while (parent[x] != root && x != root) {
            int next = parent[x];
            boolean rest = flip ^ opposite[x];
            parent[x] = root;
            opposite[x] = flip;
            flip = rest;
            x = next;
        }
        return root;
    }

    private boolean sense(int x) {
        find(x);
        return parent[x] != x && opposite[x];
    }

    private boolean union(int a, int b, boolean unlike) {
        int p = find(a);
        int q = find(b);
        boolean apart = sense(a) ^ sense(b) ^ unlike;
        if (p == q) {
            return !apart;
        }
        parent[q] = p;
        opposite[q] = apart;
        return true;
    }

    private Solution solution(Diagram diagram, int strand, boolean over) {
        int meets = diagram.meets().size();
        int[] component = new int[meets];
        boolean[] rootOver = new boolean[meets];
        boolean[] seeded = new boolean[meets];
        List<Integer> order = new ArrayList<>();
        order.add(Math.min(strand, Math.max(0, diagram.strands().size() - 1)));
        for (int s = 0; s < diagram.strands().size(); s++) {
            order.add(s);
        }
        for (int s : order) {
            for (int i = 0; meets > 0 && i < diagram.passages(s); i++) {
                int passage = diagram.passage(s, i);
                int root = find(passage / 2);
                if (!seeded[root]) {
                    seeded[root] = true;
                    boolean passesOver = over ^ i % 2 == 1;
                    rootOver[root] = passesOver ^ passage % 2 == 1 ^ sense(passage / 2);
                }
            }
        }
        boolean[] firstOver = new boolean[meets];
        for (int m = 0; m < meets; m++) {
            component[m] = find(m);
            firstOver[m] = rootOver[component[m]] ^ sense(m);
        }
        return new Solution(firstOver, component, List.copyOf(conflicts));
    }
}
