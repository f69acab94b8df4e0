package org.hyphantes.piece;

import org.hyphantes.geometry.Region;
import org.hyphantes.weave.StrandKey;

/** A piece that is there already: a course of a finished weave, by its strand and which of its courses it is. */
public record Given(StrandKey key, String role, Region region) {}
