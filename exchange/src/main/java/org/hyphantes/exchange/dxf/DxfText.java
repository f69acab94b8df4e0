package org.hyphantes.exchange.dxf;

import org.hyphantes.exchange.format.Toolpath;
import org.hyphantes.geometry.Point;

/** Pairs of a group code and a value, each on a line of its own; handles are counted up. */
final class DxfText {
    private static final int DECIMALS = 9;

    private final StringBuilder text = new StringBuilder();
    private int next;

    DxfText(int firstHandle) {
        this.next = firstHandle;
    }

    DxfText add(int code, String value) {
        text.append(code).append("\r\n").append(value).append("\r\n");
        return this;
    }

    DxfText number(int code, double value) {
        return add(code, Toolpath.number(value, DECIMALS));
    }

    /** A place in space; the code is that of x. */
    DxfText place(int code, Point p) {
        return flat(code, p).number(code + 20, 0);
    }

    /** A corner of a polyline, which lies flat. */
    DxfText flat(Point p) {
        return flat(10, p);
    }

    private DxfText flat(int code, Point p) {
        return number(code, p.x()).number(code + 10, p.y());
    }

    /** The next handle. */
    DxfText handle() {
        return add(5, Integer.toHexString(next++).toUpperCase(java.util.Locale.ROOT));
    }

    /** The handle that would come next. */
    String seed() {
        return Integer.toHexString(next).toUpperCase(java.util.Locale.ROOT);
    }

    DxfText append(DxfText other) {
        text.append(other.text);
        return this;
    }

    @Override
    public String toString() {
        return text.toString();
    }
}
