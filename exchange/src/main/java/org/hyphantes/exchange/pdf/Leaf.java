package org.hyphantes.exchange.pdf;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.design.Handing;
import org.hyphantes.geometry.Box;

/**
 * One page and what of the whole is seen on it.
 *
 * @param width of the page (mm)
 * @param height of the page (mm)
 * @param margin round what is seen (mm)
 * @param seen from the upper left corner of all that goes out (mm, in the size in which it does)
 * @param overlap how much (mm) of it is seen on the next page too
 * @param words which page it is; empty for the only one
 */
record Leaf(double width, double height, double margin, Box seen, double overlap, String words) {
    /** Printers leave such a margin (mm) blank. */
    private static final double MARGIN = 10;

    /** So many pages at most. */
    static final int MOST = 500;

    /** The pages that show so much (mm), row by row; of a sheet lying or standing, whichever makes fewer. */
    static List<Leaf> of(Handing handing, double width, double height) {
        Handing.Sheets sheets = handing.sheets();
        if (sheets == Handing.Sheets.ONE_PAGE) {
            return List.of(new Leaf(width, height, 0, new Box(0, 0, width, height), 0, ""));
        }
        double overlap = Math.min(handing.overlap().value(), (sheets.width() - 2 * MARGIN) / 2);
        List<Leaf> standing = of(sheets.width(), sheets.height(), overlap, width, height);
        List<Leaf> lying = of(sheets.height(), sheets.width(), overlap, width, height);
        return lying.size() < standing.size() ? lying : standing;
    }

    private static List<Leaf> of(double wide, double high, double overlap, double width, double height) {
        double across = wide - 2 * MARGIN;
        double down = high - 2 * MARGIN;
        int columns = count(width, across, overlap);
        int rows = count(height, down, overlap);
        List<Leaf> leaves = new ArrayList<>();
        for (int row = 0; row < rows && leaves.size() <= MOST; row++) {
            for (int column = 0; column < columns && leaves.size() <= MOST; column++) {
                double left = column * (across - overlap);
                double top = row * (down - overlap);
                Box seen = new Box(left, top, left + across, top + down);
                String words = "row " + (row + 1) + " of " + rows + ", column " + (column + 1) + " of " + columns;
                leaves.add(new Leaf(wide, high, MARGIN, seen, overlap, words));
            }
        }
        return leaves;
    }

    private static int count(double size, double sheet, double overlap) {
        return (int) Math.max(1, Math.ceil((size - overlap) / (sheet - overlap) - 1e-9));
    }
}
