package org.hyphantes.desktop.wording;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Page;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Selection;
import org.hyphantes.geometry.Point;
import org.hyphantes.known.PointKind;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Expression;
import org.hyphantes.setting.Unit;

/** The words that arrange and reshape what is selected, and those for the page, the net and the unit. */
final class FigureWords {
    static final List<String> ALL = List.of(
            "select", "shift", "rotate", "scale", "align", "spread", "front", "back", "group", "ungroup", "name",
            "colour", "lock", "hide", "helper", "copy", "paste", "reshape", "bend", "cut", "join", "extend", "whole",
            "restore", "cast", "page", "net", "sketch", "unit", "fit", "points");

    /** The sign between a width and a height, which is no part of a unit. */
    private static final String TIMES = "(\\s+[x\u00d7]\\s+|(?<=\\d)[x\u00d7](?=\\d))";

    private final Desk desk;
    private final Selection selection;

    FigureWords(Desk desk) {
        this.desk = desk;
        this.selection = desk.selection();
    }

    /** Does a word with what was typed behind it. */
    boolean run(String word, String rest) {
        try {
            act(word, rest.strip());
            return true;
        } catch (CannotRead e) {
            desk.warn(e.getMessage());
            return false;
        }
    }

    private void act(String word, String rest) throws CannotRead {
        switch (word) {
            case "select" -> {
                if (rest.isEmpty() || rest.equals("all")) {
                    selection.all();
                } else if (rest.equals("none")) {
                    selection.none();
                } else {
                    selection.named(rest);
                }
            }
            case "shift" -> selection.move(point(rest));
            case "rotate" -> selection.rotate(number(rest, "Rotate by degrees, such as rotate 15."), about());
            case "scale" -> {
                String what = "Scale by a number, such as scale 1.5; scale all 1.5 takes the widths of bands with it.";
                if (rest.startsWith("all ")) {
                    selection.scaleAll(number(rest.substring(4), what));
                } else {
                    selection.scale(number(rest, what), about());
                }
            }
            case "align" -> align(rest);
            case "spread" -> selection.spread(!rest.startsWith("down"));
            case "front" -> selection.order(true, true);
            case "back" -> selection.order(false, true);
            case "group" -> selection.group(true);
            case "ungroup" -> selection.group(false);
            case "name" -> selection.rename(rest);
            case "colour" -> selection.colour(rest);
            case "lock", "hide", "helper" -> selection.stand(word);
            case "copy" -> selection.copy();
            case "paste" -> selection.paste(false);
            case "reshape" -> selection.reshape();
            case "bend" -> selection.bend(number(rest, "Bend by a share of each side, such as bend 0.1."));
            case "cut" -> selection.cutAt(desk.hoverProperty().get().place().orElse(selection.middle()));
            case "join" -> selection.joinEnds();
            case "extend" -> selection.extend();
            case "whole" -> selection.whole();
            case "restore" -> selection.back();
            case "cast" -> selection.cast();
            default -> setting(word, rest);
        }
    }

    private void setting(String word, String rest) throws CannotRead {
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

    private void align(String rest) throws CannotRead {
        String[] words = rest.toUpperCase(Locale.ROOT).split("\\s+");
        Optional<Arranging.Side> side = java.util.Arrays.stream(Arranging.Side.values())
                .filter(s -> s.name().equals(words[0]))
                .findFirst();
        if (side.isEmpty()) {
            throw new CannotRead(
                    "Align left, centre, right, top, middle or bottom; behind it page, to align to the page.");
        }
        selection.align(side.get(), words.length > 1 && words[1].equals("PAGE"));
    }

    /** The known point at the pointer or needle, about which to turn and scale; else the middle of the selection. */
    private Point about() {
        return desk.hoverProperty()
                .get()
                .place()
                .filter(p -> desk.isNeedleSet())
                .orElseGet(selection::middle);
    }

    private double number(String text, String otherwise) throws CannotRead {
        if (text.isEmpty()) {
            throw new CannotRead(otherwise);
        }
        return Expression.amount(text, desk.design().scope(), 0).value();
    }

    private Point point(String text) throws CannotRead {
        String[] words = text.split("[\\s,;]+");
        if (words.length != 2) {
            throw new CannotRead("Shift by two lengths, across and down: shift 10 -5.");
        }
        return new Point(
                Expression.length(words[0], desk.design().scope(), 0).value(),
                Expression.length(words[1], desk.design().scope(), 0).value());
    }
}
