package org.hyphantes.desktop;

import java.util.List;
import java.util.Locale;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import org.hyphantes.design.Arranging;
import org.hyphantes.desktop.act.Arrange;
import org.hyphantes.desktop.act.Choosing;
import org.hyphantes.desktop.act.CopyActs;
import org.hyphantes.desktop.act.GroupActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.paint.Well;

/** The menu of what is done with figures that are there: undone, copied, selected, grouped, ordered, aligned, coloured. */
final class EditMenu {
    private final Desk desk;
    private final Arrange arrange;
    private final Choosing choosing;
    private final CopyActs copies;
    private final Runnable delete;

    EditMenu(Bench bench, Runnable delete) {
        this.desk = bench.desk();
        this.arrange = new Arrange(desk);
        this.choosing = new Choosing(desk);
        this.copies = new CopyActs(bench);
        this.delete = delete;
    }

    Menu menu() {
        Menu menu = new Menu("_Edit");
        MenuItem undo = MenuLine.item("Undo", "Shortcut+Z", desk::undo);
        MenuItem redo = MenuLine.item("Redo", "Shortcut+Shift+Z", desk::redo);
        menu.getItems()
                .addAll(
                        undo,
                        redo,
                        new SeparatorMenuItem(),
                        MenuLine.item("Cut", "Shortcut+X", copies::cut),
                        MenuLine.item("Copy", "Shortcut+C", copies::copy),
                        MenuLine.item("Paste", "Shortcut+V", () -> copies.paste(false)),
                        MenuLine.item("Paste in the same place", "Shortcut+Shift+V", () -> copies.paste(true)),
                        MenuLine.item("Delete", "", delete),
                        new SeparatorMenuItem(),
                        MenuLine.item("Select all", "Shortcut+A", choosing::all),
                        MenuLine.item("Select none", "Shortcut+Shift+A", choosing::none),
                        new SeparatorMenuItem(),
                        MenuLine.item("Into the group", "Alt+Down", () -> new GroupActs(desk).into()),
                        MenuLine.item("Out of the group", "Alt+Up", () -> new GroupActs(desk).out()),
                        MenuLine.item("Group", "Shortcut+B", () -> arrange.group(true)),
                        MenuLine.item("Ungroup", "Shortcut+Shift+B", () -> arrange.group(false)),
                        MenuLine.item("In front", "Shortcut+Page Up", () -> arrange.order(true, false)),
                        MenuLine.item("Behind", "Shortcut+Page Down", () -> arrange.order(false, false)),
                        MenuLine.item("To the very front", "Shortcut+Shift+Page Up", () -> arrange.order(true, true)),
                        MenuLine.item("To the very back", "Shortcut+Shift+Page Down", () -> arrange.order(false, true)),
                        new SeparatorMenuItem(),
                        align(),
                        colours(),
                        MenuLine.item("Lock or unlock", "", () -> arrange.stand("lock")),
                        MenuLine.item("Hide or show", "", () -> arrange.stand("hide")),
                        MenuLine.item("Helper or not", "", () -> arrange.stand("helper")));
        return menu;
    }

    private Menu colours() {
        Menu menu = new Menu("Colour");
        menu.getItems().add(MenuLine.item("none", "", () -> arrange.colour("none")));
        // The colours are those that the design has when they are asked for.
        menu.setOnShowing(e -> {
            menu.getItems().subList(0, menu.getItems().size() - 1).clear();
            List<Well> wells = desk.design().colourway().wells();
            for (int i = wells.size() - 1; i >= 0; i--) {
                String number = String.valueOf(i + 1);
                MenuItem item = MenuLine.item(number + "  " + wells.get(i).name(), "", () -> arrange.colour(number));
                item.setGraphic(
                        new Rectangle(14, 14, Color.web(wells.get(i).colour().hex())));
                menu.getItems().add(0, item);
            }
        });
        return menu;
    }

    private Menu align() {
        Menu menu = new Menu("Align and spread");
        for (Arranging.Side side : Arranging.Side.values()) {
            String word = side.name().toLowerCase(Locale.ROOT);
            menu.getItems().add(MenuLine.item("By the " + word, "", () -> arrange.align(side, false)));
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        MenuLine.item("Centre on the page", "", () -> {
                            arrange.align(Arranging.Side.CENTRE, true);
                            arrange.align(Arranging.Side.MIDDLE, true);
                        }),
                        MenuLine.item("Spread across", "", () -> arrange.spread(true)),
                        MenuLine.item("Spread down", "", () -> arrange.spread(false)));
        return menu;
    }
}
