package org.hyphantes.exchange.pdf;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.graphics.blend.BlendMode;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.hyphantes.exchange.raster.PathTracer;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Region;
import org.hyphantes.geometry.Watch;
import org.hyphantes.paint.Blend;
import org.hyphantes.paint.Blended;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Dashes;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.Paint;
import org.hyphantes.paint.Patch;
import org.hyphantes.paint.Patched;
import org.hyphantes.paint.Ramp;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Output;

/** Writes the marks of a scene on a page, in millimetres. */
final class PdfOutput implements Output {
    private static final double STRAYS = 0.001;

    private final PDDocument document;
    private final PDFormContentStream content;
    private final Layers layers;
    private final Deque<Boolean> layered = new ArrayDeque<>();

    /** How far (mm of the design) a cubic may stray from its arc. */
    private final double strays;

    PdfOutput(PDDocument document, PDFormContentStream content, double scale) {
        this.document = document;
        this.content = content;
        this.layers = new Layers(document);
        this.strays = STRAYS / scale;
    }

    /** What writes and may find that it cannot. */
    @FunctionalInterface
    private interface Act {
        void run() throws IOException;
    }

    private static void sure(Act act) {
        try {
            act.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What is grouped by colour, or as passes, lies in layers of its own, which a viewer may hide (ISO 32000-1, 8.11). */
    @Override
    public void begin(Mark.Group group) {
        boolean layer =
                (group.part() == Mark.Part.PASS || group.part() == Mark.Part.NAMED) && layers.hasRoomFor(group.title());
        layered.push(layer);
        if (layer) {
            sure(() -> content.beginMarkedContent(COSName.OC, layers.of(group.title())));
        }
    }

    @Override
    public void end() {
        if (layered.pop()) {
            sure(content::endMarkedContent);
        }
    }

    private void trace(Affine map, Consumer<PathTracer> tracing) {
        tracing.accept(PathTracer.exact(new PdfPen(content), map, strays));
    }

    static float[] parts(Colour colour) {
        float[] parts = new float[3];
        for (int i = 0; i < 3; i++) {
            parts[i] = Integer.parseInt(colour.hex().substring(1 + 2 * i, 3 + 2 * i), 16) / 255f;
        }
        return parts;
    }

    @Override
    public void areas(List<Mark.Area> areas, Paint paint, boolean whole, Affine map) {
        for (Mark.Area area : areas) {
            Watch.ask();
            paint.fill().ifPresent(fill -> fill(area.region(), fill, map));
        }
        if (paint.line().isEmpty() || paint.weight() <= 0) {
            return;
        }
        sure(() -> {
            line(paint, paint.dashes().round() ? 1 : 0, 0);
            for (Mark.Area area : areas) {
                trace(map, t -> {
                    if (whole) {
                        t.trace(area.region());
                    } else {
                        area.sides().forEach(t::trace);
                    }
                });
                content.stroke();
            }
        });
    }

    private void line(Paint paint, int cap, int join) throws IOException {
        float[] rgb = parts(paint.line().orElseThrow());
        content.setStrokingColor(rgb[0], rgb[1], rgb[2]);
        content.setLineWidth((float) paint.weight());
        content.setLineCapStyle(cap);
        content.setLineJoinStyle(join);
        Dashes dashes = paint.dashes();
        content.setLineDashPattern(
                dashes.isDashed() ? new float[] {(float) dashes.length(), (float) dashes.gap()} : new float[0], 0);
    }

    private void fill(Region region, Fill fill, Affine map) {
        if (fill instanceof Blended blended) {
            blended(region, blended, map);
        } else if (fill instanceof Patched patched) {
            for (List<Patch> alike : patched.alike()) {
                Watch.ask();
                filled(alike.stream().map(Patch::region).toList(), alike.get(0).fill(), map);
            }
        } else {
            filled(List.of(region), fill, map);
        }
    }

    private void filled(List<Region> regions, Fill fill, Affine map) {
        sure(() -> {
            Optional<Ramp> ramp = fill instanceof Ramp r
                            && r.from().distance(r.to()) > 1e-12
                            && r.stops().size() > 1
                    ? Optional.of(r)
                    : Optional.empty();
            if (ramp.isPresent()) {
                content.saveGraphicsState();
                trace(map, t -> regions.forEach(t::trace));
                content.clipEvenOdd();
                content.shadingFill(Shadings.of(ramp.get().map(map)));
                content.restoreGraphicsState();
                return;
            }
            float[] rgb = parts(fill.colour());
            content.setNonStrokingColor(rgb[0], rgb[1], rgb[2]);
            trace(map, t -> regions.forEach(t::trace));
            content.fillEvenOdd();
        });
    }

    /** Through its opacity and by its mode; what is laid in patches lies upon itself nowhere where it is not covering. */
    private void blended(Region region, Blended blended, Affine map) {
        sure(() -> {
            content.saveGraphicsState();
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setNonStrokingAlphaConstant((float) blended.opacity());
            state.setBlendMode(mode(blended.mode()));
            if (blended.inner() instanceof Patched) {
                // All together first, as one group.
                var group = new Groups(document).of(region.map(map).outline().box(), inner -> {
                    new PdfOutput(document, inner, STRAYS / strays).fill(region, blended.inner(), map);
                });
                content.setGraphicsStateParameters(state);
                content.drawForm(group);
            } else {
                content.setGraphicsStateParameters(state);
                fill(region, blended.inner(), map);
            }
            content.restoreGraphicsState();
        });
    }

    private static BlendMode mode(Blend mode) {
        // The names of ISO 32000-1, 11.3.5, are those of CSS without hyphens.
        StringBuilder name = new StringBuilder();
        for (String word : mode.css().split("-")) {
            name.append(Character.toUpperCase(word.charAt(0))).append(word.substring(1));
        }
        return BlendMode.getInstance(COSName.getPDFName(name.toString()));
    }

    @Override
    public void strokes(List<Mark.Stroke> strokes, Paint paint, Affine map) {
        if (paint.line().isEmpty() || paint.weight() <= 0) {
            return;
        }
        Dashes dashes = paint.dashes();
        int cap = dashes.isDashed() && !dashes.round() ? 0 : 1;
        sure(() -> {
            line(paint, cap, 1);
            for (Mark.Stroke stroke : strokes) {
                Watch.ask();
                trace(map, t -> t.trace(stroke.path()));
                content.stroke();
            }
        });
    }

    /** Ink through a mask that fades. */
    @Override
    public void shade(Mark.Shade shade, Colour ink, Affine map) {
        sure(() -> {
            content.saveGraphicsState();
            content.setGraphicsStateParameters(new Groups(document)
                    .fading(
                            shade.region().map(map).outline().box(),
                            Shadings.fading(map.of(shade.from()), map.of(shade.to()), shade.opacity())));
            float[] rgb = parts(ink);
            content.setNonStrokingColor(rgb[0], rgb[1], rgb[2]);
            trace(map, t -> t.trace(shade.region()));
            content.fillEvenOdd();
            content.restoreGraphicsState();
        });
    }

    @Override
    public void clip(Region within, Affine map) {
        sure(() -> {
            content.saveGraphicsState();
            trace(map, t -> t.trace(within));
            content.clipEvenOdd();
        });
    }

    @Override
    public void unclip() {
        sure(content::restoreGraphicsState);
    }
}
