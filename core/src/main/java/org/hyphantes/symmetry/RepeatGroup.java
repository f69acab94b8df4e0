package org.hyphantes.symmetry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * The groups of a pattern that repeats: seventeen of the plane and seven of a strip, by the coordinates of their general positions.
 * Sources: International Tables for Crystallography, volume A, plane groups; volume E, frieze groups. In parts of the sides of a cell, with the
 * origin and the axes that stand there; centred cells have the positions of both of their points.
 */
public enum RepeatGroup {
    P1(Cell.OBLIQUE, "x,y"),
    P2(Cell.OBLIQUE, "x,y; -x,-y"),
    PM(Cell.RECTANGULAR, "x,y; -x,y"),
    PG(Cell.RECTANGULAR, "x,y; -x,y+1/2"),
    CM(Cell.RECTANGULAR, "x,y; -x,y; x+1/2,y+1/2; -x+1/2,y+1/2"),
    P2MM(Cell.RECTANGULAR, "x,y; -x,-y; -x,y; x,-y"),
    P2MG(Cell.RECTANGULAR, "x,y; -x,-y; -x+1/2,y; x+1/2,-y"),
    P2GG(Cell.RECTANGULAR, "x,y; -x,-y; -x+1/2,y+1/2; x+1/2,-y+1/2"),
    C2MM(Cell.RECTANGULAR, "x,y; -x,-y; -x,y; x,-y; x+1/2,y+1/2; -x+1/2,-y+1/2; -x+1/2,y+1/2; x+1/2,-y+1/2"),
    P4(Cell.SQUARE, "x,y; -x,-y; -y,x; y,-x"),
    P4MM(Cell.SQUARE, "x,y; -x,-y; -y,x; y,-x; -x,y; x,-y; y,x; -y,-x"),
    P4GM(Cell.SQUARE, "x,y; -x,-y; -y,x; y,-x; -x+1/2,y+1/2; x+1/2,-y+1/2; y+1/2,x+1/2; -y+1/2,-x+1/2"),
    P3(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x"),
    P3M1(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; -y,-x; -x+y,y; x,x-y"),
    P31M(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; y,x; x-y,-y; -x,-x+y"),
    P6(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; -x,-y; y,-x+y; x-y,x"),
    P6MM(Cell.HEXAGONAL, "x,y; -y,x-y; -x+y,-x; -x,-y; y,-x+y; x-y,x; -y,-x; -x+y,y; x,x-y; y,x; x-y,-y; -x,-x+y"),
    FRIEZE_P1(Cell.STRIP, "x,y"),
    FRIEZE_P211(Cell.STRIP, "x,y; -x,-y"),
    FRIEZE_P1M1(Cell.STRIP, "x,y; -x,y"),
    FRIEZE_P11M(Cell.STRIP, "x,y; x,-y"),
    FRIEZE_P11G(Cell.STRIP, "x,y; x+1/2,-y"),
    FRIEZE_P2MM(Cell.STRIP, "x,y; -x,-y; -x,y; x,-y"),
    FRIEZE_P2MG(Cell.STRIP, "x,y; -x,-y; -x+1/2,y; x+1/2,-y");

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

    RepeatGroup(Cell cell, String positions) {
        this.cell = cell;
        this.positions = Arrays.stream(positions.split(";\\s*"))
                .map(RepeatGroup::position)
                .toList();
    }

    public Cell cell() {
        return cell;
    }

    /** Its general positions in a cell, the first of them where it is drawn. */
    public List<Position> positions() {
        return new ArrayList<>(positions);
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
