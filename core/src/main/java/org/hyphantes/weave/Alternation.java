package org.hyphantes.weave;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import org.hyphantes.geometry.Watch;

/**
 * The weave of a whole projection in one rhythm: over and under in turn along every strand, or over twice and under twice.
 *
 * <p>For each meet there is one unknown, whether its first strand lies over. Two passages on a strand, next to each other or next
 * but one, must differ, which ties their unknowns together as equal or opposite; union-find with parity solves all of them in close
 * to linear time. Closed curves that cross in pairs always allow over and under in turn; open strands may not, nor may pairs. Then a
 * set of ties that contradict one another is reported, as small as there is one round the place.
 */
public final class Alternation {
    /** So many conflicts are looked into for the smallest set; of more than that the rest are given by their place alone. */
    private static final int MOST_TRACED = 24;

    private final int[] parent;
    private final boolean[] opposite;
    private final List<Tie> ties = new ArrayList<>();
    private final List<Tie> refused = new ArrayList<>();

    /** Two meets whose unknowns are unlike or like, since a strand passes both: at this passage the later of them. */
    private record Tie(int a, int b, boolean unlike, int strand, int passage) {}

    /**
     * Where the rhythm is impossible.
     *
     * @param strand the strand that must go the same way twice running
     * @param passage its passage there
     * @param meets the crossings that cannot all be right: the smallest such set round this place, in order round it
     */
    public record Conflict(int strand, int passage, List<Integer> meets) {}

    /** The solution: whether each meet's first strand is over, the component each belongs to, and the conflicts, smallest first. */
    public record Solution(boolean[] firstOver, int[] component, List<Conflict> conflicts) {}

    private Alternation(int meets) {
        parent = new int[meets];
        opposite = new boolean[meets];
        for (int i = 0; i < meets; i++) {
            parent[i] = i;
        }
    }

    /**
     * Solves a projection.
     *
     * @param strand the strand at which the weave begins
     * @param over whether its first passage goes over
     */
    public static Solution of(Projection projection, Rhythm rhythm, int strand, boolean over) {
        Alternation alternation = new Alternation(projection.meets().size());
        if (rhythm == Rhythm.BY_HAND) {
            boolean[] firstOver = new boolean[projection.meets().size()];
            Arrays.fill(firstOver, over);
            int[] component = new int[firstOver.length];
            Arrays.setAll(component, i -> i);
            return new Solution(firstOver, component, List.of());
        }
        for (int s = 0; s < projection.strands().size(); s++) {
            alternation.tie(projection, s, rhythm.step());
        }
        return alternation.solution(projection, rhythm, strand, over);
    }

    private void tie(Projection projection, int strand, int step) {
        int n = projection.passages(strand);
        boolean closed = projection.strands().get(strand).isRound();
        for (int i = closed ? 0 : step; i < n; i++) {
            int before = projection.passage(strand, Math.floorMod(i - step, n));
            int here = projection.passage(strand, i);
            // A passage is over when firstOver differs from being the second, so unlike passages of like rank tie as
            // opposites.
            boolean unlike = before % 2 == here % 2;
            Tie tie = new Tie(before / 2, here / 2, unlike, strand, here);
            if (before == here || !union(tie.a(), tie.b(), unlike)) {
                refused.add(tie);
            }
            ties.add(tie);
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

    private Solution solution(Projection projection, Rhythm rhythm, int strand, boolean over) {
        int meets = projection.meets().size();
        int[] component = new int[meets];
        boolean[] rootOver = new boolean[meets];
        boolean[] seeded = new boolean[meets];
        List<Integer> order = new ArrayList<>();
        order.add(strand < projection.strands().size() ? strand : 0);
        for (int s = 0; s < projection.strands().size(); s++) {
            order.add(s);
        }
        for (int s : order) {
            for (int i = 0; meets > 0 && i < projection.passages(s); i++) {
                Watch.ask();
                int passage = projection.passage(s, i);
                int root = find(passage / 2);
                if (!seeded[root]) {
                    seeded[root] = true;
                    boolean passesOver = over ^ i / rhythm.step() % 2 == 1;
                    rootOver[root] = passesOver ^ passage % 2 == 1 ^ sense(passage / 2);
                }
            }
        }
        boolean[] firstOver = new boolean[meets];
        for (int m = 0; m < meets; m++) {
            component[m] = find(m);
            firstOver[m] = rootOver[component[m]] ^ sense(m);
        }
        return new Solution(firstOver, component, conflicts(meets));
    }

    private List<Conflict> conflicts(int meets) {
        List<Conflict> conflicts = new ArrayList<>();
        if (refused.isEmpty()) {
            return conflicts;
        }
        List<List<Tie>> at = new ArrayList<>(meets);
        for (int m = 0; m < meets; m++) {
            at.add(new ArrayList<>(4));
        }
        for (Tie tie : ties) {
            at.get(tie.a()).add(tie);
            at.get(tie.b()).add(tie);
        }
        for (int i = 0; i < refused.size(); i++) {
            Watch.ask();
            Tie tie = refused.get(i);
            List<Integer> round = i < MOST_TRACED ? smallest(tie, at) : List.of(tie.a(), tie.b());
            conflicts.add(new Conflict(tie.strand(), tie.passage(), round));
        }
        conflicts.sort(Comparator.comparingInt(c -> c.meets().size()));
        return List.copyOf(conflicts);
    }

    /** The shortest round of ties through one that contradicts itself: a way between its ends of the wrong parity. */
    private static List<Integer> smallest(Tie refused, List<List<Tie>> at) {
        if (refused.a() == refused.b()) {
            return List.of(refused.a());
        }
        int[] from = new int[2 * at.size()];
        Arrays.fill(from, -1);
        int start = 2 * refused.a();
        int goal = 2 * refused.b() + (refused.unlike() ? 0 : 1);
        from[start] = start;
        Deque<Integer> open = new ArrayDeque<>(List.of(start));
        while (!open.isEmpty() && from[goal] < 0) {
            Watch.ask();
            int here = open.remove();
            for (Tie tie : at.get(here / 2)) {
                int other = tie.a() == here / 2 ? tie.b() : tie.a();
                int next = 2 * other + (here % 2 ^ (tie.unlike() ? 1 : 0));
                if (tie != refused && from[next] < 0) {
                    from[next] = here;
                    open.add(next);
                }
            }
        }
        List<Integer> round = new ArrayList<>();
        for (int node = goal; from[goal] >= 0 && node != start; node = from[node]) {
            round.add(node / 2);
        }
        round.add(refused.a());
        return List.copyOf(round);
    }
}
