package org.hyphantes.design;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.hyphantes.figure.Form;
import org.hyphantes.setting.Unit;
import org.hyphantes.treatment.Treatment;

/** Designs made for a test: figures named Figure 0, Figure 1 and so on, with ids f0, f1, and a recipe of steps that all work. */
public final class Trial {
    private Trial() {}

    public static Design design(Material material, List<Form> forms, Treatment... recipe) {
        List<Member> members = new ArrayList<>();
        for (Form form : forms) {
            members.add(new Figure("f" + members.size(), "Figure " + members.size(), form));
        }
        List<Step> steps = new ArrayList<>();
        for (Treatment treatment : recipe) {
            steps.add(new Step(true, treatment));
        }
        return new Design("Trial", Unit.MM, material, Map.of(), new Group("design", "Trial", members, steps));
    }
}
