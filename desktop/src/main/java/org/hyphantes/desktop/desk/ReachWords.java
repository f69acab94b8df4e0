package org.hyphantes.desktop.desk;

import java.util.Locale;
import org.hyphantes.weave.Reach;

/** The words for reaches, and the steps between them. */
public final class ReachWords {
    private ReachWords() {}

    public static String of(Reach reach) {
        return reach.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    /** The reach one step broader; the broadest stays. */
    public static Reach broader(Reach reach) {
        return Reach.values()[Math.min(Reach.values().length - 1, reach.ordinal() + 1)];
    }

    /** The next reach, round and round; the one before for a way of -1. */
    public static Reach next(Reach reach, int way) {
        return Reach.values()[Math.floorMod(reach.ordinal() + way, Reach.values().length)];
    }
}
