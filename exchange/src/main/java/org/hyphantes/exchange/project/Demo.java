package org.hyphantes.exchange.project;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.hyphantes.design.Design;

/** The demo designs that come with the application, as project files among its resources. */
public final class Demo {
    private Demo() {}

    /** A ring of eight circles and a wide one, woven, for a brass inlay in a threshold stone. */
    public static Design tideRing() {
        return named("tide-ring");
    }

    private static Design named(String name) {
        try (InputStream in =
                Demo.class.getResourceAsStream("/org/hyphantes/exchange/demo/" + name + ProjectFile.ENDING)) {
            return ProjectFile.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException | CannotOpen e) {
            throw new IllegalStateException("the demo " + name + " came damaged with the application", e);
        }
    }
}
