package org.hyphantes.exchange.incoming;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.design.Excerpt;
import org.hyphantes.design.Group;
import org.hyphantes.design.Resolver;
import org.hyphantes.exchange.project.CannotOpen;
import org.hyphantes.exchange.project.ProjectFile;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Quoted;

/** Whole designs, each as a group with its recipe, beside what is drawn already. */
final class DesignIncoming implements Incoming {
    /** So far (mm) apart designs are laid beside one another. */
    private static final double BESIDE = 10;

    @Override
    public List<String> endings() {
        return List.of(ProjectFile.ENDING);
    }

    @Override
    public Brought read(byte[] bytes) throws CannotBring {
        try {
            Design design = ProjectFile.read(new String(bytes, StandardCharsets.UTF_8));
            if (design.root().members().isEmpty()) {
                throw new CannotBring("There is nothing in this design.");
            }
            return new Whole(design, new Resolver().resolve(design).scene().box());
        } catch (CannotOpen e) {
            throw new CannotBring(e.getMessage());
        }
    }

    /** @param box round all that is drawn of it (mm) */
    private record Whole(Design given, Box box) implements Brought {
        @Override
        public Design into(Design design, Box drawn, String name) {
            Group group = new Group(
                    "group",
                    Quoted.name(name),
                    given.root().members(),
                    given.root().recipe());
            double by = design.root().members().isEmpty() ? 0 : drawn.right() + BESIDE - box.left();
            return Excerpt.of(given, List.of(group))
                    .into(design.root().id(), new Point(by, 0))
                    .change()
                    .apply(design);
        }

        @Override
        public String told(Design into) {
            return "a design of " + Numerals.counted(given.figures().size(), "figure") + ".";
        }
    }
}
