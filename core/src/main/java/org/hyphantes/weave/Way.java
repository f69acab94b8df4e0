package org.hyphantes.weave;

/** Which way two strands turn back at a break: each goes on along the other's way, or against it. */
public enum Way {
    WITH,
    AGAINST;

    Way opposite() {
        return this == WITH ? AGAINST : WITH;
    }
}
