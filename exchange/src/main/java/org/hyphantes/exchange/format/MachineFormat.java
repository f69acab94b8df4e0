package org.hyphantes.exchange.format;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/** A format of plain text that machines read: passes of lines and arcs, and nothing else. */
public record MachineFormat(String ending, String title, Text text) implements Format {
    /** What writes the text of a file. */
    @FunctionalInterface
    public interface Text {
        String of(Handout handout) throws IOException, CannotHandOver;
    }

    @Override
    public Set<Carries> carries() {
        return Set.of(Carries.ARCS, Carries.PASSES);
    }

    @Override
    public byte[] bytes(Handout handout) throws IOException, CannotHandOver {
        return text.of(handout).getBytes(StandardCharsets.UTF_8);
    }
}
