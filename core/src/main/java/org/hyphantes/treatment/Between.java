package org.hyphantes.treatment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Morph;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Angle;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Flat;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.setting.Unit;
import org.hyphantes.weave.StrandKey;

/**
 * Lays steps between two figures, which become one another on the way: n steps with both figures make n + 2, their distance that of
 * the figures over n + 1. The way is straight, or runs along a third figure.
 */
public record Between(Amount steps, String from, String to, Spacing spacing, String along, Heading heading)
        implements Treatment {
    public static final Between STARTING =
            new Between(Amount.of(9), "the first", "the last", Spacing.EVENLY, Turn.NOTHING, Heading.AS_DRAWN);

    private static final Schema<Between> SCHEMA = new Schema<>(
                    Between.class,
                    "between",
                    "Lay {steps} steps between {from} and {to}, spaced {spacing}, along {along}, heading {heading}.",
                    List.of(
                            Setting.of(Between.class, "steps", new Kind.Count(1, 5000)),
                            Setting.of(Between.class, "from", new Kind.Figure("the first")),
                            Setting.of(Between.class, "to", new Kind.Figure("the last")),
                            Setting.of(Between.class, "spacing"),
                            Setting.of(Between.class, "along", new Kind.Figure("nothing")),
                            Setting.of(Between.class, "heading")))
            .because("Steps from one figure to another, for shading by line and for growing.");

    @Override
    public Schema<Between> schema() {
        return SCHEMA;
    }

    @Override
    public Phase phase() {
        return Phase.SETTING_OUT;
    }

    @Override
    public long laid(long before) {
        return before + (long) steps.value();
    }

    @Override
    public Work apply(Work work, Surroundings surroundings) {
        List<Surroundings.Named> all = surroundings.own();
        Optional<Surroundings.Named> a =
                from.equals("the first") ? all.stream().findFirst() : surroundings.figure(from);
        Optional<Surroundings.Named> b = to.equals("the last")
                ? all.stream().skip(Math.max(0, all.size() - 1)).findFirst()
                : surroundings.figure(to);
        if (a.isEmpty() || b.isEmpty() || a.equals(b) || isTooMuch(work)) {
            return work;
        }
        Optional<Path> way = surroundings
                .figure(along)
                .map(f -> f.form().paths(surroundings.pageBox()).get(0));
        Morph morph = Morph.of(a.get().form(), b.get().form(), surroundings.pageBox());
        List<Laid> lines = new ArrayList<>(work.lines());
        int n = (int) steps.value();
        for (int k = 1; k <= n; k++) {
            surroundings.watch().step();
            double share = spacing.share(k / (n + 1.0));
            Point seat = centre(a.get().form(), b.get().form(), share);
            Affine carried = way.map(w -> onto(w, share, seat)).orElse(Affine.IDENTITY);
            List<Path> paths = morph.at(share);
            StrandKey key = new StrandKey(a.get().id(), List.of()).part(k);
            for (int i = 0; i < paths.size(); i++) {
                lines.add(new Laid(
                        paths.size() == 1 ? key : key.part(i),
                        paths.get(i).map(carried),
                        carried.of(seat),
                        colour(a.get(), b.get(), share)));
            }
        }
        return work.withLines(lines);
    }

    /** Carries a seat onto a way, and when it heads along it turns what faces the top of the page into its heading. */
    private Affine onto(Path way, double share, Point seat) {
        double position = way.positionAt(share * way.length());
        Affine there = Affine.shift(way.at(position).minus(seat));
        return heading == Heading.AS_DRAWN
                ? there
                : there.after(Affine.turn(Angle.bearing(way.tangent(position)), seat));
    }

    /** Colours pass into one another; one alone is that of all steps. */
    private static Optional<Fill> colour(Surroundings.Named a, Surroundings.Named b, double share) {
        return (a.colour().isPresent() && b.colour().isPresent()
                        ? Optional.of(a.colour().get().towards(b.colour().get(), share))
                        : a.colour().or(b::colour))
                .map(Flat::new);
    }

    private static Point centre(Form a, Form b, double share) {
        return a.centre().times(1 - share).plus(b.centre().times(share));
    }

    @Override
    public String brief(Work done, Unit unit) {
        return (int) steps.value() + (steps.value() == 1 ? " step" : " steps");
    }
}
