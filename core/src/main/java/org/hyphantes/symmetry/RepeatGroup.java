package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.hyphantes.geometry.Point;

/**
 * The groups of a pattern that repeats: seventeen of the plane and seven of a strip, by the coordinates of their general positions.
 * Sources: International Tables for Crystallography, volume A, plane groups; volume E, frieze groups. In parts of the sides of a cell, with the
 * origin and the axes that stand there; centred cells have the positions of both of their points. Then
 * the corners of the share of a cell that all else follows from, the asymmetric unit of volume A; in a strip -1 and 1 stand for its borders.
 */
public enum RepeatGroup {
    P1(Cell.OBLIQUE, "x,y", "0,0 1,0 1,1 0,1"),
    P2(Cell.OBLIQUE, "x,y; -x,-y", "0,0 1/2,0 1/2,1 0,1"),
    PM(Cell.RECTANGULAR, "x,y; -x,y", "0,0 1/2,0 1/2,1 0,1"),
    PG(Cell.RECTANGULAR, "x,y; -x,y+1/2", "0,0 1/2,0 1/2,1 0,1"),
    CM(Cell.RECTANGULAR, "x,y; -x,y; x+1/2,y+1/2; -x+1/2,y+1/2", "0,0 1/2,0 1/2,1/2 0,1/2"),
    P2MM(Cell.RECTANGULAR, "x,y; -x,-y; -x,y; x,-y", "0,0 1/2,0 1/2,1/2 0,1/2"),
    P2MG(Cell.RECTANGULAR, "x,y; -x,-y; -x+1/2,y; x+1/2,-y", "0,0 1/4,0 1/4,1 0,1"),
    P2GG(Cell.RECTANGULAR, "x,y; -x,-y; -x+1/2,y+1/2; x+1/2,-y+1/2", "0,0 1/2,0 1/2,1/2 0,1/2"),
    C2MM(
            Cell.RECTANGULAR,
            "x,y; -x,-y; -x,y; x,-y; x+1/2,y+1/2; -x+1/2,-y+1/2; -x+1/2,y+1/2; x+1/2,-y+1/2",
            "0,0 1/4,0 1/4,1/2 0,1/2"),
    P4(Cell.SQUARE, "x,y; -x,-y; -y,x; y,-x", "0,0 1/2,0 1/2,1/2 0,1/2"),
    P4MM(Cell.SQUARE, "x,y; -x,-y; -y,x; y,-x; -x,y; x,-y; y,x; -y,-x", "0,0 1/2,0 1/2,1/2"),
    P4GM(
            Cell.SQUARE,
            "x,y; -x,-y; -y,x; y,-x; -x+1/2,y+1/2; x+1/2,-y+1/2; y+1/2,x+1/2; -y+1/2,-x+1/2",
            "0,0 1/2,0 0,1/2"),
    P3(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x", "0,0 1/2,0 2/3,1/3 1/3,2/3 0,1/2"),
    P3M1(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; -y,-x; -x+y,y; x,x-y", "0,0 2/3,1/3 1/3,2/3"),
    P31M(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; y,x; x-y,-y; -x,-x+y", "0,0 1/2,0 2/3,1/3 1/2,1/2"),
    P6(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; -x,-y; y,-x+y; x-y,x", "0,0 1/2,0 2/3,1/3 1/2,1/2"),
    P6MM(
            Cell.HEXAGONAL,
            "x,y; -y,x-y; -x+y,-x; -x,-y; y,-x+y; x-y,x; -y,-x; -x+y,y; x,x-y; y,x; x-y,-y; -x,-x+y",
            "0,0 1/2,0 2/3,1/3"),
    FRIEZE_P1(Cell.STRIP, "x,y", "0,-1 1,-1 1,1 0,1"),
    FRIEZE_P211(Cell.STRIP, "x,y; -x,-y", "0,-1 1/2,-1 1/2,1 0,1"),
    FRIEZE_P1M1(Cell.STRIP, "x,y; -x,y", "0,-1 1/2,-1 1/2,1 0,1"),
    FRIEZE_P11M(Cell.STRIP, "x,y; x,-y", "0,-1 1,-1 1,0 0,0"),
    FRIEZE_P11G(Cell.STRIP, "x,y; x+1/2,-y", "0,-1 1/2,-1 1/2,1 0,1"),
    FRIEZE_P2MM(Cell.STRIP, "x,y; -x,-y; -x,y; x,-y", "0,-1 1/2,-1 1/2,0 0,0"),
    FRIEZE_P2MG(Cell.STRIP, "x,y; -x,-y; -x+1/2,y; x+1/2,-y", "0,-1 1/4,-1 1/4,1 0,1");

    /** What a cell is, and so what a group leaves free. */
    public enum Cell {
        /** Both sides and how they lie to one another are free. */
        OBLIQUE,
        /** Both sides are free. */
        RECTANGULAR,
        SQUARE,
        /** Both sides alike, 120 degrees apart. */
        HEXAGONAL,
        /** Repeated in one direction alone. */
        STRIP
    }

    /**
     * One position: where (x, y), in parts of the sides of the cell, comes to lie: at (ax + by + e, cx + dy + f).
     */
    public record Position(int a, int b, int c, int d, double e, double f) {
        /** Whether it turns the drawing over. */
        public boolean mirrors() {
            return a * d - b * c < 0;
        }
    }

    private final Cell cell;
    private final List<Position> positions;
    private final List<Point> share;

    RepeatGroup(Cell cell, String positions, String share) {
        this.cell = cell;
        this.positions = Arrays.stream(positions.split(";\\s*"))
                .map(RepeatGroup::position)
                .toList();
        this.share = Arrays.stream(share.split(" "))
                .map(corner -> corner.split(","))
                .map(parts -> new Point(part(parts[0]), part(parts[1])))
                .toList();
    }

    private static double part(String text) {
        int over = text.indexOf('/');
        return over < 0
                ? Double.parseDouble(text)
                : Double.parseDouble(text.substring(0, over)) / Double.parseDouble(text.substring(over + 1));
    }

    public Cell cell() {
        return cell;
    }

    /** Its general positions in a cell, the first of them where it is drawn. */
    public List<Position> positions() {
        return new ArrayList<>(positions);
    }

    /** The corners of the share of a cell, in parts of its sides. */
    List<Point> share() {
        return new ArrayList<>(share);
    }

    private static Position position(String text) {
        String[] parts = text.split(",");
        return new Position(
                factor(parts[0], 'x'),
                factor(parts[0], 'y'),
                factor(parts[1], 'x'),
                factor(parts[1], 'y'),
                parts[0].endsWith("+1/2") ? 0.5 : 0,
                parts[1].endsWith("+1/2") ? 0.5 : 0);
    }

    private static int factor(String of, char letter) {
        int at = of.indexOf(letter);
        return at < 0 ? 0 : at > 0 && of.charAt(at - 1) == '-' ? -1 : 1;
    }
}
