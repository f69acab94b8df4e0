package org.hyphantes.treatment;

/** Which way the weave begins at its first crossing. */
public enum Beginning {
    OVER,
    UNDER
}
