package org.hyphantes.exchange.incoming;

import java.util.List;

/** A kind of file that can be brought in. A new one is a class of this and its line in {@link Incomings#EACH}. */
public interface Incoming {
    /** The endings of such files, with the dot, in small letters. */
    List<String> endings();

    /**
     * What a file holds. Nothing outside of it is looked at.
     *
     * @throws CannotBring if it is no such file, or larger than can be brought in
     */
    Brought read(byte[] bytes) throws CannotBring;
}
