package org.hyphantes.geometry.plane;

/** Things numbered from 0 that are joined into groups; each group is known by one of its members. */
public final class UnionFind {
    private final int[] parent;

    public UnionFind(int size) {
        parent = new int[size];
        for (int i = 0; i < size; i++) {
            parent[i] = i;
        }
    }

    public int size() {
        return parent.length;
    }

    public int find(int i) {
        int at = i;
        while (parent[at] != at) {
            parent[at] = parent[parent[at]];
            at = parent[at];
        }
        return at;
    }

    public void join(int a, int b) {
        parent[find(a)] = find(b);
    }
}
