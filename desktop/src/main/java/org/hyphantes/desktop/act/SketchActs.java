package org.hyphantes.desktop.act;

import java.io.File;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Sketch;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Gallery;
import org.hyphantes.desktop.desk.Tracing;
import org.hyphantes.desktop.picture.Camera;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;

/** What is done with the picture under a design: laid, dropped, drawn, its colour sampled. */
public final class SketchActs {
    private final Desk desk;
    private final Tracing sketch;
    private String missing = Sketch.NONE;

    public SketchActs(Desk desk) {
        this.desk = desk;
        this.sketch = desk.tracing();
    }

    /** Whether the sentence is about the sketch, which lies at a place, and the hand may move it. */
    public boolean isGrasped(Point place) {
        return desk.view().subject().filter(s -> s == Subject.OfDesign.SKETCH).isPresent()
                && desk.design().sketch().hand() == Sketch.Hold.FREE
                && sketch.box(desk.design().sketch())
                        .filter(b -> b.contains(place))
                        .isPresent();
    }

    /** Draws a sketch; of one whose file is gone, or is no picture, it says once what can be done. */
    public void draw(Sketch laid, GraphicsContext gc, Camera camera) {
        sketch.box(laid).ifPresent(box -> {
            gc.setGlobalAlpha(laid.opacity().value());
            gc.drawImage(
                    sketch.of(laid).image(),
                    camera.x(new Point(box.left(), 0)),
                    camera.y(new Point(0, box.top())),
                    box.width() * camera.scale(),
                    box.height() * camera.scale());
            gc.setGlobalAlpha(1);
        });
        if (!laid.file().equals(missing)) {
            sketch.amiss(laid).ifPresent(words -> {
                missing = laid.file();
                desk.warn(words);
            });
        }
    }

    /** Samples the colour of the sketch under the pointer: says it, and puts it on the clipboard. */
    public void sampleColour() {
        Optional<Colour> colour = desk.hoverProperty()
                .get()
                .place()
                .flatMap(p -> sketch.colour(desk.design().sketch(), p));
        if (colour.isEmpty()) {
            desk.warn("Bring the pointer or the needle over the sketch first.");
            return;
        }
        String hex = colour.get().hex();
        ClipboardContent content = new ClipboardContent();
        content.putString(hex);
        Clipboard.getSystemClipboard().setContent(content);
        desk.say("The sketch is " + hex + " here; copied.");
    }

    public void dropped(DragEvent event) {
        event.getDragboard().getFiles().stream().findFirst().map(File::toPath).ifPresent(file -> {
            if (BringActs.isKnown(file)) {
                new BringActs(desk).bring(file);
            } else {
                lay(file);
            }
        });
        event.setDropCompleted(true);
        event.consume();
    }

    /** Lays a picture under the design, to trace or compare. */
    public void lay(Path file) {
        String name = file.toAbsolutePath().toString();
        sketch.read(name, image -> laid(name), why -> desk.warn(Tracing.name(name) + " cannot be laid: " + why + "."));
    }

    private void laid(String file) {
        desk.open(Gallery.SET_OUT);
        desk.edit(new Edit(
                "Sketch laid; it never reaches the result.",
                d -> d.withSketch(d.sketch().of(file))));
        desk.look(desk.view().about(Subject.OfDesign.SKETCH));
    }
}
