package org.hyphantes.machine;

import java.util.ArrayList;
import java.util.List;
import org.hyphantes.geometry.Arc;
import org.hyphantes.geometry.Point;

/**
 * Reads plotter files: the instructions IN, IP, SC, SP, VS, PU, PD, PA, PR, AA and AR of HP-GL, as its published reference has them (from memory). An
 * instruction is two letters and numbers, ended by a semicolon or the next letters. Without SC a unit is 0.025 mm.
 */
final class PlotterFile implements Readers.Reader {
    private static final double UNIT = 0.025;

    @Override
    public String ending() {
        return ".plt";
    }

    @Override
    public Program read(String text) throws CannotRun {
        return new Run(text).program();
    }

    /** One reading, with what the instructions so far have set. */
    private static final class Run {
        private final String text;
        private final Program.Builder built = new Program.Builder();
        private double[] corners = {0, 0, 40_000, 40_000};
        private double[] user;
        private boolean relative;
        private int at;

        Run(String text) {
            this.text = text;
        }

        Program program() throws CannotRun {
            while (at < text.length()) {
                char c = text.charAt(at);
                if (!Character.isLetter(c)) {
                    at++;
                    continue;
                }
                if (at + 1 >= text.length() || !Character.isLetter(text.charAt(at + 1))) {
                    throw new CannotRun("The plotter file breaks off at character " + at + ": write it again.");
                }
                String word = text.substring(at, at + 2).toUpperCase(java.util.Locale.ROOT);
                at += 2;
                done(word, numbers());
            }
            return built.program();
        }

        private List<Double> numbers() throws CannotRun {
            List<Double> numbers = new ArrayList<>();
            int from = at;
            while (at < text.length() && text.charAt(at) != ';' && !Character.isLetter(text.charAt(at))) {
                at++;
            }
            for (String part : text.substring(from, at).trim().split("[,\\s]+")) {
                if (!part.isEmpty()) {
                    try {
                        numbers.add(Double.valueOf(part));
                    } catch (NumberFormatException e) {
                        throw new CannotRun("At character " + from + " stands no number.");
                    }
                }
            }
            return numbers;
        }

        private void done(String word, List<Double> n) throws CannotRun {
            switch (word) {
                case "IN" -> user = null;
                case "IP" -> corners = n.size() == 4 ? array(n) : corners;
                case "SC" -> user = n.size() == 4 ? array(n) : null;
                case "SP" -> {
                    built.lift();
                    if (!n.isEmpty() && n.get(0) > 0) {
                        built.pass(String.valueOf(n.get(0).intValue()));
                    }
                }
                case "VS" -> built.speed(n.isEmpty() ? Double.POSITIVE_INFINITY : n.get(0) * 10);
                case "PA", "PR" -> {
                    relative = word.equals("PR");
                    go(n);
                }
                case "PU" -> {
                    built.lift();
                    go(n);
                }
                case "PD" -> {
                    built.lower();
                    go(n);
                }
                case "AA", "AR" -> arc(word, n);
                default -> built.unread("instruction " + word);
            }
        }

        private static double[] array(List<Double> n) {
            return n.stream().mapToDouble(Double::doubleValue).toArray();
        }

        private void go(List<Double> n) throws CannotRun {
            if (n.size() % 2 != 0) {
                throw new CannotRun("Before character " + at + " a place has no y.");
            }
            for (int i = 0; i < n.size(); i += 2) {
                built.to(place(n.get(i), n.get(i + 1), relative));
            }
        }

        private Point place(double x, double y, boolean from) {
            double wide = user == null ? UNIT : (corners[2] - corners[0]) * UNIT / (user[1] - user[0]);
            double high = user == null ? UNIT : (corners[3] - corners[1]) * UNIT / (user[3] - user[2]);
            if (from) {
                return built.at().plus(new Point(x * wide, y * high));
            }
            return user == null
                    ? new Point(x * wide, y * high)
                    : new Point(corners[0] * UNIT + (x - user[0]) * wide, corners[1] * UNIT + (y - user[2]) * high);
        }

        private void arc(String word, List<Double> n) throws CannotRun {
            if (n.size() < 3) {
                throw new CannotRun("Before character " + at + " an arc lacks its centre or its angle.");
            }
            Point centre = place(n.get(0), n.get(1), word.equals("AR"));
            double sweep = Math.toRadians(n.get(2));
            Point out = built.at().minus(centre);
            if (sweep != 0 && out.length() > 0) {
                double from = Math.atan2(out.y(), out.x());
                double turn = Math.copySign(Math.min(Math.abs(sweep), 2 * Math.PI), sweep);
                built.along(new Arc(centre, out.length(), from, turn));
            }
        }
    }
}
