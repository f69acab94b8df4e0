package org.hyphantes.geometry;

/** Called now and then from within long work, which it breaks off by throwing a {@code CancellationException}. */
@FunctionalInterface
public interface Watch {
    /** Lets the work run to its end. */
    Watch NONE = () -> {};

    void step();
}
