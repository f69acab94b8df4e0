package org.hyphantes.weave;

/** A crossing set by hand: where, whether the first strand of the place goes over, and how far this is carried. */
public record Pin(CrossingReference place, boolean firstOver, Reach reach) {}
