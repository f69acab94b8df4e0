package org.hyphantes.desktop.wording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.text.Text;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.Stages;
import org.hyphantes.desktop.TestDesk;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.figure.Circle;
import org.hyphantes.figure.Form;
import org.hyphantes.figure.Lens;
import org.hyphantes.figure.Ring;
import org.hyphantes.known.PointKind;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Band;
import org.hyphantes.treatment.Interlace;
import org.hyphantes.treatment.Treatment;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.framework.junit5.ApplicationExtension;

/** Sentences say what the design has, slot by slot; words that are typed do what they say, or say what is wanted. */
@ExtendWith(ApplicationExtension.class)
class WordsTest {
    /** Every figure and every treatment there is, one after another, has a sentence whose words and slots are those of its schema. */
    @Test
    void theSentenceOfEveryThingHasAllItsSlots() {
        Design design = Design.empty("All of them");
        for (Form form : Form.EACH) {
            design = Recipes.addFigure("design", form).change().apply(design);
        }
        int at = 0;
        for (Treatment treatment : Treatment.each()) {
            design = Recipes.addStep("design", at, treatment).change().apply(design);
            String id = design.root().recipe().get(at++).id();
            design = Recipes.pass(design, "design", id).change().apply(design);
        }
        List<Subject> subjects = new ArrayList<>(List.of(Subject.OfDesign.PAGE, Subject.OfDesign.NET));
        design.root().members().forEach(m -> subjects.add(new Subject.OfFigure("design", m.id())));
        design.root().recipe().forEach(s -> subjects.add(new Subject.OfStep("design", s.id())));
        TestDesk on = new TestDesk(design);
        on.settled();
        for (Subject subject : subjects) {
            Sentence sentence = TestDesk.on(() -> {
                Sentence made = new Sentence(on.bench());
                made.about(subject);
                return made;
            });
            Described thing = subject.in(on.desk().design()).orElseThrow();
            List<Schema.Part> parts = thing.schema().sentence(thing, on.desk().scope());
            StringBuilder expected = new StringBuilder();
            parts.forEach(p -> expected.append(p.isSlot() ? "_" : p.words()));
            StringBuilder said = new StringBuilder();
            for (Node node : sentence.getChildren()) {
                said.append(node instanceof Text text ? text.getText() : "_");
            }
            assertThat(said).hasToString(expected.toString());
            assertThat(sentence.slots())
                    .extracting(Slot::key)
                    .containsExactlyElementsOf(parts.stream()
                            .filter(Schema.Part::isSlot)
                            .map(Schema.Part::key)
                            .toList())
                    .isNotEmpty();
        }
    }

    @Test
    void aSlotOffersWhatItCanHold() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        on.settled();
        assertThat(Suggestions.of(new Kind.Figure("the page"), on.desk()))
                .startsWith("the page")
                .hasSize(1 + on.desk().root().names().size());
        assertThat(Suggestions.of(new Kind.Strand(), on.desk()))
                .startsWith("A", "B", "C")
                .hasSize(9);
        assertThat(Suggestions.of(new Kind.Typeface(), on.desk())).isNotEmpty();
    }

    @Test
    void wordsAboutTheDesignSetItOrSayHow() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        DesignWords words = new DesignWords(on.desk());
        for (String size : List.of("100 mm x 80 mm", "100 80", "100x80", "10 cm \u00d7 8 cm")) {
            on.act(() -> words.run("page", size));
            assertThat(on.desk().design().page().box().width()).as(size).isEqualTo(100);
            assertThat(on.desk().design().page().box().height()).as(size).isEqualTo(80);
            on.act(on.desk()::undo);
        }
        assertThat(TestDesk.on(() -> words.run("page", "100"))).isFalse();
        assertThat(on.message()).contains("page 100 mm x 80 mm");
        on.act(() -> words.run("unit", "CM"));
        assertThat(on.desk().design().unit()).isEqualTo(Unit.CM);
        assertThat(TestDesk.on(() -> words.run("unit", "ell"))).isFalse();
        assertThat(on.message()).startsWith("Units are");
        PointKind kind = PointKind.values()[0];
        boolean had = on.desk().view().points().contains(kind);
        on.act(() -> words.run("points", kind.word()));
        assertThat(on.desk().view().points().contains(kind)).isNotEqualTo(had);
        on.act(() -> words.run("fit", ""));
        assertThat(on.desk().design().page().box().width())
                .isEqualTo(on.settled().finished().box().width() + 10, org.assertj.core.api.Assertions.within(0.01));
    }

    @Test
    void whatIsRefusedDoesNothingAndWhatIsTakenIsOneEdit() {
        TestDesk on = new TestDesk(Design.empty("Nothing in it"));
        Words words = new Words(on.bench(), Stages.EACH);
        Design before = on.desk().design();
        for (String typed : List.of("circle 60 20", "star x", "band 3 4", "turn 2.5.1", "lens )", "oval")) {
            on.act(() -> on.desk().say(""));
            boolean done = TestDesk.on(() -> words.run(typed));
            assertThat(done).as(typed).isEqualTo(typed.equals("oval"));
            if (done) {
                on.act(on.desk()::undo);
            }
            assertThat(on.message()).as(typed).isNotBlank();
            assertThat(on.desk().design()).as(typed).isEqualTo(before);
            assertThat(on.desk().view().subject()).as(typed).isEmpty();
        }
        on.act(() -> words.run("circle 60"));
        assertThat(((Circle) on.desk().root().figure("circle-1").orElseThrow().form())
                        .radius()
                        .value())
                .isEqualTo(60);
        on.act(() -> words.run("circle 20"));
        on.act(() -> words.run("select all"));
        on.act(() -> words.run("group"));
        String group = on.desk().root().members().get(0).id();
        assertThat(on.desk().view().chosen()).as("what was grouped").containsExactly(group);
        on.act(() -> words.run("ungroup"));
        assertThat(on.desk().view().chosen()).containsExactlyInAnyOrder("circle-1", "circle-2");
        for (int i = 0; i < 4; i++) {
            on.act(on.desk()::undo);
        }
        assertThat(on.desk().design()).as("a word is one edit").isEqualTo(before);
    }

    /** What is new begins with values that fit what is there. */
    @Test
    void newThingsBeginWithValuesThatFit() {
        TestDesk on = new TestDesk(Design.empty("Nothing in it"));
        Words words = new Words(on.bench(), Stages.EACH);
        on.act(() -> words.run("lens 9"));
        Lens lens = (Lens) on.desk().root().figure("lens-1").orElseThrow().form();
        assertThat(lens.apart().value() / lens.radius().value())
                .as("a small lens is a lens")
                .isEqualTo(
                        Lens.STARTING.apart().value() / Lens.STARTING.radius().value());
        // One that has been spoilt by its slots is none that the next begins like.
        on.act(() -> on.desk().set(on.desk().view().subject().orElseThrow(), "radius", "1", false));
        on.act(() -> words.run("lens"));
        Lens next = (Lens) on.desk().root().figure("lens-2").orElseThrow().form();
        assertThat(next.apart().value()).isLessThan(2 * next.radius().value());
        on.act(() -> on.desk().lay(Design.empty("Small")));
        on.act(() -> words.run("circle 1"));
        on.act(() -> words.run("turn 3"));
        on.settled();
        on.act(() -> words.run("ring"));
        Ring ring = (Ring) on.desk().root().figure("ring-1").orElseThrow().form();
        assertThat(ring.radius().value() - ring.width().value())
                .as("inside a ring goes round what is there")
                .isBetween(1.0, 3.0);
        on.act(() -> words.run("band"));
        on.act(() -> words.run("interlace"));
        Band band = on.desk().root().lastOf(Band.class).orElseThrow();
        Interlace interlace = on.desk().root().lastOf(Interlace.class).orElseThrow();
        assertThat(band.width().value()).as("6 mm would bury circles of 1 mm").isBetween(0.1, 0.8);
        assertThat(interlace.clearance().value()).isCloseTo(band.width().value() / 10, within(1e-9));
    }

    @Test
    void everyWordForFiguresAnswersWithNothingSelected() {
        TestDesk on = new TestDesk(Design.empty("Nothing in it"));
        FigureWords words = new FigureWords(on.bench());
        Design before = on.desk().design();
        for (String word : FigureWords.ALL) {
            on.act(() -> on.desk().say(""));
            on.act(() -> words.run(word, ""));
            assertThat(on.message()).as(word).isNotBlank();
        }
        assertThat(on.desk().design()).isEqualTo(before);
    }

    @Test
    void figuresAreSelectedByNameAndMovedByWords() {
        TestDesk on = new TestDesk(Demo.TIDE_RING.design());
        FigureWords words = new FigureWords(on.bench());
        on.act(() -> words.run("select", "all"));
        assertThat(on.desk().view().chosen()).hasSize(on.desk().root().members().size());
        on.act(() -> words.run("select", "none"));
        assertThat(on.desk().view().chosen()).isEmpty();
        assertThat(TestDesk.on(() -> words.run("shift", "10"))).isFalse();
        assertThat(on.message()).contains("shift 10 -5");
        assertThat(TestDesk.on(() -> words.run("align", "sideways"))).isFalse();
        assertThat(on.message()).startsWith("Align left");
        String first = on.desk().root().members().get(0).id();
        on.act(() -> on.desk().look(on.desk().view().choosing("design", Set.of(first))));
        on.act(() -> words.run("name", "Boss ring"));
        on.act(() -> words.run("select", "circles"));
        assertThat(on.desk().view().chosen()).as("by kind").hasSize(2);
        on.act(() -> words.run("select", "boss"));
        assertThat(on.desk().view().chosen()).as("by name").containsExactly(first);
        on.act(() -> words.run("select", "nobody"));
        assertThat(on.message()).isEqualTo("Nothing is called \"nobody\".");
    }
}
