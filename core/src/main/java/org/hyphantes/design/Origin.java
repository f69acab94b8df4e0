package org.hyphantes.design;

import org.hyphantes.weave.StrandKey;

/** Where a shape comes from, by structure: its figure and copies, its strand's letter and its course (empty and -1 before weaving). */
public record Origin(StrandKey key, String strand, int course) {}
