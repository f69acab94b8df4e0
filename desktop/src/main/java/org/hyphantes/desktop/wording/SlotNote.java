package org.hyphantes.desktop.wording;

import java.util.List;
import javafx.scene.Node;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.note.Deed;
import org.hyphantes.desktop.note.Note;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Unit;

/** What is said about a slot: what it takes, within which limits, and how it is set. */
final class SlotNote {
    private static final List<Deed> TYPED = List.of(
            new Deed("click, Enter, a digit", "open it; Enter keeps what is typed, Esc restores it"),
            new Deed("Up, Down, drag", "step it; Shift ten times, Ctrl a tenth"),
            new Deed("360/8, 1/2 in, 3 sq", "arithmetic, units, steps of the net"),
            new Deed("seat = 62, seat / 2", "name a size once, use its name in any slot"),
            new Deed("Tab, letters", "the next slot; a word"));

    private static final List<Deed> CHOSEN = List.of(
            new Deed("click, Enter, Space", "open the menu of what it can be"),
            new Deed("Up, Down", "the next one, the one before"),
            new Deed("Tab, letters", "the next slot; a word"));

    private SlotNote() {}

    /** Has a slot told of by its note. */
    static void on(Node slot, Desk desk, Subject subject, String key, Kind kind) {
        boolean chosen = kind instanceof Kind.Choice || kind.isReference();
        Note.on(
                slot,
                () -> new Note(
                        "The slot " + key,
                        taken(kind, desk.design().unit()),
                        chosen ? CHOSEN : TYPED,
                        subject.in(desk.design()).map(d -> d.schema().why()).orElse("")));
    }

    private static String taken(Kind kind, Unit unit) {
        if (kind instanceof Kind.Length length) {
            return "A length"
                    + within(
                            length.least() / unit.millimetres(),
                            length.most() / unit.millimetres(),
                            " " + unit.symbol());
        } else if (kind instanceof Kind.Degrees degrees) {
            return "An angle" + within(degrees.least(), degrees.most(), " deg");
        } else if (kind instanceof Kind.Count count) {
            return "A whole number" + within(count.least(), count.most(), "");
        } else if (kind instanceof Kind.Number number) {
            return "A number" + within(number.least(), number.most(), "");
        } else if (kind instanceof Kind.Steps) {
            return "Lengths one after another, such as 50 25 120, or 4*25.";
        } else if (kind instanceof Kind.Text text) {
            return "Text: " + text.what() + ".";
        } else if (kind instanceof Kind.Choice choice) {
            return "One of " + String.join(", ", choice.words()) + ".";
        } else if (kind instanceof Kind.Figure figure) {
            return "Figures by their names, separated by commas, or " + figure.otherwise() + ".";
        }
        return kind instanceof Kind.Strand ? "A strand, by its letter." : "A typeface of this computer, by its name.";
    }

    private static String within(double least, double most, String unit) {
        return ", from " + Numerals.shown(least, 6) + " to " + Numerals.shown(most, 3) + unit + ".";
    }
}
