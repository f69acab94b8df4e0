package org.hyphantes.desktop.rail;

import java.util.List;
import java.util.Optional;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Hover;
import org.hyphantes.gauge.Mend;
import org.hyphantes.gauge.Snag;

/** Goes from snag to snag, and mends the one gone to. */
public final class Snags {
    private final Desk desk;
    private int at;

    public Snags(Desk desk) {
        this.desk = desk;
        desk.resolvedProperty().addListener(o -> at = Math.max(0, Math.min(at, all().size() - 1)));
    }

    private List<Snag> all() {
        return desk.pictured().snags();
    }

    /** The snag gone to, which is the worst until another is chosen; empty when all is sound. */
    public Optional<Snag> current() {
        return all().isEmpty() ? Optional.empty() : Optional.of(all().get(at));
    }

    public String words() {
        return current()
                .map(s -> (all().size() > 1 ? (at + 1) + " of " + all().size() + ": " : "") + s.words())
                .orElse("");
    }

    public void go(int way) {
        if (all().isEmpty()) {
            desk.say("No snags: all is sound.");
            return;
        }
        at = Math.floorMod(at + way, all().size());
        Snag snag = all().get(at);
        snag.place().ifPresent(p -> desk.hover(Hover.at(p)));
        desk.warn(snag.words());
        ghost(true);
    }

    /** Goes to the first snag that a gauge found; says so when it found none. */
    public void goTo(String gauge) {
        for (int i = 0; i < all().size(); i++) {
            if (all().get(i).gauge().equals(gauge)) {
                at = i - 1;
                go(1);
                return;
            }
        }
        desk.say("No snags of this kind.");
    }

    /** Shows what the mend at hand would make of the design, or shows it no longer. */
    public void ghost(boolean shown) {
        desk.ghost(shown ? current().flatMap(Snag::mend).orElse(null) : null);
    }

    /** Mends all snags that the same gauge found, from the one at hand on, one after another. */
    public void mendAlike() {
        Optional<Snag> snag = current();
        if (snag.isEmpty() || snag.get().mend().isEmpty()) {
            mend();
            return;
        }
        List<Mend> mends = all().stream()
                .filter(s -> s.gauge().equals(snag.get().gauge()))
                .flatMap(s -> s.mend().stream())
                .toList();
        String done = mends.size() == 1 ? mends.get(0).done() : mends.size() + " snags of this kind mended.";
        desk.mend(new Mend(snag.get().offer(), done, (d, watch) -> {
            Design mended = d;
            for (Mend mend : mends) {
                watch.step();
                mended = mend.change().of(mended, watch);
            }
            return mended;
        }));
    }

    public void mend() {
        Optional<Snag> snag = current();
        if (snag.isEmpty()) {
            desk.say("Nothing to mend.");
        } else if (snag.get().mend().isEmpty()) {
            desk.warn(snag.get().words());
        } else {
            desk.mend(snag.get().mend().get());
        }
    }
}
