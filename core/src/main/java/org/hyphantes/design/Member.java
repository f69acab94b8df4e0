package org.hyphantes.design;

/** What a group contains: a figure or a further group. Ids are unique in a design and never shown; names are for people. */
public sealed interface Member permits Figure, Group {
    String id();

    String name();

    Standing standing();

    Member named(String changed);

    Member standing(Standing changed);
}
