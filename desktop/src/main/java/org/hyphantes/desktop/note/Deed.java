package org.hyphantes.desktop.note;

/**
 * Something that can be done.
 *
 * @param how the key, or what the hand does
 * @param does what comes of it
 */
public record Deed(String how, String does) {}
