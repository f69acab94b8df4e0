package org.hyphantes.exchange.project;

import java.util.List;
import java.util.Random;
import org.hyphantes.design.Design;
import org.hyphantes.design.Recipes;
import org.hyphantes.design.Subject;
import org.hyphantes.figure.Form;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Numerals;
import org.hyphantes.setting.Schema;
import org.hyphantes.treatment.Treatment;

/** Designs as anybody may make them: figures and treatments of every kind in turn, with everyday settings by a seed. */
final class OrdinaryDesign {
    private OrdinaryDesign() {}

    /** A design of one figure and two treatments, a band and an interlacing; every pairing comes round, then again with other settings. */
    static Design of(long seed) {
        Random random = new Random(seed);
        int treatments = Treatment.each().size();
        int n = (int) (seed % (Form.EACH.size() * treatments * treatments));
        Design design = figure(Design.empty("Ordinary " + seed), Form.EACH.get(n / (treatments * treatments)), random);
        if (random.nextInt(3) == 0) {
            design = figure(design, Form.EACH.get(random.nextInt(Form.EACH.size())), random);
        }
        for (int kind : new int[] {n / treatments % treatments, n % treatments}) {
            Treatment treatment = Treatment.each().get(kind);
            int at = design.root().recipe().size();
            design = Recipes.addStep("design", at, treatment).change().apply(design);
            String id = design.root().recipe().get(at).id();
            design = settled(design, new Subject.OfStep("design", id), treatment.schema(), random);
        }
        if (random.nextBoolean()) {
            for (String word : List.of("band", "interlace")) {
                Treatment treatment = Treatment.each().stream()
                        .filter(t -> t.schema().word().equals(word))
                        .findFirst()
                        .orElseThrow();
                design = Recipes.addStep("design", design.root().recipe().size(), treatment)
                        .change()
                        .apply(design);
            }
        }
        return design;
    }

    private static Design figure(Design before, Form form, Random random) {
        Design design = Recipes.addFigure("design", form).change().apply(before);
        String id =
                design.root().members().get(design.root().members().size() - 1).id();
        return settled(design, new Subject.OfFigure("design", id), form.schema(), random);
    }

    /** Sets about half of what can be set. */
    private static Design settled(Design before, Subject subject, Schema<?> schema, Random random) {
        Design design = before;
        for (String key : schema.keys()) {
            try {
                if (random.nextBoolean()) {
                    String text = text(schema.kind(key), subject, design, key, random);
                    design = text.isEmpty()
                            ? design
                            : subject.set(design, key, text).value();
                }
            } catch (CannotRead e) {
                // What cannot be set is left as it is.
                continue;
            }
        }
        return design;
    }

    private static String text(Kind kind, Subject subject, Design design, String key, Random random) {
        Schema<?> schema = subject.in(design).orElseThrow().schema();
        if (kind instanceof Kind.Choice choice) {
            return choice.words().get(random.nextInt(choice.words().size()));
        }
        if (kind instanceof Kind.Count count) {
            return String.valueOf(Math.min(count.most(), count.least() + random.nextInt(12)));
        }
        if (kind instanceof Kind.Degrees) {
            return random.nextBoolean()
                    ? String.valueOf(15 * random.nextInt(25))
                    : String.valueOf(360 * random.nextDouble());
        }
        if (kind instanceof Kind.Length || kind instanceof Kind.Number) {
            Object now = schema.value(subject.in(design).orElseThrow(), key);
            double value = ((org.hyphantes.setting.Amount) now).value();
            double share = random.nextInt(4) == 0 ? 0 : 0.25 + 2 * random.nextDouble();
            return random.nextInt(5) == 0
                    ? String.valueOf(random.nextInt(60))
                    : Numerals.shown(value * share, random.nextInt(4));
        }
        return "";
    }
}
