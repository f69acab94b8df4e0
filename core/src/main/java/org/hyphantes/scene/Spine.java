package org.hyphantes.scene;

import org.hyphantes.geometry.Path;

/**
 * The centre line of a band, along which it can be textured.
 *
 * @param path the line of the whole strand
 * @param from the length (mm) along it at which the band begins, and
 * @param to at which it ends, beyond {@code from}; past the line's own length it runs on through its start
 * @param width of the band (mm)
 * @param inset how far (mm) from its ends a texture keeps away
 * @param telling the number by which a look tells its strand from others; -1 when nothing is to be drawn along it
 */
public record Spine(Path path, double from, double to, double width, double inset, int telling) {}
