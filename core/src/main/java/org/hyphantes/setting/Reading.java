package org.hyphantes.setting;

/** A value with something newly set on it, and a note when what was asked for had to be kept within limits (else empty). */
public record Reading<T>(T value, String note) {}
