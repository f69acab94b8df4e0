package org.hyphantes.desktop;

import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuBar;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.act.BringActs;
import org.hyphantes.desktop.act.Casting;
import org.hyphantes.desktop.act.CopyActs;
import org.hyphantes.desktop.act.FigureActs;
import org.hyphantes.desktop.act.PathActs;
import org.hyphantes.desktop.act.ReachActs;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.act.SketchActs;
import org.hyphantes.desktop.chrome.FigurePicture;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Eyes;
import org.hyphantes.desktop.desk.Focus;
import org.hyphantes.desktop.desk.View;
import org.hyphantes.desktop.files.Aside;
import org.hyphantes.desktop.files.Remembered;
import org.hyphantes.desktop.rail.Snags;
import org.hyphantes.desktop.stage.Stage;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.EndJoin;
import org.hyphantes.figure.Form;
import org.hyphantes.known.PointKind;
import org.hyphantes.scene.Sight;
import org.hyphantes.treatment.Treatment;

/** The menu line: every act with its key. */
final class Menus {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final Bench bench;
    private final Desk desk;
    private final WindowActs window;
    private final MenuTargets targets;
    private final Remembered remembered;
    private final RecipeActs recipe;

    Menus(Bench bench, WindowActs window, MenuTargets targets, Remembered remembered) {
        this.bench = bench;
        this.desk = bench.desk();
        this.window = window;
        this.targets = targets;
        this.remembered = remembered;
        this.recipe = new RecipeActs(desk);
    }

    MenuBar bar() {
        MenuBar bar = new MenuBar();
        bar.getMenus()
                .setAll(
                        file(),
                        new EditMenu(bench, window::delete).menu(),
                        figure(),
                        treatment(),
                        stage(),
                        check(),
                        view(),
                        help());
        bar.setId("menu");
        return bar;
    }

    private Menu file() {
        Menu recent = new Menu("Open recent");
        Menu recovered = new Menu("Recovered");
        recovered.setId("recovered");
        Menu menu = new Menu("_File");
        menu.setOnShowing(e -> {
            recent.getItems().clear();
            for (Path path : remembered.recent()) {
                recent.getItems()
                        .add(MenuLine.item(
                                path.getFileName().toString(),
                                "",
                                () -> targets.documents().open(path)));
            }
            recent.setDisable(recent.getItems().isEmpty());
            recovered
                    .getItems()
                    .setAll(targets.documents().recovered().stream()
                            .map(this::recovered)
                            .toList());
            recovered.setDisable(recovered.getItems().isEmpty());
        });
        menu.getItems()
                .addAll(
                        MenuLine.item(
                                "New design",
                                "Shortcut+N",
                                () -> targets.documents().begin()),
                        MenuLine.item(
                                "Open", "Shortcut+O", () -> targets.documents().open()),
                        recent,
                        recovered,
                        demos(),
                        new SeparatorMenuItem(),
                        MenuLine.item(
                                "Save", "Shortcut+S", () -> targets.documents().save()),
                        MenuLine.item(
                                "Save as",
                                "Shortcut+Shift+S",
                                () -> targets.documents().saveAs()),
                        new SeparatorMenuItem(),
                        MenuLine.item(
                                "Import picture", "", () -> targets.documents().picture(new SketchActs(desk)::lay)),
                        MenuLine.item(
                                "Import drawing",
                                "Shortcut+Shift+O",
                                () -> targets.documents().drawing(new BringActs(desk)::bring)),
                        MenuLine.item(
                                "Write the file",
                                "Shortcut+Shift+E",
                                () -> targets.documents().write()),
                        new SeparatorMenuItem(),
                        MenuLine.item("Quit", "Shortcut+Q", targets.quit()));
        return menu;
    }

    private MenuItem recovered(Aside.Kept kept) {
        String when = WHEN.format(kept.since().atZone(ZoneId.systemDefault()));
        return MenuLine.item(
                (kept.title().isEmpty() ? "design" : kept.title()) + ", " + when,
                "",
                () -> targets.documents()
                        .leaving("taking up another", () -> targets.documents().takeUp(kept)));
    }

    private Menu demos() {
        Menu menu = new Menu("Open a demo");
        menu.setId("demos");
        for (Demo demo : Demo.values()) {
            menu.getItems()
                    .add(MenuLine.item(
                            demo.title() + ": " + demo.what(),
                            "",
                            () -> targets.documents().openDemo(demo)));
        }
        return menu;
    }

    private Menu figure() {
        Menu menu = new Menu("Fi_gure");
        FigureActs figures = new FigureActs(bench);
        for (Form form : Form.EACH) {
            MenuItem item = MenuLine.item(
                    form.schema().title(), "", () -> figures.add(form.schema().word()));
            item.setGraphic(new FigurePicture(form));
            menu.getItems().add(item);
        }
        PathActs paths = new PathActs(desk);
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        MenuLine.item("Reshape points", "", paths::reshape),
                        MenuLine.item("Back to what it was", "", paths::back),
                        MenuLine.item("Join ends", "", () -> paths.joinEnds(EndJoin.CORNER)),
                        MenuLine.item("Extend to meet", "", paths::extend),
                        MenuLine.item("Half into whole", "", paths::whole),
                        new SeparatorMenuItem(),
                        MenuLine.item("Page", "", () -> desk.look(desk.view().about(Subject.OfDesign.PAGE))),
                        MenuLine.item("Sketch", "", () -> desk.look(desk.view().about(Subject.OfDesign.SKETCH))),
                        MenuLine.item("Colour of the sketch here", "", new SketchActs(desk)::sampleColour),
                        MenuLine.item("Net", "", () -> desk.look(desk.view().about(Subject.OfDesign.NET))),
                        MenuLine.item(
                                "Material", "", () -> desk.look(desk.view().about(Subject.OfDesign.MAKING))),
                        MenuLine.item(
                                "Handing over", "", () -> desk.look(desk.view().about(Subject.OfDesign.HANDING))),
                        MenuLine.item("Job", "", () -> desk.look(desk.view().about(Subject.OfDesign.JOB))),
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
        CopyActs copies = new CopyActs(bench);
        for (Treatment treatment : Treatment.each()) {
            menu.getItems().add(MenuLine.item(treatment.schema().title(), "", () -> recipe.add(treatment)));
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        MenuLine.item("Copy recipe", "", copies::copyRecipe),
                        MenuLine.item("Paste recipe", "", copies::pasteRecipe),
                        MenuLine.item("Cast a copy", "Shortcut+Shift+K", new Casting(desk)::cast),
                        MenuLine.item("Pass under or over", "Shortcut+U", recipe::pass),
                        MenuLine.item("Earlier", "Alt+Shift+Left", () -> recipe.moveBy(-1)),
                        MenuLine.item("Later", "Alt+Shift+Right", () -> recipe.moveBy(1)));
        return menu;
    }

    private Menu stage() {
        Menu menu = new Menu("_Stage");
        ReachActs reach = new ReachActs(desk);
        for (Stage stage : Stages.EACH) {
            menu.getItems().add(MenuLine.item(stage.title(), stage.key().getName(), () -> desk.open(stage.id())));
        }
        menu.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        MenuLine.item(
                                "Shuttle back",
                                "Alt+Left",
                                () -> recipe.shuttle(desk.view().shuttle() - 1)),
                        MenuLine.item(
                                "Shuttle on",
                                "Alt+Right",
                                () -> recipe.shuttle(desk.view().shuttle() + 1)),
                        MenuLine.item("Shuttle to the start", "Alt+Home", () -> recipe.shuttle(0)),
                        MenuLine.item(
                                "Shuttle to the end",
                                "Alt+End",
                                () -> recipe.shuttle(desk.root().recipe().size())),
                        new SeparatorMenuItem(),
                        MenuLine.item("Next reach", "Shortcut+R", () -> reach.next(1)),
                        MenuLine.item("Reach before", "Shortcut+Shift+R", () -> reach.next(-1)));
        return menu;
    }

    private Menu check() {
        Snags snags = targets.snags();
        Menu menu = new Menu("_Check");
        menu.getItems()
                .addAll(
                        MenuLine.item("Next snag", "F8", () -> snags.go(1)),
                        MenuLine.item("Previous snag", "Shift+F8", () -> snags.go(-1)),
                        MenuLine.item("Mend", "F9", snags::mend),
                        MenuLine.item("Mend all of this kind", "Shift+F9", snags::mendAlike),
                        new SeparatorMenuItem(),
                        MenuLine.item(
                                "Write the report as text",
                                "",
                                () -> targets.documents().report(".txt")),
                        MenuLine.item(
                                "Write the report as JSON",
                                "",
                                () -> targets.documents().report(".json")),
                        MenuLine.item(
                                "Write the report as CSV",
                                "",
                                () -> targets.documents().report(".csv")));
        return menu;
    }

    private Menu view() {
        Menu menu = new Menu("_View");
        menu.getItems()
                .addAll(
                        MenuLine.item("Whole", "Shortcut+0", window::whole),
                        MenuLine.item("True size", "Shortcut+Shift+0", window::trueSize),
                        MenuLine.item("Closer", "Shortcut+PLUS", () -> window.closer(1.25)),
                        MenuLine.item("Further", "Shortcut+MINUS", () -> window.closer(0.8)),
                        new SeparatorMenuItem(),
                        MenuLine.item(
                                "Textures",
                                "Shortcut+T",
                                () -> desk.look(
                                        desk.view().textured(!desk.view().textures()))),
                        MenuLine.item(
                                "Bare edges",
                                "Shortcut+E",
                                () -> see(desk.view()
                                        .eyes()
                                        .withBare(!desk.view().eyes().bare()))),
                        sight("As grey", Sight.AS_GREY),
                        sight("As seen without red", Sight.WITHOUT_RED),
                        sight("As seen without green", Sight.WITHOUT_GREEN),
                        MenuLine.item(
                                "Light or dark",
                                "Shortcut+L",
                                () -> desk.look(
                                        desk.view().inTheDark(!desk.view().dark()))),
                        MenuLine.item("Settings", "Shortcut+COMMA", targets.settings()),
                        new SeparatorMenuItem(),
                        MenuLine.item("Fold wings", "F12", () -> fold(desk.view())),
                        MenuLine.item("Full screen", "F11", targets.fullScreen()));
        return menu;
    }

    /** Looks at colours in another way; the same again looks at them as they are. */
    private MenuItem sight(String words, Sight sight) {
        return MenuLine.item(words, "", () -> {
            see(desk.view().eyes().turned(sight));
            boolean on = desk.view().eyes().sight() == sight;
            desk.say(on ? words + "; the same again shows colours as they are." : "Colours as they are.");
        });
    }

    private void see(Eyes eyes) {
        desk.look(desk.view().seenWith(eyes));
    }

    private void fold(View view) {
        desk.look(view.folded(!view.folded()));
    }

    private Menu help() {
        Menu menu = new Menu("_Help");
        menu.getItems()
                .addAll(
                        MenuLine.item("What is under the needle", "F1", targets.help()),
                        MenuLine.item("Keys", "Ctrl+F1", targets.keys()),
                        new SeparatorMenuItem(),
                        MenuLine.item(
                                "Into the Wording",
                                "Shortcut+Enter",
                                () -> bench.focus().go(Focus.Place.SENTENCE)),
                        MenuLine.item("Next region", "F7", () -> bench.focus().next(1)),
                        MenuLine.item(
                                "Previous region",
                                "Shift+F7",
                                () -> bench.focus().next(-1)),
                        new SeparatorMenuItem(),
                        MenuLine.item("About", "", () -> desk.say("Hyphantes 0.1.0: ornament that computes.")));
        return menu;
    }
}
