package org.hyphantes.desktop.chrome;

import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;

/** What a user has settled for all windows and designs: how large words are, and which key takes the other way. */
public final class Habits {
    private static final DoubleProperty TYPE = new SimpleDoubleProperty(1);
    private static final ObjectProperty<OtherWay> OTHER_WAY = new SimpleObjectProperty<>(OtherWay.ALT);

    private static final ObjectProperty<ClothSeen> CLOTH = new SimpleObjectProperty<>(ClothSeen.STARTING);

    private Habits() {}

    /** How large words are, as a share of how they were drawn: 1, 1.25 or 1.5. */
    public static DoubleProperty type() {
        return TYPE;
    }

    /** A length in pixels that holds words, at the size of words in force. */
    public static double of(double pixels) {
        return Math.rint(pixels * TYPE.get());
    }

    public static ObjectProperty<OtherWay> otherWay() {
        return OTHER_WAY;
    }

    public static ObjectProperty<ClothSeen> cloth() {
        return CLOTH;
    }
}
