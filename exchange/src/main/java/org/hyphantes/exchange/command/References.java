package org.hyphantes.exchange.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.hyphantes.design.Design;
import org.hyphantes.design.Resolver;
import org.hyphantes.design.Sketch;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Typesetter;
import org.hyphantes.geometry.BrokenOff;
import org.hyphantes.geometry.Watch;
import org.hyphantes.inventory.Inventory;
import org.hyphantes.inventory.StrandRow;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Quoted;

/**
 * Refuses a setting that refers to what is not there. In the window what is missing is seen and said at once; a command's mistake would stay
 * unseen.
 */
final class References {
    private static final long LONG = 2_000_000_000L;

    private References() {}

    static void check(Design design, Subject subject, String key) throws CannotRead {
        Described thing = subject.in(design).orElseThrow();
        Kind kind = thing.schema().kind(key);
        String value = String.valueOf(thing.schema().value(thing, key));
        if (kind instanceof Kind.Typeface) {
            among("typeface", value, Typesetter.installed().typefaces());
        } else if (kind instanceof Kind.Strand) {
            strand(design, value);
        } else if (subject == Subject.OfDesign.SKETCH
                && key.equals("file")
                && !value.equals(Sketch.NONE)
                && !Files.isRegularFile(Path.of(value))) {
            throw new CannotRead("There is no picture " + Quoted.of(value) + ".");
        }
    }

    /** Which strands there are is known once the design is resolved; when that takes long, the letter is taken as it is. */
    private static void strand(Design design, String letter) throws CannotRead {
        long until = System.nanoTime() + LONG;
        Watch watch = () -> {
            if (System.nanoTime() > until) {
                throw new BrokenOff();
            }
        };
        List<String> strands;
        try {
            strands = Inventory.of(new Resolver().resolve(design, watch)).woven().stream()
                    .map(StrandRow::name)
                    .toList();
        } catch (BrokenOff e) {
            return;
        }
        among("strand", letter, strands);
    }

    private static void among(String what, String value, List<String> known) throws CannotRead {
        if (!known.contains(value)) {
            int most = Math.min(known.size(), 12);
            throw new CannotRead("There is no " + what + " " + Quoted.of(value) + "; there "
                    + (most == 0
                            ? "is none yet."
                            : "is " + String.join(", ", known.subList(0, most))
                                    + (known.size() > most ? " and more." : ".")));
        }
    }
}
