package org.hyphantes.piece;

/** A piece that another shares edges with, and their length in mm. */
public record Neighbour(int cell, double length) {}
