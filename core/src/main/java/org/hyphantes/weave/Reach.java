package org.hyphantes.weave;

/** How far one edit is carried: to the one crossing meant, or to its siblings in every turn. */
public enum Reach {
    THIS_ONE,
    EVERY_TURN
}
