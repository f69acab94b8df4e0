package org.hyphantes.desktop.wording;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hyphantes.design.Arranging;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.act.Casting;
import org.hyphantes.desktop.act.Choosing;
import org.hyphantes.desktop.act.Chosen;
import org.hyphantes.desktop.act.CopyActs;
import org.hyphantes.desktop.act.PathActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.figure.EndJoin;
import org.hyphantes.geometry.Point;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Expression;

/** The words that select, arrange and reshape figures. */
final class FigureWords extends TypedWords {
    static final List<String> ALL = List.of(
            "select", "shift", "rotate", "scale", "align", "spread", "front", "back", "group", "ungroup", "name",
            "colour", "lock", "hide", "helper", "copy", "paste", "reshape", "bend", "cut", "join", "extend", "whole",
            "restore", "cast");

    private final Arrange arrange;
    private final Choosing choosing;
    private final CopyActs copies;
    private final PathActs paths;

    FigureWords(Bench bench) {
        super(bench.desk());
        this.arrange = new Arrange(desk);
        this.choosing = new Choosing(desk);
        this.copies = new CopyActs(bench);
        this.paths = new PathActs(desk);
    }

    @Override
    void act(String word, String rest) throws CannotRead {
        switch (word) {
            case "select" -> {
                if (rest.isEmpty() || rest.equals("all")) {
                    choosing.all();
                } else if (rest.equals("none")) {
                    choosing.none();
                } else {
                    choosing.named(rest);
                }
            }
            case "shift" -> arrange.move(point(rest));
            case "rotate" -> arrange.rotate(number(rest, "Rotate by degrees, such as rotate 15."), about());
            case "scale" -> {
                String what = "Scale by a number, such as scale 1.5; scale all 1.5 takes the widths of bands with it.";
                if (rest.startsWith("all ")) {
                    arrange.scaleAll(number(rest.substring(4), what));
                } else {
                    arrange.scale(number(rest, what), about());
                }
            }
            case "align" -> align(rest);
            case "spread" -> arrange.spread(!rest.startsWith("down"));
            case "front" -> arrange.order(true, true);
            case "back" -> arrange.order(false, true);
            case "group" -> arrange.group(true);
            case "ungroup" -> arrange.group(false);
            case "name" -> arrange.rename(rest);
            case "colour" -> arrange.colour(rest);
            case "lock", "hide", "helper" -> arrange.stand(word);
            case "copy" -> copies.copy();
            case "paste" -> copies.paste(false);
            case "reshape" -> paths.reshape();
            case "bend" -> paths.bend(number(rest, "Bend by a share of each side, such as bend 0.1."));
            case "cut" -> paths.cutAt(desk.hoverProperty().get().place().orElse(new Chosen(desk).middle()));
            case "join" -> paths.joinEnds(join(rest));
            case "extend" -> paths.extend();
            case "whole" -> paths.whole();
            case "restore" -> paths.back();
            case "cast" -> new Casting(desk).cast();
            default -> throw new IllegalArgumentException(word);
        }
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
        arrange.align(side.get(), words.length > 1 && words[1].equals("PAGE"));
    }

    private static EndJoin join(String rest) throws CannotRead {
        return switch (rest) {
            case "", "corner" -> EndJoin.CORNER;
            case "arc" -> EndJoin.ARC;
            case "straight" -> EndJoin.STRAIGHT;
            default -> throw new CannotRead("Join by a corner, an arc or a straight line: join arc.");
        };
    }

    /** The known point at the pointer or needle, about which to turn and scale; else the middle of the selection. */
    private Point about() {
        return desk.hoverProperty()
                .get()
                .place()
                .filter(p -> desk.isNeedleSet())
                .orElseGet(() -> new Chosen(desk).middle());
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
