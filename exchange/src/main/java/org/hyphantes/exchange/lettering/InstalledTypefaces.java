package org.hyphantes.exchange.lettering;

import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.GraphicsEnvironment;
import java.awt.font.FontRenderContext;
import java.awt.font.GlyphVector;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.figure.Glyph;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.geometry.Cubic;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.meet.PathMeetings;
import org.hyphantes.geometry.plane.Booleans;
import org.hyphantes.geometry.plane.FillRule;

/** The typefaces among this module's resources, and all those of the computer, by the Java library. */
public final class InstalledTypefaces implements Typesetter {
    /** Outlines are asked for at so many units to the em, so that nothing is rounded to a grid. */
    private static final float UNITS = 1024;

    private static final List<String> BUNDLED = List.of(
            "GentiumBookPlus-Regular.ttf", "GentiumBookPlus-Bold.ttf", "NotoSans-Regular.ttf", "NotoSans-Bold.ttf");

    private final Map<String, Font> bundled = new LinkedHashMap<>();
    private final Map<List<String>, Optional<List<Glyph>>> known = new LinkedHashMap<>();
    private List<String> names;

    /** Made by the service loader. */
    public InstalledTypefaces() {
        for (String file : BUNDLED) {
            try (InputStream in =
                    InstalledTypefaces.class.getResourceAsStream("/org/hyphantes/exchange/typefaces/" + file)) {
                Font font = Font.createFont(Font.TRUETYPE_FONT, in);
                bundled.put(file.contains("Bold") ? font.getFamily() + " Bold" : font.getFamily(), font);
            } catch (IOException | FontFormatException e) {
                throw new IllegalStateException("the typeface " + file + " came damaged with the application", e);
            }
        }
    }

    @Override
    public synchronized List<String> typefaces() {
        if (names == null) {
            Set<String> all = new LinkedHashSet<>(bundled.keySet());
            all.addAll(List.of(GraphicsEnvironment.getLocalGraphicsEnvironment().getAvailableFontFamilyNames()));
            names = List.copyOf(all);
        }
        return names;
    }

    @Override
    public synchronized Optional<List<Glyph>> set(String typeface, String text) {
        if (known.size() > 200) {
            known.clear();
        }
        return known.computeIfAbsent(
                List.of(typeface, text), k -> font(typeface).map(f -> glyphs(f, text)));
    }

    private Optional<Font> font(String typeface) {
        Font own = bundled.get(typeface);
        if (own != null) {
            return Optional.of(own);
        }
        return typefaces().contains(typeface) ? Optional.of(new Font(typeface, Font.PLAIN, 1)) : Optional.empty();
    }

    private static List<Glyph> glyphs(Font font, String text) {
        FontRenderContext exact = new FontRenderContext(null, true, true);
        // Laid out as a whole, so that letters are kerned and joined as their typeface wants it.
        char[] letters = text.toCharArray();
        GlyphVector laid =
                font.deriveFont(UNITS).layoutGlyphVector(exact, letters, 0, letters.length, Font.LAYOUT_LEFT_TO_RIGHT);
        List<Glyph> glyphs = new ArrayList<>();
        for (int i = 0; i < laid.getNumGlyphs(); i++) {
            double x = laid.getGlyphPosition(i).getX();
            double next = laid.getGlyphPosition(i + 1).getX();
            glyphs.add(new Glyph(apart(outlines(laid, i, x)), (next - x) / UNITS));
        }
        return glyphs;
    }

    /**
     * The outlines of a letter that some typefaces draw in parts that overlap, as what they enclose together; letters whose outlines
     * do not meet are left as they are drawn.
     */
    private static List<Path> apart(List<Path> drawn) {
        if (PathMeetings.of(drawn).isEmpty()) {
            return drawn;
        }
        List<Path> outlines = new ArrayList<>();
        for (Region region : Booleans.enclosed(drawn, FillRule.NON_ZERO)) {
            outlines.add(region.outline());
            outlines.addAll(region.holes());
        }
        return outlines;
    }

    private static List<Path> outlines(GlyphVector laid, int glyph, double x) {
        List<Path> outlines = new ArrayList<>();
        List<Curve> curves = new ArrayList<>();
        double[] c = new double[6];
        Point start = Point.ORIGIN;
        Point here = Point.ORIGIN;
        for (PathIterator it = laid.getGlyphOutline(glyph).getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            switch (kind) {
                case PathIterator.SEG_MOVETO -> {
                    close(outlines, curves, here, start);
                    start = point(c, 0, x);
                    here = start;
                }
                case PathIterator.SEG_LINETO -> {
                    Point end = point(c, 0, x);
                    if (!end.equals(here)) {
                        curves.add(new Line(here, end));
                    }
                    here = end;
                }
                case PathIterator.SEG_QUADTO -> {
                    Point control = point(c, 0, x);
                    Point end = point(c, 2, x);
                    // A quadratic is the cubic whose controls lie two thirds of the way to its own.
                    curves.add(new Cubic(
                            here,
                            here.plus(control.minus(here).times(2 / 3.0)),
                            end.plus(control.minus(end).times(2 / 3.0)),
                            end));
                    here = end;
                }
                case PathIterator.SEG_CUBICTO -> {
                    curves.add(new Cubic(here, point(c, 0, x), point(c, 2, x), point(c, 4, x)));
                    here = point(c, 4, x);
                }
                default -> {
                    close(outlines, curves, here, start);
                    here = start;
                }
            }
        }
        close(outlines, curves, here, start);
        return outlines;
    }

    private static void close(List<Path> outlines, List<Curve> curves, Point here, Point start) {
        if (!curves.isEmpty()) {
            if (!here.equals(start)) {
                curves.add(new Line(here, start));
            }
            outlines.add(new Path(new ArrayList<>(curves), true));
            curves.clear();
        }
    }

    private static Point point(double[] c, int at, double x) {
        return new Point((c[at] - x) / UNITS, c[at + 1] / UNITS);
    }
}
