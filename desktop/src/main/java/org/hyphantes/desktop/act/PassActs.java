package org.hyphantes.desktop.act;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Edit;
import org.hyphantes.design.Subject;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.setting.Entry;

/** What is done with the passes of the job: another is added, one is taken out, or done earlier or later. */
public final class PassActs {
    private final Desk desk;

    public PassActs(Desk desk) {
        this.desk = desk;
    }

    public List<Pass> passes() {
        return desk.design().job().passes();
    }

    /** The pass that the sentence is about. */
    public Optional<Integer> chosen() {
        return desk.view()
                .subject()
                .filter(Subject.OfPass.class::isInstance)
                .map(s -> ((Subject.OfPass) s).number())
                .filter(n -> n < passes().size());
    }

    public void choose(int number) {
        desk.look(desk.view().about(new Subject.OfPass(number)));
    }

    private void set(List<Pass> passes, String words) {
        desk.edit(new Edit(words, d -> d.withJob(d.job().passing(passes))));
    }

    /** Adds a pass behind that which is chosen, but before the last, which takes what is left. */
    public void add(Pass pass) {
        if (passes().size() >= Job.MOST_PASSES) {
            desk.warn("A job has up to " + Job.MOST_PASSES + " passes: take one out first.");
            return;
        }
        int last = passes().size() - 1;
        int at = Math.min(last, chosen().map(c -> c + 1).orElse(last));
        List<Pass> more = new ArrayList<>(passes());
        more.add(at, pass);
        set(more, "Pass " + (at + 1) + " added: " + words(pass) + ".");
        choose(at);
    }

    /** Takes the chosen pass out; false when none is chosen. */
    public boolean takeOut() {
        Optional<Integer> number = chosen();
        if (number.isEmpty()) {
            return false;
        }
        if (passes().size() == 1) {
            desk.warn("A job needs a pass: change what this one takes.");
            return true;
        }
        List<Pass> fewer = new ArrayList<>(passes());
        fewer.remove((int) number.get());
        set(fewer, "Pass " + (number.get() + 1) + " taken out.");
        choose(Math.max(0, number.get() - 1));
        return true;
    }

    /** Does a pass at another place in the order. */
    public void move(int from, int to) {
        int there = Math.max(0, Math.min(passes().size() - 1, to));
        if (from != there) {
            List<Pass> moved = new ArrayList<>(passes());
            moved.add(there, moved.remove(from));
            set(moved, "Pass " + (from + 1) + " is done as number " + (there + 1) + ".");
            choose(there);
        }
    }

    /** A pass in a few words: "score inner lines". */
    public static String words(Pass pass) {
        String takes = switch (pass.takes()) {
            case WELL -> "well " + (int) pass.well().value();
            case STRAND -> "strand " + pass.strand();
            default -> Entry.word(pass.takes());
        };
        return Entry.word(pass.work()) + " " + takes;
    }
}
