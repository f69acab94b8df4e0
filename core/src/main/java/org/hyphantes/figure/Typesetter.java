package org.hyphantes.figure;

import java.util.List;
import java.util.Optional;
import java.util.ServiceLoader;

/** Where the outlines of letters come from; found as a service, so that the computation itself needs no typefaces. */
public interface Typesetter {
    /** The typefaces there are, those that come with the application first. */
    List<String> typefaces();

    /** The letters of a line of text, exact; empty when there is no such typeface. */
    Optional<List<Glyph>> set(String typeface, String text);

    /** The typesetter of this application; one without typefaces where none is installed. */
    static Typesetter installed() {
        return Holder.INSTALLED;
    }

    /** Looked for once. */
    final class Holder {
        private static final Typesetter INSTALLED = ServiceLoader.load(Typesetter.class)
                .findFirst()
                .orElse(new Typesetter() {
                    @Override
                    public List<String> typefaces() {
                        return List.of();
                    }

                    @Override
                    public Optional<List<Glyph>> set(String typeface, String text) {
                        return Optional.empty();
                    }
                });

        private Holder() {}
    }
}
