package org.hyphantes.desktop.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Tiles;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Line;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Look;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Entry;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.weave.StrandKey;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/** A drawing too large to be drawn at once is there soon, and never stands for long in the place of another. */
@ExtendWith(ApplicationExtension.class)
class PainterTest {
    private static final Camera CAMERA =
            new Camera(PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, Point.ORIGIN, 1);

    private final AtomicInteger asked = new AtomicInteger();
    private final Painter painter = new Painter(asked::incrementAndGet);

    /** Level lines from one height to another. */
    private static Scene lines(int count, double from, double to) {
        List<Mark> marks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            double y = from + (to - from) * i / count;
            marks.add(new Mark.Stroke(
                    Path.open(new Line(new Point(-300, y), new Point(300, y))),
                    Paint.BARE_LINE,
                    Origin.of(new StrandKey("line-1", List.of()))));
        }
        return new Scene(marks, List.of("line-1"), new Box(-300, -300, 300, 300));
    }

    /** The rows of pixels, from the top, where ink is. */
    private List<Integer> inked(Scene scene) throws Exception {
        int[] pixels = WaitForAsyncUtils.waitForAsyncFx(
                20_000, () -> PicturesAgreeTest.drawn(gc -> painter.draw(scene, Look.PLAIN, gc, CAMERA)));
        List<Integer> rows = new ArrayList<>();
        for (int row = 0; row < PicturesAgreeTest.PIXELS; row++) {
            int from = row * PicturesAgreeTest.PIXELS;
            if (Arrays.stream(pixels, from, from + PicturesAgreeTest.PIXELS).anyMatch(p -> p != 0xFFFFFFFF)) {
                rows.add(row);
            }
        }
        return rows;
    }

    private void awaitAsked(int times) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> asked.get() >= times);
    }

    @Test
    void aLargeDrawingIsThereSoonAndNeverInTheStead() throws Exception {
        Scene upper = lines(4_000, 100, 200);
        Scene lower = lines(4_000, -200, -100);
        assertThat(inked(upper)).as("not at once").isEmpty();
        awaitAsked(1);
        List<Integer> rows = inked(upper);
        assertThat(rows).hasSizeBetween(99, 103);
        inked(lower);
        // Done, or given up for being another scene: in either case the old one is gone.
        awaitAsked(2);
        assertThat(inked(lower)).doesNotContainAnyElementsOf(rows);
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> inked(lower).size() >= 99);
        assertThat(inked(lines(10, -200, -100))).as("a small one, at once").hasSizeBetween(10, 20);
        assertThat(asked.get())
                .as("drawn again only when there is something new")
                .isLessThanOrEqualTo(3);
    }

    @Test
    void aClothIsLaidAtFirstAndDrawnExactlyWhenTheHandRests() throws Exception {
        Artwork crowfoot = new Resolver().resolve(Demo.CROWFOOT.design());
        Scene cloth = Tiles.seen(crowfoot, 3);
        Camera camera = Camera.whole(cloth.box(), PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, 20);
        Painter prompt = Painter.prompt(asked::incrementAndGet);
        int[] exact = PicturesAgreeTest.canvas(gc -> CanvasOutput.draw(cloth, Look.PLAIN, gc, camera));
        int[] first = PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN, gc, camera));
        assertThat(first).as("on whole pixels").isNotEqualTo(exact);
        int[] paper = PicturesAgreeTest.canvas(gc -> {});
        assertThat(inkApart(first, exact))
                .as("and yet all of it, in its place")
                .isLessThan(inkApart(paper, exact) / 20);
        awaitAsked(1);
        assertThat(PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN, gc, camera)))
                .isEqualTo(exact);
        int[] again = PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN.pale(0.5), gc, camera));
        assertThat(again)
                .as("what is only coloured otherwise is not laid again")
                .isEqualTo(PicturesAgreeTest.canvas(gc -> CanvasOutput.draw(cloth, Look.PLAIN.pale(0.5), gc, camera)));
        assertThat(asked).hasValue(1);
    }

    @Test
    void aLargeClothStandsAsItWasLaidUntilItHasBeenDrawnExactly() throws Exception {
        Design crowfoot = Demo.CROWFOOT.design();
        Step repeat = crowfoot.root().last(Repeat.class).orElseThrow();
        Repeat fourfold = ((Repeat) repeat.treatment()).with("group", Entry.word(RepeatGroup.P4));
        Design set = Recipes.set(crowfoot.root().id(), repeat.id(), fourfold, "")
                .change()
                .apply(crowfoot);
        Scene cloth = Tiles.seen(new Resolver().resolve(set), 4);
        assertThat(cloth.size()).as("marks, too many to be drawn at once").isGreaterThan(3_000);
        Camera camera = Camera.whole(cloth.box(), PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, 20);
        Painter prompt = Painter.prompt(asked::incrementAndGet);
        int[] paper = PicturesAgreeTest.canvas(gc -> {});
        int[] exact = PicturesAgreeTest.canvas(gc -> CanvasOutput.draw(cloth, Look.PLAIN, gc, camera));
        int[] first = PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN, gc, camera));
        awaitAsked(1);
        // It is wanted exactly from now on, and painted meanwhile.
        assertThat(PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN, gc, camera)))
                .isEqualTo(first);
        awaitAsked(2);
        int[] last = PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN, gc, camera));
        assertThat(inkApart(last, exact)).isLessThan(inkApart(first, exact));
        assertThat(inkApart(first, exact)).isLessThan(inkApart(paper, exact) / 5);

        Painter small = new Painter(asked::incrementAndGet);
        PicturesAgreeTest.canvas(gc -> small.draw(cloth, Look.PLAIN, gc, camera));
        awaitAsked(3);
        int[] tiles = PicturesAgreeTest.canvas(gc -> small.draw(cloth, Look.PLAIN, gc, camera));
        assertThat(inkApart(tiles, exact)).as("of laid tiles").isLessThan(inkApart(paper, exact) / 20);

        LaidCloth dense = LaidCloth.of(Tiled.of(cloth, camera.seen()).orElseThrow(), Look.PLAIN, camera, false, 2)
                .orElseThrow();
        int[] halved = PicturesAgreeTest.canvas(
                gc -> gc.drawImage(dense.image(), 0, 0, PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS));
        assertThat(inkApart(halved, exact))
                .as("on a screen of twice the pixels")
                .isLessThan(inkApart(paper, exact) / 20);
    }

    @Test
    void aClothDrawnAheadIsKnownAgainAndCutOffAtItsEdge() throws Exception {
        Artwork crowfoot = new Resolver().resolve(Demo.CROWFOOT.design());
        Scene cloth = Tiles.seen(crowfoot, 3);
        Camera camera = Camera.whole(cloth.box(), PicturesAgreeTest.PIXELS, PicturesAgreeTest.PIXELS, 20);
        LaidCloth laid = LaidCloth.of(tiled(crowfoot, 3, camera), Look.PLAIN, camera, true)
                .orElseThrow();
        assertThat(laid.isOf(tiled(crowfoot, 3, camera), Look.PLAIN, camera, true))
                .isTrue();
        assertThat(laid.isOf(tiled(crowfoot, 2, camera), Look.PLAIN, camera, true))
                .isFalse();
        assertThat(laid.isOf(tiled(crowfoot, 3, camera), Look.PLAIN, camera.moved(1, 0), true))
                .isFalse();
        Artwork alike = new Resolver().resolve(Demo.CROWFOOT.design());
        assertThat(laid.isOf(tiled(alike, 3, camera), Look.PLAIN, camera, true)).isFalse();

        int[] drawn = PicturesAgreeTest.canvas(gc -> gc.drawImage(laid.image(), 0, 0));
        Box edge = cloth.box();
        for (int i = 0; i < drawn.length; i++) {
            int x = i % PicturesAgreeTest.PIXELS;
            int y = i / PicturesAgreeTest.PIXELS;
            boolean outside = x + 1 < camera.x(new Point(edge.left(), 0))
                    || x > camera.x(new Point(edge.right(), 0))
                    || y + 1 < camera.y(new Point(0, edge.top()))
                    || y > camera.y(new Point(0, edge.bottom()));
            assertThat(outside && drawn[i] != 0xFFFFFFFF)
                    .as("ink beyond the edge at %d, %d", x, y)
                    .isFalse();
        }

        Painter prompt = Painter.prompt(() -> {});
        prompt.foresee(cloth, Look.PLAIN, camera);
        assertThat(PicturesAgreeTest.canvas(gc -> prompt.draw(cloth, Look.PLAIN, gc, camera)))
                .as("foreseen or not it is laid alike")
                .isEqualTo(
                        PicturesAgreeTest.canvas(gc -> Painter.prompt(() -> {}).draw(cloth, Look.PLAIN, gc, camera)));
    }

    private static Tiled tiled(Artwork artwork, int tiles, Camera camera) {
        return Tiled.of(Tiles.seen(artwork, tiles), camera.seen()).orElseThrow();
    }

    /** By how much two pictures differ in how dark they are, square by square of 20 pixels, so that half a pixel aside hardly counts. */
    private static double inkApart(int[] a, int[] b) {
        int n = PicturesAgreeTest.PIXELS;
        double apart = 0;
        for (int y = 0; y < n; y += 20) {
            for (int x = 0; x < n; x += 20) {
                int difference = 0;
                for (int i = 0; i < 400; i++) {
                    int at = (y + i / 20) * n + x + i % 20;
                    difference += (a[at] & 255) - (b[at] & 255);
                }
                apart += Math.abs(difference);
            }
        }
        return apart;
    }
}
