package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;

/** Which closed paths lie within which: a sweep from left to right, that looks only at those which reach over the place in hand. */
final class Nest {
    private Nest() {}

    /** For each path the smallest closed one that it lies within; -1 for none. */
    static int[] parents(List<Path> paths) {
        int count = paths.size();
        Box[] boxes = new Box[count];
        Point[] places = new Point[count];
        double[] area = new double[count];
        for (int i = 0; i < count; i++) {
            boxes[i] = paths.get(i).box();
            places[i] = Contour.away(paths.get(i));
            area[i] = paths.get(i).closed() ? boxes[i].width() * boxes[i].height() : 0;
        }
        Integer[] byLeft = order(count, i -> boxes[i].left());
        int[] parent = new int[count];
        List<Integer> over = new ArrayList<>();
        int next = 0;
        for (int i : order(count, i -> places[i].x())) {
            Watch.ask();
            Point place = places[i];
            while (next < count && boxes[byLeft[next]].left() <= place.x()) {
                if (paths.get(byLeft[next]).closed()) {
                    over.add(byLeft[next]);
                }
                next++;
            }
            over.removeIf(j -> boxes[j].right() < place.x());
            // Not by the whole box: kerf may take what lies within a little over the edge.
            parent[i] = over.stream()
                    .filter(j -> area[j] > area[i] && boxes[j].contains(place))
                    .sorted(Comparator.comparingDouble(j -> area[j]))
                    .filter(j -> paths.get(j).winding(place) != 0)
                    .findFirst()
                    .orElse(-1);
        }
        return parent;
    }

    private static Integer[] order(int count, java.util.function.ToDoubleFunction<Integer> by) {
        Integer[] order = IntStream.range(0, count).boxed().toArray(Integer[]::new);
        Arrays.sort(order, Comparator.comparingDouble(by));
        return order;
    }
}
