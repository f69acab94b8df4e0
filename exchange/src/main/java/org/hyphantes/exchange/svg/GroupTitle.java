package org.hyphantes.exchange.svg;

import org.hyphantes.scene.Mark;

/** What a group of a file is called. */
final class GroupTitle {
    private GroupTitle() {}

    /** @param strand the letter of a strand */
    static String of(Mark.Group group, String strand) {
        return switch (group.part()) {
            case PASS -> "Pass " + group.origin().piece();
            case SIDES -> "Sides";
            case RING -> "Ring " + group.origin().piece();
            case STRAND -> "Strand " + strand;
            case TILE -> "Tile";
            default -> "Lines";
        };
    }
}
