package org.hyphantes.weave;

import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Watch;

/** What the operations of the group of a cloth do to its weave: turns carry an alternate one to itself, reflections and glides turn it over. */
public enum UnderGroup {
    /** Every operation carries each crossing to one with the same strand over. */
    KEPT("Its group keeps the weave."),
    /** Turns do so; what mirrors, glides among them, carries each to one with the other strand over. */
    TURNED_OVER("Its reflections turn it over."),
    /** Some crossing is carried to one that goes the wrong way about. */
    BROKEN("Its group breaks the weave.");

    private final String words;

    UnderGroup(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** What the group of a weave's symmetry does to it. */
    public static UnderGroup of(Weave weave) {
        CrossingIndex places = weave.places();
        boolean mirrors = weave.symmetry().repeats().stream().anyMatch(m -> m.determinant() < 0);
        for (int meet = 0; meet < weave.whole().meets().size(); meet++) {
            Watch.ask();
            boolean over = firstOver(weave, meet);
            for (Affine map : weave.symmetry().repeats()) {
                var image = places.carried(meet, map);
                if (image.isEmpty()
                        || image.get().firstOver(over)
                                != firstOver(weave, image.get().meet())) {
                    return BROKEN;
                }
            }
        }
        return mirrors ? TURNED_OVER : KEPT;
    }

    private static boolean firstOver(Weave weave, int meet) {
        Crossing crossing = weave.crossings().get(meet);
        Meet of = weave.whole().meets().get(meet);
        return crossing.over() == of.first() && crossing.overPosition() == of.firstPosition();
    }
}
