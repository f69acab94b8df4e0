package org.hyphantes.inventory;

import java.util.List;

/**
 * The enclosed grounds of a design.
 *
 * @param areas in square millimetres, the largest first
 * @param untold how many weaves there are whose bands could not be united, so that their grounds are not among them
 */
public record GroundRows(List<Double> areas, int untold) {
    public GroundRows {
        areas = List.copyOf(areas);
    }

    public double inAll() {
        return areas.stream().mapToDouble(Double::doubleValue).sum();
    }
}
