package org.hyphantes.exchange.raster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataNode;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Design;
import org.hyphantes.design.Figure;
import org.hyphantes.design.Group;
import org.hyphantes.design.Handing;
import org.hyphantes.design.Material;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Step;
import org.hyphantes.design.Tiles;
import org.hyphantes.exchange.format.CannotHandOver;
import org.hyphantes.exchange.format.Handout;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Oval;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.scene.Scene;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Unit;
import org.hyphantes.symmetry.RepeatGroup;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Colouring;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.treatment.Repeat;
import org.hyphantes.treatment.Treatment;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pictures of tiles, which repeat edge to edge; read by the library of the platform. */
class SeamlessTest {
    /** Motifs of each group. */
    private static final int MOTIFS = Integer.getInteger("hyphantes.seams", 1);

    private static BufferedImage read(byte[] png) throws Exception {
        return ImageIO.read(new ByteArrayInputStream(png));
    }

    /** A motif that crosses the borders of its cell, woven, or in pieces. */
    private static Design cloth(RepeatGroup group, long seed) {
        Random random = new Random(100L * group.ordinal() + seed);
        Figure oval = new Figure(
                "f0",
                "Oval",
                new Oval(
                        Amount.of(20 + random.nextInt(20)),
                        Amount.of(12 + random.nextInt(12)),
                        Amount.of(random.nextInt(18)),
                        Amount.of(random.nextInt(360)),
                        Amount.of(random.nextInt(180))));
        Figure circle = new Figure(
                "f1",
                "Circle",
                new Circle(
                        Amount.of(6 + random.nextInt(8)),
                        Amount.of(random.nextInt(20)),
                        Amount.of(random.nextInt(360))));
        Repeat repeat = Repeat.STARTING
                .with("group", Entry.word(group))
                .with("width", Amount.of(44))
                .with("height", Amount.of(36))
                .with("laid", List.of("straight", "brick", "drop").get(random.nextInt(3)))
                .with("columns", Amount.of(4))
                .with("rows", Amount.of(4));
        List<Step> steps = random.nextBoolean()
                ? List.of(
                        new Step(true, repeat),
                        new Step(true, Band.of(Amount.of(1.6), Ends.BUTT)),
                        new Step(true, Interlace.STARTING.withClearance(0.3)),
                        new Step(true, Colouring.STARTING))
                : List.of(new Step(true, repeat), new Step(true, Pieces.STARTING), new Step(true, rings()));
        Design design = new Design(
                "Cloth", Unit.MM, Material.PRINT, Map.of(), new Group("design", "Cloth", List.of(oval, circle), steps));
        return design.withHanding(
                new Handing(Handing.Extent.ONE_TILE, Handing.Painted.WITH_FILLS, Amount.of(1), Amount.of(60)));
    }

    private static Treatment rings() {
        return (Treatment) Colouring.STARTING.schema().put(Colouring.STARTING, "by", "ring");
    }

    private static Handout moved(Handout tile, Scene cloth, int across, int down, int width, int height) {
        Box page = tile.page();
        double x = across * page.width() / width;
        double y = down * page.height() / height;
        Box there = new Box(page.left() + x, page.top() + y, page.right() + x, page.bottom() + y);
        return new Handout(tile.design(), cloth, there, Optional.empty());
    }

    /** Wherever a window of one tile is laid on the cloth, what it shows is the same, wrapped: the same colours, and so the same areas. */
    @ParameterizedTest
    @EnumSource(RepeatGroup.class)
    void aWindowOfOneTileShowsTheSameAnywhere(RepeatGroup group) throws Exception {
        for (int seed = 0; seed < MOTIFS; seed++) {
            Design design = cloth(group, seed);
            Artwork artwork = new Resolver().resolve(design);
            Handout tile = Handout.of(design, artwork);
            BufferedImage first = read(PngFormat.FORMAT.bytes(tile));
            int width = first.getWidth();
            int height = first.getHeight();
            Scene cloth = artwork.work().cloth().isPresent() ? Tiles.seen(artwork, 7) : artwork.scene();
            boolean strip = group.cell() == RepeatGroup.Cell.STRIP;
            int down = strip ? 0 : height / 3;
            BufferedImage second = read(PngFormat.FORMAT.bytes(moved(tile, cloth, width / 3, down, width, height)));
            int differ = 0;
            for (int y = 0; y < height; y++) {
                for (int x = 0; x < width; x++) {
                    differ += isOf(first, x + width / 3, y + down, second.getRGB(x, y)) ? 0 : 1;
                }
            }
            // The tip of a sliver thinner than a pixel may be seen in one picture and not in the other.
            assertThat(differ).as("%s, motif %d", group, seed).isLessThanOrEqualTo(width * height / 2000);
        }
    }

    /** Whether a colour lies between those of the pixels about one, wrapped: where an edge falls on a pixel otherwise it is mixed otherwise. */
    private static boolean isOf(BufferedImage picture, int x, int y, int colour) {
        int w = picture.getWidth();
        int h = picture.getHeight();
        for (int shift = 0; shift < 32; shift += 8) {
            int least = 255;
            int most = 0;
            for (int k = 0; k < 9; k++) {
                int there = picture.getRGB(Math.floorMod(x + k % 3 - 1, w), Math.floorMod(y + k / 3 - 1, h));
                least = Math.min(least, there >> shift & 255);
                most = Math.max(most, there >> shift & 255);
            }
            int here = colour >> shift & 255;
            if (here < least - 24 || here > most + 24) {
                return false;
            }
        }
        return true;
    }

    /** At 300 pixels to the inch a tile of 150 mm has 1,772, and says how large they are, in pixels to the metre. */
    @Test
    void aPictureHasItsPhysicalSize() throws Exception {
        Design design = Demo.SLACK_WATER_TILE.design();
        Handing handing =
                new Handing(Handing.Extent.ONE_TILE, Handing.Painted.WITH_FILLS, Amount.of(0.5), Amount.of(300));
        Artwork artwork = new Resolver().resolve(design);
        byte[] png = PngFormat.FORMAT.bytes(Handout.of(design.withHanding(handing), artwork));
        ImageReader reader = ImageIO.getImageReadersByFormatName("png").next();
        reader.setInput(ImageIO.createImageInputStream(new ByteArrayInputStream(png)));
        assertThat(reader.getWidth(0)).isEqualTo(886);
        IIOMetadataNode root = (IIOMetadataNode) reader.getImageMetadata(0).getAsTree("javax_imageio_png_1.0");
        IIOMetadataNode size =
                (IIOMetadataNode) root.getElementsByTagName("pHYs").item(0);
        double metre = Double.parseDouble(size.getAttribute("pixelsPerUnitXAxis"));
        assertThat(size.getAttribute("unitSpecifier")).isEqualTo("meter");
        assertThat(886 / metre * 1000).isCloseTo(75, within(0.01));
    }

    @Test
    void aPictureTooLargeIsSaid() {
        Design design = Demo.SLACK_WATER_TILE.design();
        Handing large = new Handing(Handing.Extent.ONE_TILE, Handing.Painted.WITH_FILLS, Amount.of(4), Amount.of(2400));
        Artwork artwork = new Resolver().resolve(design);
        assertThatThrownBy(() -> PngFormat.FORMAT.bytes(Handout.of(design.withHanding(large), artwork)))
                .isInstanceOf(CannotHandOver.class)
                .hasMessageContaining("lower resolution");
    }
}
