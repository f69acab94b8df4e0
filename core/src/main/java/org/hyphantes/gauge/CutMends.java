package org.hyphantes.gauge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.hyphantes.cut.Cuts;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Design;
import org.hyphantes.design.Edit;
import org.hyphantes.geometry.Box;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Numerals;

/** Mends of what could not be cut: the job is changed, and the drawing stays as it is. */
final class CutMends {
    /** Ends that lie further apart (mm) than this are not joined by a mend. */
    static final double CLOSABLE = 5;

    /** How far (mm) curves may stray once they are written finer. */
    static final double FINE = 0.01;

    private static final int TIES = 2;

    private CutMends() {}

    private static Mend of(String offer, String done, UnaryOperator<Job> change) {
        return Mend.of(offer, new Edit(done, d -> d.withJob(change.apply(d.job()))));
    }

    /** Sets one setting of the job; a number as an amount. */
    static Mend set(String offer, String key, Object value) {
        Object whole = value instanceof Double number ? Amount.of(number) : value;
        return of(offer, offer + ": done.", j -> j.with(key, whole));
    }

    /** Holds each loose piece by two ties as wide as the material bears. */
    static Mend ties(Design design) {
        double width =
                Math.max(design.making().narrowest().value(), design.job().tie().value());
        return of(
                "Add 2 ties at each loose piece",
                "Each loose piece is held by 2 ties of " + Numerals.length(width, design.unit()) + ".",
                j -> j.with("ties", Amount.of(TIES)).with("tie", Amount.of(width)));
    }

    /** Lays each part by itself, with a gap between them. */
    static Mend apart() {
        return of(
                "Lay the parts apart",
                "Each part lies by itself.",
                j -> j.with("laid", Job.Laid.EACH_PART_BY_ITSELF)
                        .with("gap", Amount.of(Math.max(1, j.gap().value()))));
    }

    /** A pass before all others that takes lines; none where there are as many passes as there may be. */
    static Optional<Mend> lines(Job job, Pass.Work work, String offer) {
        return room(job, of(offer, "Lines that bound nothing are scored first.", j -> {
            List<Pass> passes = new ArrayList<>(j.passes());
            passes.add(0, Pass.CUT.doing(work).taking(Pass.Takes.LINES));
            return j.passing(passes);
        }));
    }

    /** One more pass, which cuts whatever is left; none where there are as many passes as there may be. */
    static Optional<Mend> everything(Job job) {
        return room(job, of("Cut everything", "The last pass cuts whatever is left.", j -> {
            List<Pass> passes = new ArrayList<>(j.passes());
            passes.add(Pass.CUT);
            return j.passing(passes);
        }));
    }

    private static Optional<Mend> room(Job job, Mend mend) {
        return job.passes().size() < Job.MOST_PASSES ? Optional.of(mend) : Optional.empty();
    }

    /** Lays them turned where more have room so, else only as many as have. */
    static Optional<Mend> room(Examined examined, int room) {
        Job job = examined.design().job();
        Cuts cuts = examined.cuts().orElseThrow();
        int then = cuts.room(job.with("lie", Job.Lie.TURNED_TO_FIT));
        if (then > room) {
            return Optional.of(of("Turn them", "They lie turned to fit.", j -> j.with("lie", Job.Lie.TURNED_TO_FIT)));
        }
        int each = room / Math.max(1, cuts.parts().size());
        return each < 1 || each == job.copies().value()
                ? Optional.empty()
                : Optional.of(of("Lay " + each, each + " are laid.", j -> j.with("copies", Amount.of(each))));
    }

    /** Turns the design where it fits the bed so, else takes it smaller. */
    static Mend onBed(Examined examined) {
        Design design = examined.design();
        List<Box> boxes = examined.cuts().orElseThrow().parts().stream()
                .map(Cuts.Part::drawn)
                .toList();
        double scale = design.handing().scale().value();
        double width = design.job().width().value();
        double height = design.job().height().value();
        boolean turned = design.job().lie() == Job.Lie.A_QUARTER_TURNED;
        double asDrawn = Double.POSITIVE_INFINITY;
        double otherWay = Double.POSITIVE_INFINITY;
        double eitherWay = Double.POSITIVE_INFINITY;
        for (Box box : boxes) {
            double across = (turned ? box.height() : box.width()) * scale;
            double down = (turned ? box.width() : box.height()) * scale;
            double drawn = Math.min(width / across, height / down);
            double other = Math.min(width / down, height / across);
            asDrawn = Math.min(asDrawn, drawn);
            otherWay = Math.min(otherWay, other);
            eitherWay = Math.min(eitherWay, Math.max(drawn, other));
        }
        Job.Lie lie = boxes.size() > 1
                ? Job.Lie.TURNED_TO_FIT
                : (otherWay > asDrawn) == turned ? Job.Lie.AS_DRAWN : Job.Lie.A_QUARTER_TURNED;
        if (eitherWay >= 1) {
            return of("Turn it", "It lies turned on the bed.", j -> j.with("lie", lie));
        }
        double best = Math.floor(scale * eitherWay * 1000) / 1000;
        String times = Numerals.shown(best, 3);
        return Mend.of(
                "Fit it: " + times + " times its size", new Edit("It goes out " + times + " times its size.", d -> {
                    Design sized = d.withHanding(
                            d.handing().schema().put(d.handing(), "scale", Amount.of(Math.max(0.001, best))));
                    return sized.withJob(sized.job().with("lie", lie));
                }));
    }
}
