package org.hyphantes.paint;

/**
 * A named colour of a colourway.
 *
 * @param label what a printer calls it, such as a spot colour or parts of cyan, magenta, yellow and black; empty for none
 */
public record Well(String name, Colour colour, String label) {
    /** As a line of an open text has it, without its number: {@code bone #EDE6D6}, with the label behind a semicolon. */
    public String text() {
        return name + " " + colour.hex() + (label.isEmpty() ? "" : "; " + label);
    }

    public Well withColour(Colour other) {
        return new Well(name, other, label);
    }
}
