package org.hyphantes.treatment;

import org.hyphantes.geometry.offset.Ends;

/** The width (mm) and ends of the band that a line bears. */
public record BandStyle(double width, Ends ends) {}
