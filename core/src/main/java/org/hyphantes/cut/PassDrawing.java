package org.hyphantes.cut;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Paint;
import org.hyphantes.scene.Mark;
import org.hyphantes.scene.Origin;
import org.hyphantes.scene.Scene;

/** What a machine follows as a drawing, for formats that know no machines. */
public final class PassDrawing {
    /** Lines for a machine are as thin (mm) as can be seen. */
    private static final double HAIRLINE = 0.1;

    /** The colours that tell passes apart, in their order. */
    private static final List<Colour> INKS = List.of(
            new Colour("#B3261E"),
            new Colour("#1F5FA8"),
            new Colour("#2E7D4F"),
            new Colour("#8A4FA3"),
            new Colour("#B8741A"),
            new Colour("#4A5553"));

    private PassDrawing() {}

    /** The contours as lines in the design's own millimetres, a group for each pass. */
    public static Scene of(Cuts cuts, Job job) {
        return of(cuts, job, cuts.toBed().inverse());
    }

    /** @param back from the bed to where they are drawn */
    public static Scene of(Cuts cuts, Job job, Affine back) {
        List<Mark> groups = new ArrayList<>();
        for (int p = 0; p < job.passes().size(); p++) {
            Paint paint = Paint.BARE_LINE.lined(INKS.get(p % INKS.size()), HAIRLINE);
            List<Mark> lines = new ArrayList<>();
            for (Contour contour : cuts.of(p)) {
                lines.add(new Mark.Stroke(contour.path().map(back), paint, contour.origin()));
            }
            if (!lines.isEmpty()) {
                groups.add(Mark.Group.of(Mark.Part.PASS, lines, Affine.IDENTITY, 0, Origin.piece(p + 1))
                        .titled(job.passes().get(p).named(p + 1)));
            }
        }
        return new Scene(
                groups, List.of(), Box.round(groups.stream().map(Mark::box).toList()));
    }
}
