package org.hyphantes.desktop.act;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import org.hyphantes.design.Edit;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.ColourwayText;
import org.hyphantes.paint.Well;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Numerals;

/** What is done with the colourway of the design: a well changed, two swapped, another colourway in its place. */
public final class WellActs {
    /** Shapes stand off one another at so much to one (WCAG 2.2, success criterion 1.4.11). */
    private static final double SHAPES = 3;

    /** Under so much to one two colours are as light as one another. */
    private static final double ALIKE = 1.15;

    private final Desk desk;

    public WellActs(Desk desk) {
        this.desk = desk;
    }

    private Colourway now() {
        return desk.design().colourway();
    }

    private void change(String words, UnaryOperator<Colourway> change) {
        desk.edit(new Edit(words, d -> d.withColourway(change.apply(d.colourway()))));
    }

    /** The number of a well from its number or name. */
    public int number(String text) throws CannotRead {
        return now().number(text)
                .orElseThrow(() -> new CannotRead("Wells are numbered from 1 to " + Colourway.WELLS
                        + " and have names, such as " + now().well(1).name() + ": well 3 #7DAE9A."));
    }

    /** Gives a well a colour, with which it keeps its name, or a name and a colour. */
    public void set(int number, String text) throws CannotRead {
        Optional<Colour> colour = now().colour(text);
        Well before = now().well(number);
        Well after = colour.isPresent() ? before.withColour(colour.get()) : ColourwayText.well(text, "well " + number);
        change("Well " + number + " is now " + after.text() + ".", c -> c.with(number, after));
    }

    /** Gives a well the colour of the picture at the pointer or the needle, or of the sketch where that lies bare. */
    public void sample(int number) throws CannotRead {
        Point place = desk.hoverProperty()
                .get()
                .place()
                .orElseThrow(() -> new CannotRead("Bring the pointer or the needle over the colour first."));
        Optional<Colour> seen = desk.resolved() == null
                ? Optional.empty()
                : desk.resolved().field().scene().colour(place);
        Colour colour = seen.or(() -> desk.tracing().colour(desk.design().sketch(), place))
                .orElseThrow(() ->
                        new CannotRead("There is no colour here to take, neither of the picture nor of a sketch."));
        Well after = now().well(number).withColour(colour);
        change("Well " + number + " is now " + after.text() + ".", c -> c.with(number, after));
    }

    /** Says which wells are hard to tell apart. */
    public void contrasts() {
        List<String> near = new ArrayList<>();
        int hard = 0;
        for (int one = 1; one <= Colourway.WELLS; one++) {
            for (int other = one + 1; other <= Colourway.WELLS; other++) {
                double ratio =
                        now().well(one).colour().contrast(now().well(other).colour());
                hard += ratio < SHAPES ? 1 : 0;
                if (ratio < ALIKE) {
                    near.add(one + " and " + other);
                }
            }
        }
        desk.say(Numerals.counted(hard, "pair") + " of 66 under 3 to 1"
                + (near.isEmpty() ? "." : "; alike: " + String.join(", ", near) + "."));
    }

    public void swap(int one, int other) {
        change("Wells " + one + " and " + other + " have changed places.", c -> c.swapped(one, other));
    }

    /** Lays another colourway in the place of this one; what is coloured keeps the numbers of its wells. */
    public void adopt(Colourway other) {
        change("The colourway is now " + other.name() + ".", c -> other);
    }

    /** Says what a well is. */
    public void tell(int number) {
        desk.say("Well " + number + ": " + now().well(number).text() + ".");
    }

    /** Says how clearly two wells stand off one another (WCAG 2.2: 4.5 for words, 3 for what must be told apart). */
    public void contrast(int one, int other) {
        double ratio = now().well(one).colour().contrast(now().well(other).colour());
        desk.say("Wells " + one + " and " + other + " stand off one another " + Numerals.shown(ratio, 2) + " to 1"
                + (ratio >= 4.5 ? "." : ratio >= 3 ? ": enough for shapes, not for words." : ": hard to tell apart."));
    }

    /** Lays the colourway on the clipboard as an open text. */
    public void copy() {
        ClipboardContent content = new ClipboardContent();
        content.putString(ColourwayText.write(now()));
        Clipboard.getSystemClipboard().setContent(content);
        desk.say("The colourway lies on the clipboard as text.");
    }

    /** Reads a colourway from the text on the clipboard. */
    public void paste() throws CannotRead {
        String text = Clipboard.getSystemClipboard().getString();
        if (text == null || text.isBlank()) {
            throw new CannotRead("There is no text on the clipboard to read a colourway from.");
        }
        try {
            adopt(ColourwayText.read(text));
        } catch (CannotRead e) {
            throw new CannotRead("The text on the clipboard, " + e.place() + ": " + e.getMessage());
        }
    }
}
