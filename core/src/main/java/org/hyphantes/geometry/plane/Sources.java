package org.hyphantes.geometry.plane;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;

/** The curves of all paths in one list, each with its path, its place on it and about its length;
 * curves of no length are left out. */
record Sources(List<Curve> curves, int[] path, int[] place, double[] length) {
    static Sources of(List<Path> paths, double epsilon) {
        int most = paths.stream().mapToInt(Path::size).sum();
        List<Curve> curves = new ArrayList<>(most);
        int[] path = new int[most];
        int[] place = new int[most];
        double[] length = new double[most];
        for (int p = 0; p < paths.size(); p++) {
            List<Curve> chain = paths.get(p).curves();
            for (int c = 0; c < chain.size(); c++) {
                double along = chain.get(c) instanceof Cubic cubic
                        ? cubic.hullLength()
                        : chain.get(c).length();
                if (along > epsilon) {
                    path[curves.size()] = p;
                    place[curves.size()] = c;
                    length[curves.size()] = along;
                    curves.add(chain.get(c));
                }
            }
        }
        return new Sources(curves, path, place, length);
    }

    Curve curve(int c) {
        return curves.get(c);
    }
}
