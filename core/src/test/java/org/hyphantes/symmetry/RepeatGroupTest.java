package org.hyphantes.symmetry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.hyphantes.design.Design;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Trial;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup.Cell;
import org.hyphantes.symmetry.RepeatGroup.Position;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Repeat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The groups against the International Tables, and against a classifier that knows nothing of them. */
class RepeatGroupTest {
    /** Motifs of each group that are classified. */
    private static final int MOTIFS = Integer.getInteger("hyphantes.motifs", 50);

    /** International Tables for Crystallography, volumes A and E: the multiplicity of the general position. */
    private static final Map<String, Integer> MULTIPLICITIES = Map.ofEntries(
            Map.entry("p1", 1),
            Map.entry("p2", 2),
            Map.entry("pm", 2),
            Map.entry("pg", 2),
            Map.entry("cm", 4),
            Map.entry("p2mm", 4),
            Map.entry("p2mg", 4),
            Map.entry("p2gg", 4),
            Map.entry("c2mm", 8),
            Map.entry("p4", 4),
            Map.entry("p4mm", 8),
            Map.entry("p4gm", 8),
            Map.entry("p3", 3),
            Map.entry("p3m1", 6),
            Map.entry("p31m", 6),
            Map.entry("p6", 6),
            Map.entry("p6mm", 12),
            Map.entry("frieze p1", 1),
            Map.entry("frieze p211", 2),
            Map.entry("frieze p1m1", 2),
            Map.entry("frieze p11m", 2),
            Map.entry("frieze p11g", 2),
            Map.entry("frieze p2mm", 4),
            Map.entry("frieze p2mg", 4));

    private static Position after(Position p, Position q) {
        return new Position(
                p.a() * q.a() + p.b() * q.c(),
                p.a() * q.b() + p.b() * q.d(),
                p.c() * q.a() + p.d() * q.c(),
                p.c() * q.b() + p.d() * q.d(),
                whole(p.a() * q.e() + p.b() * q.f() + p.e()),
                whole(p.c() * q.e() + p.d() * q.f() + p.f()));
    }

    /** Within a cell: halves are exact. */
    private static double whole(double part) {
        return part - Math.floor(part);
    }

    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void positionsAreAGroupOfTheMultiplicityOfTheTables(RepeatGroup group) {
        Set<Position> all = new HashSet<>(group.positions());
        assertThat(all).hasSize(MULTIPLICITIES.get(Entry.word(group)));
        assertThat(group.positions().get(0)).isEqualTo(new Position(1, 0, 0, 1, 0, 0));
        for (Position p : all) {
            assertThat(Math.abs(p.a() * p.d() - p.b() * p.c())).isEqualTo(1);
            assertThat(all)
                    .as("an inverse of %s", p)
                    .anyMatch(q -> after(p, q).equals(group.positions().get(0)));
            for (Position q : all) {
                assertThat(all).as("%s after %s", p, q).contains(after(p, q));
            }
        }
    }

    private static Repeat repeat(RepeatGroup group, Random random) {
        double width = 40 + random.nextInt(20);
        return Repeat.STARTING
                .with("group", Entry.word(group))
                .with("width", Amount.of(width))
                .with("height", Amount.of(width * (0.66 + 0.1 * random.nextDouble())))
                .with("laid", List.of("straight", "brick", "drop").get(random.nextInt(3)))
                .with("share", Amount.of(0.13 + random.nextDouble() * 0.2))
                .with("right", Amount.of(random.nextInt(9)))
                .with("down", Amount.of(random.nextInt(9)));
    }

    /** Every map is an isometry, and carries the lattice to itself. */
    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void mapsAreIsometriesThatCarryTheLatticeToItself(RepeatGroup group) {
        Tiling tiling = repeat(group, new Random(2)).tiling();
        List<Point> lattice = new ArrayList<>();
        for (int i = -3; i <= 3; i++) {
            for (int j = group.cell() == Cell.STRIP ? 0 : -3; j <= (group.cell() == Cell.STRIP ? 0 : 3); j++) {
                lattice.add(tiling.shift(i, j));
            }
        }
        for (Position position : group.positions()) {
            Affine map = tiling.map(position, 0, 0);
            assertThat(map.isSimilarity()).isTrue();
            assertThat(Math.abs(map.determinant())).isCloseTo(1, within(1e-12));
            assertThat(map.determinant() < 0).isEqualTo(position.mirrors());
            for (int k = 0; k < 2; k++) {
                Point side = map.ofDirection(k == 0 ? tiling.across() : tiling.down());
                if (k == 0 || group.cell() != Cell.STRIP) {
                    assertThat(lattice).anyMatch(l -> l.distance(side) < 1e-12 * (1 + side.length()));
                }
            }
        }
    }

    /** The definition of a fundamental region: every place of the plane has one image in it, and no more. */
    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void everyPlaceHasOneImageInTheShareOfACell(RepeatGroup group) {
        Random random = new Random(5);
        Tiling tiling = repeat(group, random).tiling();
        Box strip =
                new Box(-30, -20 + tiling.origin().y(), 30, 20 + tiling.origin().y());
        Region share = Region.of(tiling.share(strip));
        boolean inStrip = group.cell() == Cell.STRIP;
        for (int k = 0; k < 60; k++) {
            Point place =
                    new Point(40 * random.nextDouble() - 20, tiling.origin().y() + 39 * random.nextDouble() - 19.5);
            int images = 0;
            for (Position position : group.positions()) {
                for (int i = -3; i <= 3; i++) {
                    for (int j = inStrip ? 0 : -3; j <= (inStrip ? 0 : 3); j++) {
                        images += share.contains(tiling.map(position, i, j).of(place)) ? 1 : 0;
                    }
                }
            }
            assertThat(images).isEqualTo(1);
        }
    }

    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void theClassifierNamesTheGroupOfTheClothFromItsPoints(RepeatGroup group) {
        boolean strip = group.cell() == Cell.STRIP;
        for (int seed = 0; seed < MOTIFS; seed++) {
            Random random = new Random(1000L * group.ordinal() + seed);
            Repeat repeat = repeat(group, random);
            Tiling tiling = repeat.tiling();
            List<PatternClassifier.Spot> spots = new ArrayList<>();
            List<Affine> maps = tiling.maps(9, strip ? 1 : 13);
            for (int sort = 0; sort < 3; sort++) {
                Point spot = tiling.origin()
                        .plus(tiling.across().times(0.04 + 0.4 * random.nextDouble()))
                        .plus(tiling.down().times(0.04 + 0.4 * random.nextDouble()));
                for (Affine map : maps) {
                    spots.add(new PatternClassifier.Spot(sort, map.of(spot)));
                }
            }
            double reach = 1.6 * repeat.width().value();
            assertThat(strip ? PatternClassifier.strip(spots, reach) : PatternClassifier.plane(spots, reach))
                    .as("motif %d", seed)
                    .isEqualTo(Entry.word(group));
        }
    }

    /** The same of what is drawn and resolved, whose circles stand for points. */
    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void theFinishedClothIsOfTheGroup(RepeatGroup group) {
        Random random = new Random(group.ordinal());
        boolean strip = group.cell() == Cell.STRIP;
        Repeat repeat = repeat(group, random)
                .with("columns", Amount.of(11))
                .with("rows", Amount.of(15))
                .with("edge", "whole");
        List<Form> forms = new ArrayList<>();
        for (int sort = 0; sort < 3; sort++) {
            forms.add(new Circle(
                    Amount.of(1 + sort), Amount.of(3 + 4 * sort + random.nextDouble()), Amount.of(20 + 50 * sort)));
        }
        Design design = Trial.design(Material.PRINT, forms, repeat);
        List<Laid> lines = new Resolver().resolve(design).spread().lines();
        assertThat(lines).hasSize(3 * 11 * (strip ? 1 : 15) * group.positions().size());
        List<PatternClassifier.Spot> spots = lines.stream()
                .map(l -> new PatternClassifier.Spot(
                        (int) Math.round(l.path().box().width() / 2) - 1,
                        l.path().box().centre()))
                .toList();
        double reach = 1.6 * repeat.width().value();
        assertThat(strip ? PatternClassifier.strip(spots, reach) : PatternClassifier.plane(spots, reach))
                .isEqualTo(Entry.word(group));
    }

    @Test
    void whatCannotBeRepeatedIsRefused() {
        assertThatThrownBy(() -> new Tiling(RepeatGroup.P1, new Point(10, 0), new Point(20, 0), Point.ORIGIN))
                .hasMessageContaining("two sides");
        Repeat many = Repeat.STARTING.with("columns", Amount.of(1000)).with("rows", Amount.of(1000));
        Design design =
                Trial.design(Material.PRINT, List.of(new Circle(Amount.of(5), Amount.of(9), Amount.of(0))), many);
        var artwork = new Resolver().resolve(design);
        assertThat(artwork.faults()).isNotEmpty();
        assertThat(artwork.work().lines()).hasSize(1);
    }
}
