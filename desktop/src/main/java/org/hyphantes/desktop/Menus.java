package org.hyphantes.desktop;

import java.nio.file.Path;
import java.util.Locale;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import javafx.scene.paint.Color;
import javafx.scene.shape.Rectangle;
import org.hyphantes.design.Arranging;
import org.hyphantes.design.Group;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Selection;
import org.hyphantes.desktop.desk.Stage;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.rail.GaugeRail;
import org.hyphantes.desktop.rail.Snags;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Form;
import org.hyphantes.known.PointKind;
import org.hyphantes.paint.Well;
import org.hyphantes.treatment.Treatment;

/** The menu line: every act with its key. */
final class Menus {
    private final Desk desk;
    private final Frame frame;
    private final Remembered remembered;
    private final MenuBar bar = new MenuBar();

    Menus(Desk desk, Frame frame, Remembered remembered) {
        this.desk = desk;
        this.frame = frame;
        this.remembered = remembered;
    }

    MenuBar bar(Runnable quit, Snags snags, GaugeRail rail) {
        bar.getMenus().setAll(file(quit), edit(), figure(), treatment(), stage(rail), check(snags), view(), help());
        bar.setId("menu");
        return bar;
    }

    private static MenuItem item(String words, String key, Runnable act) {
        MenuItem item = new MenuItem(words);
        item.setMnemonicParsing(words.contains("_"));
        if (!key.isEmpty()) {
            item.setAccelerator(KeyCombination.valueOf(key));
        }
        item.setOnAction(e -> act.run());
        return item;
    }

    private Menu file(Runnable quit) {
        Menu recent = new Menu("Open recent");
        Menu menu = new Menu("_File");
        menu.setOnShowing(e -> {
            recent.getItems().clear();
            for (Path path : remembered.recent()) {
                recent.getItems().add(item(path.getFileName().toString(), "", () -> frame.documents()
                        .open(path)));
            }
            recent.setDisable(recent.getItems().isEmpty());
        });
        menu.getItems()
                .addAll(
                        item("New design", "Shortcut+N", () -> frame.documents().begin()),
                        item("Open", "Shortcut+O", () -> frame.documents().open()),
                        recent,
                        demos(),
                        new SeparatorMenuItem(),
                        item("Save", "Shortcut+S", () -> frame.documents().save()),
                        item("Save as", "Shortcut+Shift+S", () -> frame.documents()
                                .saveAs()),
                        new SeparatorMenuItem(),
                        item("Import picture", "", () -> frame.documents()
                                .picture(frame.field().sketch()::lay)),
                        item("Write the file", "Shortcut+Shift+E", () -> frame.documents()
                                .write()),
                        new SeparatorMenuItem(),
                        item("Quit", "Shortcut+Q", quit));
        return menu;
    }

    private Menu demos() {
        Menu menu = new Menu("Open a demo");
        menu.setId("demos");
        for (Demo demo : Demo.values()) {
            menu.getItems().add(item(demo.title() + ": " + demo.what(), "", () -> frame.documents()
                    .openDemo(demo)));
        }
        return menu;
    }

    private Menu edit() {
        Menu menu = new Menu("_Edit");
        MenuItem undo = item("Undo", "Shortcut+Z", desk::undo);
        MenuItem redo = item("Redo", "Shortcut+Shift+Z", desk::redo);
        Selection of = desk.selection();
        menu.getItems()
                .addAll(
                        undo,
                        redo,
                        new SeparatorMenuItem(),
                        item("Cut", "Shortcut+X", of::cut),
                        item("Copy", "Shortcut+C", of::copy),
                        item("Paste", "Shortcut+V", () -> of.paste(false)),
                        item("Paste in the same place", "Shortcut+Shift+V", () -> of.paste(true)),
                        item("Delete", "", frame::delete),
                        new SeparatorMenuItem(),
                        item("Select all", "Shortcut+A", of::all),
                        item("Select none", "Shortcut+Shift+A", of::none),
                        new SeparatorMenuItem(),
                        item("Into the group", "Alt+DOWN", () -> desk.selection().members().stream()
                                .filter(Group.class::isInstance)
                                .findFirst()
                                .ifPresentOrElse(
                                        g -> desk.into((Group) g),
                                        () -> desk.warn("Select a group first; Alt+Down leads into it."))),
                        item("Out of the group", "Alt+UP", desk::out),
                        item("Group", "Shortcut+B", () -> of.group(true)),
                        item("Ungroup", "Shortcut+Shift+B", () -> of.group(false)),
                        item("In front", "Shortcut+PAGE_UP", () -> of.order(true, false)),
                        item("Behind", "Shortcut+PAGE_DOWN", () -> of.order(false, false)),
                        item("To the very front", "Shortcut+Shift+PAGE_UP", () -> of.order(true, true)),
                        item("To the very back", "Shortcut+Shift+PAGE_DOWN", () -> of.order(false, true)),
                        new SeparatorMenuItem(),
                        align(of),
                        colours(of),
                        item("Lock or unlock", "", () -> of.stand("lock")),
                        item("Hide or show", "", () -> of.stand("hide")),
                        item("Helper or not", "", () -> of.stand("helper")));
        return menu;
    }

    private static Menu colours(Selection of) {
        Menu menu = new Menu("Colour");
        for (Well well : Well.QUAY) {
            MenuItem item = item(well.name(), "", () -> of.colour(well.name()));
            item.setGraphic(new Rectangle(14, 14, Color.web(well.colour().hex())));
            menu.getItems().add(item);
        }
        menu.getItems().addAll(new SeparatorMenuItem(), item("none", "", () -> of.colour("none")));
        return menu;
    }

    private static Menu align(Selection of) {
        Menu menu = new Menu("Align and spread");
        for (Arranging.Side side : Arranging.Side.values()) {
            String word = side.name().toLowerCase(Locale.ROOT);
            menu.getItems().add(item("By the " + word, "", () -> of.align(side, false)));
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item("Centre on the page", "", () -> {
                            of.align(Arranging.Side.CENTRE, true);
                            of.align(Arranging.Side.MIDDLE, true);
                        }),
                        item("Spread across", "", () -> of.spread(true)),
                        item("Spread down", "", () -> of.spread(false)));
        return menu;
    }

    private Menu figure() {
        Menu menu = new Menu("Fi_gure");
        for (Form form : Form.EACH) {
            menu.getItems().add(item(form.schema().title(), "", () -> frame.wording()
                    .words()
                    .figure(form, "")));
        }
        Selection of = desk.selection();
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item("Reshape points", "", of::reshape),
                        item("Back to what it was", "", of::back),
                        item("Join ends", "", of::joinEnds),
                        item("Extend to meet", "", of::extend),
                        item("Half into whole", "", of::whole),
                        new SeparatorMenuItem(),
                        item("Page", "", () -> desk.look(desk.view().about(Subject.OfDesign.PAGE))),
                        item("Sketch", "", () -> desk.look(desk.view().about(Subject.OfDesign.SKETCH))),
                        item("Colour of the sketch here", "", () -> frame.field()
                                .sketch()
                                .sampleColour()),
                        item("Net", "", () -> desk.look(desk.view().about(Subject.OfDesign.NET))),
                        points());
        return menu;
    }

    private Menu points() {
        Menu menu = new Menu("Known points");
        for (PointKind kind : PointKind.values()) {
            CheckMenuItem item = new CheckMenuItem(kind.word());
            item.setOnAction(e -> desk.look(desk.view().switching(kind)));
            menu.getItems().add(item);
        }
        menu.setOnShowing(e -> {
            for (int i = 0; i < PointKind.values().length; i++) {
                ((CheckMenuItem) menu.getItems().get(i))
                        .setSelected(desk.view().points().contains(PointKind.values()[i]));
            }
        });
        return menu;
    }

    private Menu treatment() {
        Menu menu = new Menu("_Treatment");
        Selection of = desk.selection();
        for (Treatment treatment : Treatment.each()) {
            menu.getItems().add(item(treatment.schema().title(), "", () -> desk.addStep(treatment)));
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item("Copy recipe", "", of::copyRecipe),
                        item("Paste recipe", "", of::pasteRecipe),
                        item("Cast a copy", "Shortcut+Shift+K", () -> desk.selection()
                                .cast()),
                        item(
                                "Pass under or over",
                                "Shortcut+U",
                                () -> frame.withStep((root, i) -> desk.edit(Recipes.pass(desk.design(), root, i)))),
                        item("Earlier", "Alt+Shift+LEFT", () -> frame.moveStep(-1)),
                        item("Later", "Alt+Shift+RIGHT", () -> frame.moveStep(1)));
        return menu;
    }

    private Menu stage(GaugeRail rail) {
        Menu menu = new Menu("_Stage");
        for (Stage stage : Stage.values()) {
            MenuItem item = item(stage.title(), stage.key().getName(), () -> desk.openStage(stage));
            menu.getItems().add(item);
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item(
                                "Shuttle back",
                                "Alt+LEFT",
                                () -> frame.shuttle(desk.view().shuttle() - 1)),
                        item(
                                "Shuttle on",
                                "Alt+RIGHT",
                                () -> frame.shuttle(desk.view().shuttle() + 1)),
                        item("Shuttle to the start", "Alt+HOME", () -> frame.shuttle(0)),
                        item(
                                "Shuttle to the end",
                                "Alt+END",
                                () -> frame.shuttle(desk.root().recipe().size())),
                        new SeparatorMenuItem(),
                        item("Next reach", "Shortcut+R", rail::nextReach),
                        item("Reach before", "Shortcut+Shift+R", () -> rail.reach(-1)));
        return menu;
    }

    private Menu check(Snags snags) {
        Menu menu = new Menu("_Check");
        menu.getItems()
                .addAll(
                        item("Next snag", "F8", () -> snags.go(1)),
                        item("Previous snag", "Shift+F8", () -> snags.go(-1)),
                        item("Mend", "F9", snags::mend),
                        item("Mend all of this kind", "Shift+F9", snags::mendAlike),
                        new SeparatorMenuItem(),
                        item("Write the report as text", "", () -> frame.documents()
                                .report(".txt")),
                        item("Write the report as JSON", "", () -> frame.documents()
                                .report(".json")),
                        item("Write the report as CSV", "", () -> frame.documents()
                                .report(".csv")));
        return menu;
    }

    private Menu view() {
        Menu menu = new Menu("_View");
        menu.getItems()
                .addAll(
                        item("Whole", "Shortcut+0", frame::whole),
                        item("True size", "Shortcut+Shift+0", frame::trueSize),
                        item("Closer", "Shortcut+PLUS", () -> frame.closer(1.25)),
                        item("Further", "Shortcut+MINUS", () -> frame.closer(0.8)),
                        new SeparatorMenuItem(),
                        item(
                                "Textures",
                                "Shortcut+T",
                                () -> desk.look(
                                        desk.view().textured(!desk.view().textures()))),
                        item(
                                "Light or dark",
                                "Shortcut+L",
                                () -> desk.look(
                                        desk.view().inTheDark(!desk.view().dark()))),
                        item("Fold wings", "F12", () -> fold(desk.view())),
                        item("Full screen", "F11", frame::fullScreen));
        return menu;
    }

    private void fold(View view) {
        desk.look(view.folded(!view.folded()));
    }

    private Menu help() {
        Menu menu = new Menu("_Help");
        menu.getItems()
                .addAll(
                        item(
                                "What is under the needle",
                                "F1",
                                () -> desk.say(frame.field().hoverWords() + ".")),
                        item("Into the Wording", "Shortcut+ENTER", () -> frame.wording()
                                .enter()),
                        item("Next region", "F7", () -> frame.nextRegion(1)),
                        item("Previous region", "Shift+F7", () -> frame.nextRegion(-1)),
                        new SeparatorMenuItem(),
                        item("About", "", () -> desk.say("Hyphantes 0.1.0: ornament that computes.")));
        return menu;
    }
}
