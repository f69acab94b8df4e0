package org.hyphantes.exchange.svg;

import org.hyphantes.scene.Mark;

/** What a group of a file is called. */
final class GroupTitle {
    private GroupTitle() {}

    /** @param strand the letter of a strand */
    static String of(Mark.Group group, String strand) {
        return switch (group.part()) {
            case PASS, NAMED -> group.title();
            case SIDES -> "Sides";
            case RING -> "Ring " + group.origin().piece();
            case STRAND -> "Strand " + strand;
            case TILE -> "Tile";
            default -> "Lines";
        };
    }

    /** The id of a group by its title, in characters that an id may have (W3C XML 1.0, section 3.3.1). */
    static String id(Mark.Group group, String title) {
        return group.part() == Mark.Part.PASS
                ? "pass-" + group.origin().piece()
                : Character.toLowerCase(title.charAt(0)) + title.substring(1).replaceAll("[^\\p{L}\\p{N}._-]+", "-");
    }
}
