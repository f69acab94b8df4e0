package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;

/** Parts and their copies drawn as they lie on the bed, or on a sheet as large as that, for formats that draw scenes. */
public final class BedDrawing {
    private BedDrawing() {}

    /** The bed (mm of the design, before it is scaled). */
    public static Box bed(Job job, double scale) {
        return new Box(0, 0, job.width().value() / scale, job.height().value() / scale);
    }

    /** Parts in millimetres of the design, each copy in a group of its own. Those that have no room are left out; where none has, all lie in the middle. */
    public static Scene of(List<Scene> parts, Job job, double scale) {
        Affine sized = Affine.scale(scale, Point.ORIGIN);
        List<Box> boxes = parts.stream().map(p -> p.inked().map(sized)).toList();
        boolean alone = parts.size() == 1 && job.copies().value() == 1;
        List<Layout.Spot> spots = alone
                ? List.of(Layout.alone(0, boxes.get(0), job))
                : Layout.of(boxes, job).spots();
        if (spots.isEmpty()) {
            spots = new ArrayList<>();
            for (int i = 0; i < boxes.size(); i++) {
                spots.add(Layout.alone(i, boxes.get(i), job));
            }
        }
        List<Mark> copies = new ArrayList<>();
        for (Layout.Spot spot : spots) {
            Affine laid = sized.inverse().after(spot.toBed()).after(sized);
            copies.add(Mark.Group.of(Mark.Part.NAMED, parts.get(spot.part()).marks(), laid, 0, Origin.piece(-1))
                    .titled("Part " + (copies.size() + 1)));
        }
        return new Scene(copies, parts.get(0).figures(), bed(job, scale));
    }
}
