package org.hyphantes.desktop.desk;

import java.util.Optional;
import org.hyphantes.design.Artwork;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.geometry.Watch;
import org.hyphantes.scene.Scene;

/**
 * What is seen of a wish while it is being answered: its bands, in their colours, until they are woven; then the weave, until it is measured.
 *
 * @param artwork what the field shows
 * @param lines the centre lines of what is set out, as far as the shuttle
 */
record Glimpse(Wish wish, Artwork artwork, Scene lines) {
    /**
     * The bands of what the field shows; empty where nothing is woven, or nothing but what was woven for the last answer.
     *
     * @param last what was answered last, null at first
     */
    static Optional<Glimpse> unwoven(Resolver resolver, Wish wish, Wish last, Watch watch) {
        Group seen = seen(wish);
        Group unwoven = seen.unwoven();
        boolean known = last != null && seen.untilWoven().equals(seen(last).untilWoven());
        if (known || unwoven.equals(seen)) {
            return Optional.empty();
        }
        Group setOut = wish.inHand().upTo(wish.inHand().settingOut());
        Scene lines = resolver.resolve(wish.design(), setOut, watch).lines();
        return Optional.of(new Glimpse(wish, resolver.resolve(wish.design(), unwoven, watch), lines));
    }

    /** The same of another wish for the same. */
    Glimpse of(Wish other) {
        return new Glimpse(other, artwork, lines);
    }

    private static Group seen(Wish wish) {
        return wish.inHand().upTo(wish.shuttle());
    }
}
