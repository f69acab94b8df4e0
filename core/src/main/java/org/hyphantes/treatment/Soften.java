package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntPredicate;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Rounding;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;

/**
 * Rounds the corners of every line by arcs of a radius: all of them, those that point out of a closed line or into it, or those
 * of the numbers listed, counted along the line from its start. Corners without room for the radius stay as they are.
 */
public record Soften(String figures, String corners, Amount radius) implements Treatment {
    public static final Soften STARTING = new Soften(Surroundings.EVERY_FIGURE, "all", Amount.of(4));

    private static final Schema<Soften> SCHEMA = new Schema<>(
                    Soften.class,
                    "soften",
                    "Soften {corners} corners of {figures} by a radius of {radius}.",
                    List.of(
                            Setting.of(Soften.class, "figures", new Kind.Figure("every figure", true)),
                            Setting.of(Soften.class, "radius", new Kind.Length(0.001, 1e5)),
                            Setting.of(
                                    Soften.class,
                                    "corners",
                                    new Kind.Text(
                                            "which corners: all, outer, inner, or numbers such as 1 3", Limits.WORDS))))
            .because("Rounded corners are kinder to the eye and to the tool that cuts them.");

    public Soften {
        chosen(corners);
    }

    private static Set<Integer> chosen(String corners) {
        Set<Integer> numbers = new TreeSet<>();
        if (!List.of("all", "outer", "inner").contains(corners)) {
            for (String word : corners.strip().split("[\\s,]+")) {
                if (!word.matches("[1-9]\\d{0,5}")) {
                    throw new IllegalArgumentException(
                            Quoted.of(word) + " is no corner: say all, outer or inner, or number them, such as 1 3.");
                }
                numbers.add(Integer.parseInt(word));
            }
        }
        return numbers;
    }

    @Override
    public Schema<Soften> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Laid> lines = new ArrayList<>();
        for (Laid line : work.lines()) {
            surroundings.watch().step();
            IntPredicate wanted = wanted(line.path());
            lines.add(
                    line.along(Rounding.of(line.path(), radius.value(), wanted).path(), line.key()));
        }
        return work.withLines(lines);
    }

    private IntPredicate wanted(Path path) {
        if (corners.equals("all")) {
            return i -> true;
        }
        int n = path.size();
        boolean[] isCorner = new boolean[n];
        boolean[] right = new boolean[n];
        for (int i = path.closed() ? 0 : 1; i < n; i++) {
            Point before = path.curves().get(i == 0 ? n - 1 : i - 1).tangent(1);
            double turn = before.cross(path.curves().get(i).tangent(0));
            isCorner[i] = Math.abs(turn) > 1e-6;
            right[i] = turn > 0;
        }
        if (corners.equals("outer") || corners.equals("inner")) {
            boolean outer = corners.equals("outer");
            boolean clockwise = !path.closed() || path.signedArea() > 0;
            return i -> isCorner[i] && right[i] == (clockwise == outer);
        }
        Set<Integer> numbers = chosen(corners);
        int[] number = new int[n];
        int count = 0;
        for (int i = 0; i < n; i++) {
            number[i] = isCorner[i] ? ++count : 0;
        }
        return i -> numbers.contains(number[i]);
    }

    @Override
    public String brief(Work done, Unit unit) {
        return Numerals.length(radius.value(), unit);
    }
}
