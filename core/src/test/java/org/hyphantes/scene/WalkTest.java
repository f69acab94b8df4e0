package org.hyphantes.scene;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Flat;
import org.hyphantes.paint.Paint;
import org.hyphantes.weave.StrandKey;
import org.junit.jupiter.api.Test;

/** What an output is given of a scene, in which order and painted how, for a file and for a screen. */
class WalkTest {
    private static final Colour OXIDE = new Colour("#A4472F");
    private static final Colour TEAL = new Colour("#0A6355");
    private static final Box ALL = new Box(-100, -100, 100, 100);
    private static final Tints TINTS =
            new Tints(List.of(new Colour("#7FB3A6"), new Colour("#D9B27C")), new Colour("#FFFFFF"), true);

    /** Writes down what it is given. */
    private static final class Recorder implements Output {
        private final List<String> calls = new ArrayList<>();
        private final List<Paint> paints = new ArrayList<>();
        private final List<Affine> maps = new ArrayList<>();

        private void add(String call, Paint paint, Affine map) {
            calls.add(call);
            paints.add(paint);
            maps.add(map);
        }

        @Override
        public void begin(Mark.Group group) {
            add("begin " + group.part(), null, group.map());
        }

        @Override
        public void end() {
            add("end", null, null);
        }

        @Override
        public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
            add("areas " + areas.size() + (whole ? " whole" : " sides"), paint, map);
        }

        @Override
        public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
            add("strokes " + strokes.size(), paint, map);
        }

        @Override
        public void shade(Mark.Shade shade, Colour ink, Affine map) {
            add("shade", Paint.BARE_LINE.filled(new Flat(ink)), map);
        }

        @Override
        public void clip(Region within, Affine map) {
            add("clip", null, map);
        }

        @Override
        public void unclip() {
            add("unclip", null, null);
        }

        private Paint paint(String call) {
            return paints.get(calls.indexOf(call));
        }
    }

    private static Recorder fed(Scene scene, Look look) {
        Recorder recorder = new Recorder();
        Walk.feed(scene, look, recorder);
        return recorder;
    }

    private static StrandKey key(String figure) {
        return new StrandKey(figure, List.of());
    }

    private static Path circle(double x, double radius) {
        return Path.closed(Arc.circle(new Point(x, 0), radius, 0));
    }

    private static Mark.Area area(String figure, int strand, double x, Paint paint) {
        Path path = circle(x, 5);
        Spine spine = new Spine(path, 0, path.length(), 4, 0, strand);
        return new Mark.Area(
                Region.of(path), List.of(path), Optional.of(spine), paint, Origin.of(key(figure), strand, 0));
    }

    private static Mark.Stroke stroke(String figure, double x, Optional<Colour> colour) {
        return new Mark.Stroke(circle(x, 5), Paint.line(colour.map(Flat::new)), Origin.of(key(figure)));
    }

    private static Mark.Group group(Mark.Part part, Affine map, Mark... marks) {
        return Mark.Group.of(part, List.of(marks), map, 0, Origin.of(key("")));
    }

    private static Mark.Group strand(int number, Mark... marks) {
        return Mark.Group.of(Mark.Part.STRAND, List.of(marks), Affine.IDENTITY, 0, Origin.of(key("a"), number, -1));
    }

    private static Scene scene(Mark... marks) {
        return new Scene(
                List.of(marks),
                List.of("a", "b"),
                Box.round(List.of(marks).stream().map(Mark::box).toList()));
    }

    /** Two strands of two figures, the first of two courses with a shade and an inner line. */
    private static Scene woven(Affine map) {
        Mark.Shade shade =
                new Mark.Shade(Region.of(circle(0, 2)), Point.ORIGIN, new Point(1, 0), 0.4, Origin.of(key("a"), 0, 0));
        Mark.Stroke inner = new Mark.Stroke(circle(0, 4), Paint.INNER_LINE, Origin.of(key("a"), 0, 0));
        return scene(group(
                Mark.Part.WEAVE,
                map,
                strand(0, area("a", 0, 0, Paint.BAND), shade, inner, area("a", 0, 12, Paint.BAND)),
                strand(1, area("b", 1, 24, Paint.band(Optional.of(new Flat(OXIDE)))))));
    }

    @Test
    void aFileIsGivenEveryMarkByItselfStrandByStrand() {
        Recorder file = fed(woven(Affine.IDENTITY), Look.PLAIN);
        assertThat(file.calls)
                .containsExactly(
                        "begin WEAVE",
                        "begin STRAND",
                        "areas 1 whole",
                        "shade",
                        "strokes 1",
                        "areas 1 whole",
                        "end",
                        "begin STRAND",
                        "areas 1 whole",
                        "end",
                        "end");
        assertThat(file.paint("areas 1 whole")).isEqualTo(Paint.BAND);
        assertThat(file.paint("strokes 1")).isEqualTo(Paint.INNER_LINE);
    }

    @Test
    void aScreenIsGivenAllOfOnePaintTogetherAndWhatDarkensThemAfterwards() {
        Recorder screen = fed(woven(Affine.IDENTITY), Look.PLAIN.at(ALL, 2).edged(1.2));
        assertThat(screen.calls)
                .containsExactly("begin WEAVE", "areas 2 sides", "areas 1 sides", "shade", "strokes 1", "end");
        assertThat(screen.paint("areas 2 sides").weight() * 2).isEqualTo(1.2);
        Recorder near = fed(woven(Affine.IDENTITY), Look.PLAIN.at(ALL, 20).edged(1.2));
        assertThat(near.calls).contains("areas 2 whole");
        Recorder dragged = fed(woven(Affine.IDENTITY), Look.PLAIN.at(ALL, 2).edged(0));
        assertThat(dragged.calls).containsExactly("begin WEAVE", "areas 2 sides", "areas 1 sides", "end");
        assertThat(dragged.paint("areas 2 sides").weight()).isZero();
    }

    @Test
    void whatIsNotSeenIsNotGiven() {
        Scene scene = woven(Affine.IDENTITY);
        Recorder left = fed(scene, Look.PLAIN.at(new Box(-8, -8, 6, 8), 2).edged(1));
        assertThat(left.calls).containsExactly("begin WEAVE", "areas 1 sides", "shade", "strokes 1", "end");
        assertThat(fed(scene, Look.PLAIN.at(new Box(50, 50, 60, 60), 2).edged(1)).calls)
                .isEmpty();
        // A group laid elsewhere is sought where it lies.
        Affine aside = Affine.shift(new Point(50, 50));
        Recorder there =
                fed(woven(aside), Look.PLAIN.at(new Box(40, 40, 56, 60), 2).edged(1));
        assertThat(there.calls).contains("areas 1 sides").doesNotContain("areas 2 sides");
        assertThat(there.maps).contains(aside);
    }

    @Test
    void tintsTellApartOnlyWhatHasNoColourOfItsOwn() {
        Recorder tinted =
                fed(woven(Affine.IDENTITY), Look.PLAIN.at(ALL, 2).edged(1).tinted(TINTS));
        assertThat(tinted.paint("areas 2 sides").fill()).contains(new Flat(new Colour("#7FB3A6")));
        assertThat(tinted.paint("areas 1 sides").fill()).contains(new Flat(OXIDE));
        // Bone given by hand is a colour, and stays.
        Paint bone = Paint.band(Paint.BAND.fill());
        Recorder given = fed(
                scene(group(Mark.Part.WEAVE, Affine.IDENTITY, area("a", 0, 0, bone))),
                Look.PLAIN.at(ALL, 2).edged(1).tinted(TINTS));
        assertThat(given.paint("areas 1 sides").fill()).isEqualTo(Paint.BAND.fill());
    }

    @Test
    void aThemeChangesInkButNeverTheColoursOfADesign() {
        Look.Inks dark = new Look.Inks(new Colour("#E7EDE9"), new Colour("#0C1312"), new Colour("#060B0A"), TEAL);
        Scene scene = scene(
                group(Mark.Part.LINES, Affine.IDENTITY, stroke("a", 0, Optional.empty())),
                group(Mark.Part.LINES, Affine.IDENTITY, stroke("b", 20, Optional.of(OXIDE))));
        Recorder lines = fed(scene, Look.PLAIN.at(ALL, 2).edged(1).inked(dark));
        assertThat(lines.paints.get(1).line()).contains(dark.ink());
        assertThat(lines.paints.get(4).line()).contains(OXIDE);
        Recorder bands =
                fed(woven(Affine.IDENTITY), Look.PLAIN.at(ALL, 2).edged(1).inked(dark));
        assertThat(bands.paint("areas 2 sides").line())
                .as("a filled band keeps its ink")
                .contains(Paint.INK);
        assertThat(bands.paint("shade").fill()).contains(new Flat(dark.shade()));
    }

    @Test
    void aLiftedStrandStandsOutAndAllOthersFade() {
        Look look = Look.PLAIN.at(ALL, 2).edged(1).lifting(Optional.of(key("b")));
        Recorder lifted = fed(woven(Affine.IDENTITY), look);
        assertThat(lifted.paint("areas 1 sides").fill()).contains(new Flat(OXIDE));
        Flat faded = new Flat(
                new Colour("#FFFFFF").towards(Paint.BAND.fill().orElseThrow().colour(), 1.0 / 3));
        assertThat(lifted.paint("areas 2 sides").fill()).contains(faded);
    }

    @Test
    void linesAlikeGoTogetherAndChosenOnesComeLastAndHeavier() {
        Scene lines = scene(group(
                Mark.Part.LINES,
                Affine.IDENTITY,
                stroke("b", 0, Optional.empty()),
                stroke("a", 10, Optional.empty()),
                stroke("a", 20, Optional.empty()),
                stroke("a", 30, Optional.of(OXIDE))));
        Recorder plain = fed(lines, Look.PLAIN.at(ALL, 1).edged(2));
        assertThat(plain.calls).containsExactly("begin LINES", "strokes 3", "strokes 1", "end");
        Look.Inks inks = new Look.Inks(Paint.INK, new Colour("#FFFFFF"), Paint.INK, TEAL);
        Recorder chosen = fed(lines, Look.PLAIN.at(ALL, 1).edged(2).inked(inks).choosing(Set.of("b")));
        assertThat(chosen.calls).containsExactly("begin LINES", "strokes 2", "strokes 1", "strokes 1", "end");
        assertThat(chosen.paints.get(3).line()).contains(TEAL);
        assertThat(chosen.paints.get(3).weight())
                .isGreaterThan(chosen.paints.get(1).weight());
    }

    @Test
    void clipsHoldWhatTheyHoldAndGroupsCarryTheirMaps() {
        Affine turn = Affine.turn(90, Point.ORIGIN);
        Affine aside = Affine.shift(new Point(10, 0));
        Mark.Clip clip =
                new Mark.Clip(Region.of(circle(0, 8)), List.of(stroke("a", 0, Optional.empty())), Origin.of(key("a")));
        Mark.Group inner = group(Mark.Part.LINES, aside, clip);
        Recorder recorder = fed(scene(group(Mark.Part.LINES, turn, inner)), Look.PLAIN);
        assertThat(recorder.calls)
                .containsExactly("begin LINES", "begin LINES", "clip", "strokes 1", "unclip", "end", "end");
        assertThat(recorder.maps.get(2)).isEqualTo(turn.after(aside));
        assertThat(recorder.maps.get(3)).isEqualTo(turn.after(aside));
        Mark flat = scene(group(Mark.Part.LINES, turn, inner)).flat().get(0);
        assertThat(flat.box().centre().distance(new Point(0, 10))).isLessThan(1e-9);
    }

    /** Textures are as coarse from far as from near, stay within their bands, and leave the plain one bare. */
    @Test
    void texturesFollowTheMiddleOfTheirBands() {
        for (int telling = 0; telling < 6; telling++) {
            Scene scene = scene(group(Mark.Part.WEAVE, Affine.IDENTITY, area("a", telling, 0, Paint.BAND)));
            List<Mark> marks = new ArrayList<>();
            Output collector = new Output() {
                @Override
                public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
                    marks.addAll(areas);
                }

                @Override
                public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
                    marks.addAll(strokes);
                }

                @Override
                public void shade(Mark.Shade shade, Colour ink, Affine map) {}

                @Override
                public void clip(Region within, Affine map) {}

                @Override
                public void unclip() {}
            };
            Walk.feed(scene, Look.PLAIN.at(ALL, 10).edged(1).textured(true), collector);
            List<Mark> texture = marks.subList(1, marks.size());
            assertThat(texture.isEmpty()).as("texture %d", telling).isEqualTo(telling == 0);
            for (Mark mark : texture) {
                Point middle = mark.box().centre();
                assertThat(Math.abs(middle.length() - 5))
                        .as("texture %d", telling)
                        .isLessThan(2.1);
            }
        }
    }

    @Test
    void roundWorkIsSeenInTheSquareThatHoldsItAboutItsCentre() {
        Scene scene = scene(group(
                Mark.Part.LINES,
                Affine.shift(new Point(0, 20)),
                stroke("a", 0, Optional.empty()),
                stroke("a", 30, Optional.empty())));
        double far = new Point(30, 20).length() + 5;
        Box about = RoundBox.about(Point.ORIGIN, scene);
        assertThat(about.right()).isCloseTo(far, within(1e-9));
        assertThat(about.top()).isCloseTo(-far, within(1e-9));
        assertThat(RoundBox.about(Point.ORIGIN, Scene.EMPTY)).isEqualTo(Scene.EMPTY.box());
    }
}
