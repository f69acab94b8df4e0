package org.hyphantes.desktop.stage;

/** What is filled with a well of the colourway. */
public interface Wells {
    /** A well, by its number, was chosen for what is selected. */
    void fill(int well);

    /** A well is carried through the field, and is where the pointer is told to be. */
    void passed();

    /** It was let go there. */
    void dropped(int well);
}
