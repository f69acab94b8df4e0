package org.hyphantes.desktop.stage.weave;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Swaps;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.treatment.Laying;
import org.hyphantes.weave.Projection;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.Weave;

/** A drag along a strand, which lays it over, under, over at the crossings that it goes over. */
final class StrandLaying {
    private final List<Laying> weaves;
    private final boolean under;
    private Laid laid;

    /** Where it began, by length along the strand, and how far it has gone; backwards is negative. */
    private record Laid(int weave, int strand, double from, double gone) {}

    private StrandLaying(List<Laying> weaves, Laid laid, boolean under) {
        this.weaves = weaves;
        this.laid = laid;
        this.under = under;
    }

    /** The laying begun by a drag from a place, of the strand there that runs the way it goes; empty on the ground. */
    static Optional<StrandLaying> begun(List<Laying> weaves, Point pressed, Point at, boolean under) {
        Laid best = null;
        double least = 0;
        Point way = at.minus(pressed).unit();
        for (int w = 0; w < weaves.size(); w++) {
            Laying laying = weaves.get(w);
            Point own = laying.placed().inverse().of(pressed);
            Point heading = laying.placed().inverse().ofDirection(way);
            List<Strand> strands = laying.weave().strands();
            for (int s = 0; s < strands.size(); s++) {
                Path path = strands.get(s).path();
                if (!path.box().grown(strands.get(s).width()).contains(own)) {
                    continue;
                }
                double position = path.nearest(own);
                double away = path.at(position).distance(own);
                double along = Math.abs(path.tangent(position).dot(heading));
                if (away <= strands.get(s).width(position) / 2 && along > least) {
                    least = along;
                    best = new Laid(w, s, path.lengthTo(position), 0);
                }
            }
        }
        return Optional.ofNullable(best).map(laid -> new StrandLaying(weaves, laid, under));
    }

    private Laying laying() {
        return weaves.get(laid.weave());
    }

    /** Goes on to a place. */
    void to(Point at) {
        Path path = laying().weave().strands().get(laid.strand()).path();
        Point own = laying().placed().inverse().of(at);
        double along = path.lengthTo(path.nearest(own));
        double total = path.length();
        double ahead = along - (laid.from() + laid.gone());
        if (path.closed()) {
            ahead -= total * Math.rint(ahead / total);
        }
        double most = path.closed() ? total * 0.98 : total;
        laid = new Laid(laid.weave(), laid.strand(), laid.from(), Math.max(-most, Math.min(most, laid.gone() + ahead)));
    }

    /** The passages that a drag has gone over, in order. */
    private List<Integer> passages() {
        Projection projection = laying().weave().projection();
        Path path = projection.strands().get(laid.strand()).path();
        double total = path.length();
        int n = projection.passages(laid.strand());
        List<Integer> passages = new ArrayList<>();
        List<Double> far = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            int passage = projection.passage(laid.strand(), i);
            double ahead = path.lengthTo(projection.position(passage)) - laid.from();
            if (path.closed()) {
                ahead -= total * Math.floor(ahead / total);
                ahead = laid.gone() < 0 ? total - ahead : ahead;
            } else {
                ahead = laid.gone() < 0 ? -ahead : ahead;
            }
            if (ahead > 0 && ahead <= Math.abs(laid.gone())) {
                int place = 0;
                while (place < far.size() && far.get(place) < ahead) {
                    place++;
                }
                far.add(place, ahead);
                passages.add(place, passage);
            }
        }
        return passages;
    }

    /** The edit that lays it in the weaves as they are now; empty while no crossing has been gone over, or the strand is gone. */
    Optional<Edit> edit(List<Laying> now, Reach reach) {
        List<Integer> passages = passages();
        return passages.isEmpty() || !now.equals(weaves)
                ? Optional.empty()
                : Optional.of(Swaps.lay(laying(), passages, !under, reach));
    }

    /** Draws what it has gone over, and gives its words. */
    String draw(WeaveMarks marks, Reach reach) {
        List<Integer> passages = passages();
        Weave weave = laying().weave();
        for (int passage : passages) {
            marks.frame(laying().placed()
                    .of(weave.projection().meets().get(passage / 2).place()));
        }
        Set<Integer> reached = new HashSet<>();
        for (int passage : passages) {
            int whole = weave.origins().whole(passage / 2);
            if (whole >= 0) {
                weave.places().reached(whole, reach).forEach(f -> reached.add(f.meet()));
            }
        }
        String all = reached.size() > passages.size() ? ", " + reached.size() + " in all" : "";
        String name = weave.strands().get(laid.strand()).name();
        return "lay " + name + (under ? " under, over" : " over, under")
                + (passages.isEmpty() ? "" : " \u00b7 " + passages.size() + all);
    }
}
