package org.hyphantes.treatment;

/** On which side of a line figures are laid along it, seen the way it runs. */
public enum Beside {
    ON_THE_RIGHT,
    ON_THE_LEFT,
    ON_BOTH_SIDES,
    IN_TURN
}
