package org.hyphantes.design;

import java.util.function.UnaryOperator;

/** One undoable act on a design: what it does, and the words that say it was done. */
public record Edit(String words, UnaryOperator<Design> change) {}
