package org.hyphantes.desktop.leaf;

import java.util.Arrays;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Making;
import org.hyphantes.design.Material;
import org.hyphantes.desktop.chrome.Habits;
import org.hyphantes.desktop.chrome.OtherWay;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Unit;

/** What is settled for all windows and designs, each by a choice that holds at once; and what the design in hand is made in. */
public final class SettingsLeaf extends Leaf {
    private final Desk desk;

    public SettingsLeaf(Desk desk) {
        super("settings", "Settings");
        this.desk = desk;
        getChildren()
                .addAll(
                        choice(
                                "size",
                                "Size of type",
                                List.of("100 %", "125 %", "150 %"),
                                (int) Math.rint((Habits.type().get() - 1) * 4),
                                i -> Habits.type().set(1 + 0.25 * i)),
                        choice(
                                "other",
                                "The other way, such as by diameter, or releasing a crossing",
                                List.of(OtherWay.ALT.words(), OtherWay.META.words(), OtherWay.BUTTON.words()),
                                Habits.otherWay().get().ordinal(),
                                i -> Habits.otherWay().set(OtherWay.values()[i])),
                        choice(
                                "theme",
                                "Colours of the window",
                                List.of("light", "dark"),
                                desk.view().dark() ? 1 : 0,
                                i -> desk.look(desk.view().inTheDark(i == 1))),
                        choice(
                                "strands",
                                "Strands in the Weave field",
                                List.of("plain", "told apart by tints and textures"),
                                desk.view().textures() ? 1 : 0,
                                i -> desk.look(desk.view().textured(i == 1))),
                        choice(
                                "material",
                                "What this design is made in, and the narrowest width it bears; type material to set another",
                                Arrays.stream(Material.values())
                                        .map(m -> m.word() + " " + Numerals.length(m.narrowest(), Unit.MM))
                                        .toList(),
                                desk.design().material().ordinal(),
                                this::make));
    }

    private void make(int index) {
        Material material = Material.values()[index];
        if (desk.design().material() != material) {
            desk.edit(new Edit("Made in " + material.word() + ".", d -> d.withMaking(Making.in(material))));
        }
    }

    /** Opens it with the keyboard on its first choice. */
    public void lay() {
        open();
        ((RadioButton) lookup("#material-" + desk.design().material().ordinal())).setSelected(true);
        lookup("#size-" + Math.round((Habits.type().get() - 1) * 4)).requestFocus();
    }

    private static VBox choice(String id, String title, List<String> words, int now, Consumer<Integer> act) {
        Label name = new Label(title);
        name.setWrapText(true);
        name.setMinHeight(USE_PREF_SIZE);
        ToggleGroup group = new ToggleGroup();
        FlowPane row = new FlowPane(14, 4);
        for (int i = 0; i < words.size(); i++) {
            RadioButton button = new RadioButton(words.get(i));
            button.setId(id + "-" + i);
            button.setToggleGroup(group);
            button.setSelected(i == now);
            row.getChildren().add(button);
        }
        // By the selection itself, for arrows change it too.
        group.selectedToggleProperty()
                .addListener((o, was, chosen) -> act.accept(group.getToggles().indexOf(chosen)));
        return new VBox(3, name, row);
    }
}
