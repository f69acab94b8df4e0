package org.hyphantes.setting;

/** A thing that says of itself, in a {@link Schema}, what can be set on it. */
public interface Described {
    Schema<?> schema();
}
