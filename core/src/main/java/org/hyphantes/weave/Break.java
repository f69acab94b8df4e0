package org.hyphantes.weave;

/** A crossing taken out: where, which way its strands turn back, and how far this is carried. */
public record Break(CrossingReference place, Way way, Reach reach) {}
