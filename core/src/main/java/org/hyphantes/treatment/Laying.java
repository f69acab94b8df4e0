package org.hyphantes.treatment;

import org.hyphantes.geometry.Affine;
import org.hyphantes.weave.Weave;

/** A weave as laid on the page: which interlacing made it (group id and step), and the map that lays it in its place. */
public record Laying(Weave weave, String group, int step, Affine placed) {}
