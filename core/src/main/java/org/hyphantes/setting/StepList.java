package org.hyphantes.setting;

import java.util.ArrayList;
import java.util.List;

/** A list of lengths as text, in millimetres: {@code 50 25 120 50}. */
public final class StepList {
    private static final int MOST = 10_000;

    private StepList() {}

    /** The lengths of a list as it is stored. */
    public static List<Double> read(String stored) {
        List<Double> steps = new ArrayList<>();
        for (String word : stored.strip().split("\\s+")) {
            steps.add(Double.parseDouble(word));
        }
        return steps;
    }

    /**
     * What is stored for a typed list: lengths with or without units, and {@code 6 x 20} for six of 20.
     *
     * @throws CannotRead if one of them is no length
     */
    static String stored(String typed, Scope scope, double least, double most) throws CannotRead {
        if (typed.length() > Limits.LIST) {
            throw new CannotRead("This list is too long: up to " + Limits.LIST + " characters.");
        }
        List<String> steps = new ArrayList<>();
        String[] words = typed.strip().replace('\u00d7', 'x').split("[\\s,;]+");
        for (int i = 0; i < words.length; i++) {
            int times = 1;
            if (words[i].matches("\\d+") && i + 2 < words.length && words[i + 1].equals("x")) {
                times = words[i].length() > 6 ? MOST + 1 : Integer.parseInt(words[i]);
                i += 2;
            }
            String word = words[i];
            if (i + 1 < words.length && words[i + 1].matches("[a-z]{2}")) {
                word += " " + words[++i];
            }
            double length = Expression.length(word, scope, 0).value();
            if (length < least || length > most || times < 1 || steps.size() + times > MOST) {
                throw new CannotRead(Quoted.of(typed.strip()) + " is too much: up to " + MOST + " steps.");
            }
            for (int k = 0; k < times; k++) {
                steps.add(Numerals.shown(length, 6));
            }
        }
        return String.join(" ", steps);
    }

    /** A stored list as it is typed in a unit; equal steps as one with their number. */
    static String typed(String stored, Unit unit) {
        List<Double> steps = read(stored);
        List<String> words = new ArrayList<>();
        for (double step : steps) {
            words.add(Numerals.shown(step / unit.millimetres(), 9));
        }
        boolean equal = words.size() > 1 && words.stream().distinct().count() == 1;
        return equal ? words.size() + " x " + words.get(0) : String.join(" ", words);
    }
}
