package org.hyphantes.gauge;

/** What a gauge says: its state and a few words or figures. */
public record GaugeReading(Gauge gauge, State state, String text) {}
