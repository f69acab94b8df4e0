package org.hyphantes.desktop.wording;

import java.util.List;
import java.util.Locale;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Page;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.known.PointKind;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Unit;

/** The words for what a design has one of: its page, net, sketch, material and unit, and the known points that are switched on. */
final class DesignWords extends TypedWords {
    static final List<String> ALL =
            List.of("page", "net", "sketch", "material", "unit", "fit", "points", "handing", "job");

    /** The sign between a width and a height, which is no part of a unit. */
    private static final String TIMES = "(\\s+[x\u00d7]\\s+|(?<=\\d)[x\u00d7](?=\\d))";

    DesignWords(Desk desk) {
        super(desk);
    }

    @Override
    void act(String word, String rest) throws CannotRead {
        switch (word) {
            case "page" -> {
                desk.look(desk.view().about(Subject.OfDesign.PAGE));
                String[] sizes = rest.split(rest.matches(".*" + TIMES + ".*") ? TIMES : "\\s+");
                if (!rest.isEmpty() && sizes.length != 2) {
                    throw new CannotRead("Give a page its width and its height: page 100 mm x 80 mm.");
                }
                if (sizes.length == 2) {
                    desk.set(Subject.OfDesign.PAGE, "width", sizes[0], false);
                    desk.set(Subject.OfDesign.PAGE, "height", sizes[1], false);
                }
            }
            case "sketch" -> {
                desk.look(desk.view().about(Subject.OfDesign.SKETCH));
                if (!rest.isEmpty()) {
                    desk.set(Subject.OfDesign.SKETCH, "file", rest, false);
                }
            }
            case "fit" -> {
                if (desk.resolved() != null) {
                    Page page = desk.design()
                            .page()
                            .fitting(desk.resolved().finished().box(), 5);
                    desk.edit(new Edit("The page fits the design, with 5 mm round it.", d -> d.withPage(page)));
                }
            }
            case "net" -> {
                desk.look(desk.view().about(Subject.OfDesign.NET));
                String[] words = rest.split("\\s+", 2);
                if (!words[0].isEmpty()) {
                    desk.set(Subject.OfDesign.NET, "net", words[0], false);
                }
                if (words.length == 2) {
                    desk.set(Subject.OfDesign.NET, "step", words[1], false);
                }
            }
            case "material" -> {
                desk.look(desk.view().about(Subject.OfDesign.MAKING));
                if (!rest.isEmpty()) {
                    desk.set(Subject.OfDesign.MAKING, "material", rest, false);
                }
            }
            case "handing" -> {
                desk.look(desk.view().about(Subject.OfDesign.HANDING));
                if (!rest.isEmpty()) {
                    desk.set(Subject.OfDesign.HANDING, "extent", rest, false);
                }
            }
            case "job" -> {
                desk.look(desk.view().about(Subject.OfDesign.JOB));
                if (!rest.isEmpty()) {
                    desk.set(Subject.OfDesign.JOB, "machine", rest, false);
                }
            }
            case "unit" -> unit(rest);
            default -> points(rest);
        }
    }

    private void unit(String rest) throws CannotRead {
        for (Unit unit : Unit.values()) {
            if (unit.symbol().equals(rest.toLowerCase(Locale.ROOT))) {
                desk.edit(new Edit("Lengths are in " + unit.symbol() + ".", d -> d.withUnit(unit)));
                return;
            }
        }
        throw new CannotRead("Units are mm, cm, in, pt and px: unit cm.");
    }

    private void points(String rest) throws CannotRead {
        for (PointKind kind : PointKind.values()) {
            if (kind.word().equals(rest.toLowerCase(Locale.ROOT))) {
                desk.look(desk.view().switching(kind));
                desk.say("Known points: " + kind.word() + (desk.view().points().contains(kind) ? " on." : " off."));
                return;
            }
        }
        throw new CannotRead("Known points switched on and off: "
                + String.join(
                        ", ",
                        java.util.Arrays.stream(PointKind.values())
                                .map(PointKind::word)
                                .toList()) + ".");
    }
}
