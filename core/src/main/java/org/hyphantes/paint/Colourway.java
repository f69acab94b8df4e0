package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Twelve colours, numbered from 1, that a design is coloured from. */
public record Colourway(String name, List<Well> wells) {
    public static final int WELLS = 12;

    /** Those that come with the application, the starting one first. */
    public static final List<Colourway> EACH = ReadyColourways.all();

    /** The one that designs begin with. */
    public static final Colourway QUAY = EACH.get(0);

    public Colourway {
        wells = List.copyOf(wells);
        if (wells.size() != WELLS) {
            throw new IllegalArgumentException("a colourway has " + WELLS + " wells");
        }
    }

    /** One of those that come with the application, by its name in any case. */
    public static Optional<Colourway> named(String text) {
        return EACH.stream().filter(c -> c.name.equalsIgnoreCase(text.strip())).findFirst();
    }

    /** A well by its number from 1, which goes round. */
    public Well well(int number) {
        return wells.get(Math.floorMod(number - 1, WELLS));
    }

    /** The number of the well that a text means, by its number or its name. */
    public Optional<Integer> number(String text) {
        String wanted = text.strip().toLowerCase(Locale.ROOT);
        for (int i = 0; i < WELLS; i++) {
            if (wanted.equals(String.valueOf(i + 1))
                    || wanted.equals(wells.get(i).name().toLowerCase(Locale.ROOT))) {
                return Optional.of(i + 1);
            }
        }
        return Optional.empty();
    }

    /** The colour that a text means: a well by its number or name, or as {@link ColourText} reads it. */
    public Optional<Colour> colour(String text) {
        return number(text).map(n -> well(n).colour()).or(() -> ColourText.read(text));
    }

    /** This one with another well in the place of a number. */
    public Colourway with(int number, Well well) {
        List<Well> others = new ArrayList<>(wells);
        others.set(number - 1, well);
        return new Colourway(name, others);
    }

    /** This one with two wells in one another's place: all that had the one has the other. */
    public Colourway swapped(int one, int other) {
        return with(one, well(other)).with(other, well(one));
    }
}
