package org.hyphantes.weave;

import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;

/** A place on a path that goes along it by length; beyond the ends of an open one it goes straight on. */
final class Stride {
    private final Path path;
    private double position;
    private double gone;

    Stride(Path path, double position) {
        this.path = path;
        this.position = position;
    }

    /** The position on the path; before 0 and beyond its size it counts millimetres. */
    double position() {
        return position;
    }

    /** How far (mm) it has gone, forward less back. */
    double gone() {
        return gone;
    }

    Point place() {
        if (position < 0) {
            return path.start().plus(heading().times(position));
        }
        return position > path.size() ? path.end().plus(heading().times(position - path.size())) : path.at(position);
    }

    Point heading() {
        return position >= path.size()
                ? path.curves().get(path.size() - 1).tangent(1)
                : path.tangent(Math.max(0, position));
    }

    void go(double length) {
        gone += length;
        double left = length;
        for (int pieces = 0; pieces <= 2 * path.size() + 2; pieces++) {
            int size = path.size();
            if (!path.closed() && (position < 0 || position > size)) {
                double end = position < 0 ? 0 : size;
                double after = position + left;
                if (position < 0 && after <= 0 || position > size && after >= size) {
                    position = after;
                    return;
                }
                left = after - end;
                position = end;
            }
            int i = left > 0 ? path.index(position) : (int) Math.max(0, Math.ceil(position) - 1);
            Curve curve = path.curves().get(i);
            double t = position - i;
            double speed = curve.velocity(t).length();
            double to = t + left / speed;
            if (to >= 0 && to <= 1) {
                position = i + to;
                return;
            }
            double end = to > 1 ? 1 : 0;
            left -= (end - t) * speed;
            position = i + end;
            if (path.closed() && position >= size) {
                position = 0;
            } else if (path.closed() && position <= 0) {
                position = size;
            } else if (!path.closed() && (end == 1 && position >= size || end == 0 && position <= 0)) {
                position += left;
                return;
            }
        }
    }
}
