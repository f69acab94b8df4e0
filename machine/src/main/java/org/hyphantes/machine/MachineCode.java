package org.hyphantes.machine;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Point;

/**
 * Reads machine code (ISO 6983-1, from memory): G0 and G1 straight, G2 clockwise and G3 anticlockwise with the centre as I and J from the
 * start or a radius R, G20 and G21 inches or millimetres, G90 and G91 absolute or from where the tool is, F in units a minute. The tool
 * is down below Z 0. A comment in brackets that begins with {@code pass} begins a pass.
 */
final class MachineCode implements Readers.Reader {
    private static final Pattern WORD =
            Pattern.compile("\\(([^)]*)\\)|;.*|([A-Z])\\s*([-+]?(?:\\d+\\.?\\d*|\\.\\d+))|(\\S)");

    @Override
    public String ending() {
        return ".nc";
    }

    @Override
    public Program read(String text) throws CannotRun {
        Run run = new Run();
        int number = 0;
        for (String line : text.lines().toList()) {
            number++;
            run.line(line, number);
        }
        return run.built.program();
    }

    /** One reading, with what the lines so far have set. */
    private static final class Run {
        private final Program.Builder built = new Program.Builder();
        private int motion;
        private double unit = 1;
        private boolean relative;
        private double depth = 1;

        void line(String line, int number) throws CannotRun {
            Matcher matcher = WORD.matcher(line.toUpperCase(Locale.ROOT));
            Words words = new Words();
            while (matcher.find()) {
                if (matcher.group(1) != null) {
                    if (matcher.group(1).startsWith("PASS ")) {
                        built.pass(matcher.group(1)
                                .substring(5)
                                .toLowerCase(Locale.ROOT)
                                .replace(":", ""));
                    }
                } else if (matcher.group(4) != null && !matcher.group(4).equals("%")) {
                    throw new CannotRun("Line " + number + " of the machine code is none: " + matcher.group(4) + ".");
                } else if (matcher.group(2) != null) {
                    words.add(matcher.group(2).charAt(0), Double.parseDouble(matcher.group(3)));
                }
            }
            for (double g : words.all('G')) {
                code(g, number);
            }
            if (words.has('F')) {
                built.speed(words.get('F', 0) * unit / 60);
            }
            height(words);
            if (words.has('X') || words.has('Y') || words.has('I') || words.has('J')) {
                move(words, number);
            }
        }

        private void code(double g, int number) throws CannotRun {
            if (g == 0 || g == 1 || g == 2 || g == 3) {
                motion = (int) g;
            } else if (g == 20 || g == 21) {
                unit = g == 20 ? 25.4 : 1;
            } else if (g == 90 || g == 91) {
                relative = g == 91;
            } else if (g != 17 && g != 40 && g != 49 && g != 80 && g != 94) {
                built.unread("G" + (int) g + " in line " + number);
            }
        }

        private void height(Words words) {
            if (words.has('Z')) {
                depth = relative ? depth + words.get('Z', 0) : words.get('Z', 0);
                if (depth <= 0) {
                    built.lower();
                } else {
                    built.lift();
                }
            }
        }

        private void move(Words words, int number) throws CannotRun {
            Point at = built.at();
            double x = words.has('X') ? words.get('X', 0) * unit + (relative ? at.x() : 0) : at.x();
            double y = words.has('Y') ? words.get('Y', 0) * unit + (relative ? at.y() : 0) : at.y();
            Point to = new Point(x, y);
            if (motion < 2) {
                built.to(to);
                return;
            }
            Point centre = words.has('R')
                    ? centre(at, to, words.get('R', 0) * unit)
                    : at.plus(new Point(words.get('I', 0) * unit, words.get('J', 0) * unit));
            double radius = centre.distance(at);
            if (!(radius > 0) || Math.abs(centre.distance(to) - radius) > 0.05) {
                throw new CannotRun("Line " + number + " of the machine code: the arc does not end on its circle.");
            }
            double from = Math.atan2(at.y() - centre.y(), at.x() - centre.x());
            double end = Math.atan2(to.y() - centre.y(), to.x() - centre.x());
            // Upwards is up here: clockwise takes the angle away.
            double sweep = motion == 3 ? end - from : from - end;
            sweep = sweep <= 1e-12 ? sweep + 2 * Math.PI : sweep;
            built.along(new Arc(centre, radius, from, motion == 3 ? sweep : -sweep));
            built.to(to);
        }

        private Point centre(Point at, Point to, double radius) {
            Point half = to.minus(at).times(0.5);
            double aside = Math.sqrt(Math.max(0, radius * radius - half.dot(half)));
            boolean left = motion == 3 == radius > 0;
            Point way = new Point(-half.y(), half.x()).unit().times(left ? aside : -aside);
            return at.plus(half).plus(way);
        }
    }

    /** The words of a line, by their letters. */
    private static final class Words {
        private final List<Character> letters = new ArrayList<>();
        private final List<Double> values = new ArrayList<>();

        void add(char letter, double value) {
            letters.add(letter);
            values.add(value);
        }

        boolean has(char letter) {
            return letters.contains(letter);
        }

        double get(char letter, double otherwise) {
            int i = letters.lastIndexOf(letter);
            return i < 0 ? otherwise : values.get(i);
        }

        List<Double> all(char letter) {
            List<Double> all = new ArrayList<>();
            for (int i = 0; i < letters.size(); i++) {
                if (letters.get(i) == letter) {
                    all.add(values.get(i));
                }
            }
            return all;
        }
    }
}
