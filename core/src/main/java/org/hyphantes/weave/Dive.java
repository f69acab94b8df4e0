package org.hyphantes.weave;

import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Region;

/** The end of a course where it dives under: its stretch, darkest at {@code from}, where it is cut, and clear at {@code to}. */
public record Dive(Region stretch, Point from, Point to) {}
