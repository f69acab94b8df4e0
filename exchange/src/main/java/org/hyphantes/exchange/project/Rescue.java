package org.hyphantes.exchange.project;

import org.hyphantes.design.Design;

/**
 * What can be read of a damaged file.
 *
 * @param design the design as far as it is sound
 * @param extent how far that is, such as "up to step 5" or "without figure 3"
 */
public record Rescue(Design design, String extent) {}
