package org.hyphantes.desktop.stage.pieces;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import org.hyphantes.desktop.act.RecipeActs;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Colour;
import org.hyphantes.paint.Fill;
import org.hyphantes.paint.NoFill;
import org.hyphantes.piece.Chequer;
import org.hyphantes.piece.Corner;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.PieceName;
import org.hyphantes.setting.Numerals;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Pieces;
import org.hyphantes.weave.Reach;

/** The words for what is done to pieces: to those named, those selected, or the one at the needle. */
final class PieceWords {
    static final List<String> ALL =
            List.of("divide", "select", "join", "drop", "keep", "back", "round", "fill", "like");

    private static final String WHICH =
            "Say which: ring 2, well 4, inside Circle, outside Circle, chequer or all; or select some.";

    private static final Pattern PIECES = Pattern.compile(
            "(rings?\\s+\\d|well\\s|like\\s+\\d|inside\\s|outside\\s|chequer$|all$|\\d).*", Pattern.CASE_INSENSITIVE);

    private final Desk desk;
    private final PieceChoice choice;

    PieceWords(Bench bench) {
        this.desk = bench.desk();
        this.choice = new PieceChoice(bench);
    }

    /** Whether what is typed behind a word is about pieces. */
    static boolean areMeantBy(String rest) {
        return PIECES.matcher(rest).matches();
    }

    /** Adds the step that divides. */
    void divide() {
        if (desk.root().last(Pieces.class).isEmpty()) {
            new RecipeActs(desk).add(Pieces.STARTING);
        }
        desk.open("pieces");
    }

    /** Does a word with what was typed behind it; says what is wanted when it cannot. */
    boolean run(String word, String rest) {
        if (word.equals("divide")) {
            divide();
            return true;
        }
        if (!desk.settledProperty().get()) {
            // A quick hand types on while the pieces are still being found: what it means are those.
            whenSettled(() -> run(word, rest));
            return true;
        }
        if (choice.mosaic().isEmpty()) {
            desk.warn("Nothing is divided yet: divide comes first.");
            return false;
        }
        if (word.equals("round") && rest.matches("\\d[\\d\\s,]*")) {
            return corners(rest);
        }
        if (word.equals("fill")) {
            return fill(rest);
        }
        if (word.equals("like")) {
            return like(rest);
        }
        Optional<List<Integer>> cells = cells(rest);
        if (cells.isEmpty()) {
            desk.warn(WHICH);
            return false;
        }
        boolean named = !rest.isEmpty();
        Optional<PieceName> meant = meant(rest);
        if (meant.isPresent() && (word.equals("drop") || word.equals("keep"))) {
            return choice.leaveOut(meant.get(), word.equals("keep"));
        }
        return switch (word) {
            case "select" -> {
                choice.select(cells.get(), false);
                yield true;
            }
            case "join" -> named ? choice.joinAll(cells.get()) : choice.join(cells.get(), Reach.THIS_ONE);
            case "round" -> choice.round(cells.get(), List.of(), reach(named));
            case "keep" -> rest.equals("all") ? choice.keepAll() : choice.keep(cells.get());
            case "back" -> choice.back(cells.get(), reach(named));
            default -> choice.drop(cells.get(), reach(named));
        };
    }

    private void whenSettled(Runnable act) {
        desk.settledProperty().addListener(new ChangeListener<>() {
            @Override
            public void changed(ObservableValue<? extends Boolean> settled, Boolean was, Boolean is) {
                if (is) {
                    settled.removeListener(this);
                    act.run();
                }
            }
        });
    }

    /** What is named or selected is meant as it is; what is at the needle with its siblings. */
    private Reach reach(boolean named) {
        return named || !choice.isEmpty() ? Reach.THIS_ONE : choice.reach();
    }

    /** What of the words is the well: a name of the colourway that they begin with, or their first. */
    private String wellOf(String rest) {
        String lower = rest.toLowerCase(Locale.ROOT);
        return desk.design().colourway().wells().stream()
                .map(w -> w.name().toLowerCase(Locale.ROOT))
                .filter(n -> lower.equals(n) || lower.startsWith(n + " "))
                .findFirst()
                .orElse(rest.split("\\s+", 2)[0]);
    }

    /** How many pieces a word would be done to, with all that it reaches; empty while that is not known. */
    String told(String word, String rest) {
        if (word.equals("divide")
                || word.equals("round") && rest.matches("\\d.*")
                || choice.mosaic().isEmpty()) {
            return "";
        }
        String which = word.equals("fill")
                ? rest.substring(wellOf(rest).length()).strip()
                : word.equals("like") ? rest.replaceFirst("^\\S+\\s*", "") : rest;
        Mosaic mosaic = choice.mosaic().get();
        return cells(which)
                .map(cells -> cells.stream()
                        .flatMap(c -> reach(!which.isEmpty()) == Reach.THIS_ONE
                                ? Stream.of(c)
                                : choice.siblings(c, choice.reach()).stream())
                        .map(mosaic::pieceOf)
                        .distinct()
                        .count())
                .map(count -> Numerals.counted(count.intValue(), "piece"))
                .orElse("");
    }

    /** Fills with the well whose number or name comes first, those that the rest names; {@code none} or 0 takes the fill away. */
    private boolean fill(String rest) {
        String first = wellOf(rest);
        String which = rest.substring(first.length()).strip();
        Optional<Integer> well = first.equals("0") || first.equalsIgnoreCase("none")
                ? Optional.of(0)
                : desk.design().colourway().number(first);
        Optional<List<Integer>> cells = cells(which);
        if (well.isEmpty() || cells.isEmpty()) {
            desk.warn(well.isEmpty() ? "Say the number or the name of a well: fill 4 ring 2." : WHICH);
            return false;
        }
        return meant(which)
                .map(name -> choice.fill(name, well.get()))
                .orElseGet(() -> choice.fill(cells.get(), well.get(), reach(!which.isEmpty())));
    }

    /** Gives what is selected, or named behind it, the look of the piece whose number comes first. */
    private boolean like(String rest) {
        String[] words = rest.split("\\s+", 2);
        Optional<Integer> model = numbered(words[0]);
        Optional<List<Integer>> cells = cells(words.length > 1 ? words[1] : "");
        if (model.isEmpty() || cells.isEmpty()) {
            desk.warn("Say the number of the piece whose look they take: like 7, or like 7 ring 2.");
            return false;
        }
        return choice.like(cells.get(), model.get(), reach(words.length > 1));
    }

    /** A cell of the piece of a number. */
    private Optional<Integer> numbered(String number) {
        Mosaic mosaic = choice.mosaic().orElseThrow();
        return mosaic.pieces().stream()
                .filter(p -> number.equals(String.valueOf(p.number())))
                .map(p -> p.cells().get(0))
                .findFirst();
    }

    /** Rounds corners of the piece at the needle, or of the first selected, by their numbers. */
    private boolean corners(String numbers) {
        Optional<Integer> cell = cells("").filter(c -> !c.isEmpty()).map(c -> c.get(0));
        if (cell.isEmpty()) {
            desk.warn("Put the pointer or the needle on a piece, or select it, to round corners of it.");
            return false;
        }
        List<Corner> all = choice.mosaic().orElseThrow().division().corners(cell.get());
        List<Corner> meant = new ArrayList<>();
        for (String number : numbers.trim().split("[\\s,]+")) {
            int place = number.length() > 4 ? 0 : Integer.parseInt(number);
            if (place < 1 || place > all.size()) {
                desk.warn(
                        all.isEmpty()
                                ? "This piece has no corners."
                                : "This piece has corners 1 to " + all.size() + ", clockwise from the top.");
                return false;
            }
            meant.add(all.get(place - 1));
        }
        return choice.round(List.of(cell.get()), meant, choice.reach());
    }

    /** All inside or outside a figure as one name, so that it holds however many they are; empty where they are pieces of a weave. */
    private Optional<PieceName> meant(String rest) {
        String[] words = rest.split("\\s+", 2);
        boolean inside = words[0].equalsIgnoreCase("inside");
        return inside || words[0].equalsIgnoreCase("outside")
                ? named(words)
                        .map(f -> PieceName.beside(f, inside))
                        .filter(n -> !choice.mosaic()
                                .orElseThrow()
                                .division()
                                .meant(n)
                                .isEmpty())
                : Optional.empty();
    }

    /** The cells that words mean; those selected, or the one at the needle, for none. */
    private Optional<List<Integer>> cells(String rest) {
        String lower = rest.toLowerCase(Locale.ROOT);
        String[] words = lower.split("\\s+", 2);
        if (lower.isEmpty()) {
            List<Integer> selected = choice.cells();
            Optional<Point> needle = desk.hoverProperty().get().place();
            return !selected.isEmpty()
                    ? Optional.of(selected)
                    : needle.flatMap(choice::at).map(List::of);
        }
        return switch (words[0]) {
            case "all" -> Optional.of(choice.cells(c -> true));
            case "chequer" ->
                Optional.of(new Chequer(choice.mosaic().orElseThrow().division()).cells());
            case "like" -> words.length > 1 ? numbered(words[1]).map(choice::alike) : Optional.empty();
            case "well" -> well(words.length > 1 ? words[1] : "");
            case "ring", "rings" -> rings(words.length > 1 ? words[1] : "");
            case "inside", "outside" ->
                meant(rest)
                        .map(choice.mosaic().orElseThrow().division()::meant)
                        .or(() -> figure(rest.split("\\s+", 2)).map(paths -> {
                            boolean inside = words[0].equals("inside");
                            return choice.cells(c -> paths.stream().anyMatch(p -> p.winding(c.inner()) != 0) == inside);
                        }));
            default -> Optional.empty();
        };
    }

    /** The cells of pieces that have the colour of a well, however they came by it. */
    private Optional<List<Integer>> well(String text) {
        Inlay inlay = choice.inlay().orElseThrow();
        Mosaic mosaic = inlay.mosaic();
        return desk.design().colourway().number(text).map(number -> {
            Colour colour = desk.design().colourway().well(number).colour();
            List<Integer> cells = new ArrayList<>();
            for (int i = 0; i < mosaic.pieces().size(); i++) {
                boolean has = inlay.colours()
                        .get(i)
                        .flatMap(Fill::within)
                        .filter(f -> !(f instanceof NoFill) && f.colour().equals(colour))
                        .isPresent();
                if (has) {
                    cells.addAll(mosaic.pieces().get(i).cells());
                }
            }
            return cells;
        });
    }

    private Optional<List<Integer>> rings(String numbers) {
        List<Integer> all = new ArrayList<>();
        for (String number : numbers.split("[\\s,]+|and")) {
            if (!number.isEmpty() && !number.matches("\\d{1,6}")) {
                return Optional.empty();
            }
            if (!number.isEmpty()) {
                all.addAll(choice.ring(Integer.parseInt(number)));
            }
        }
        return all.isEmpty() ? Optional.empty() : Optional.of(all);
    }

    /** The id of the figure whose name stands behind a word. */
    private Optional<String> named(String[] words) {
        return words.length < 2
                ? Optional.empty()
                : desk.root().names().entrySet().stream()
                        .filter(e -> e.getValue().equalsIgnoreCase(words[1]))
                        .map(Map.Entry::getKey)
                        .findFirst();
    }

    /** The closed lines of a figure named. */
    private Optional<List<Path>> figure(String[] words) {
        return named(words)
                .map(figure -> desk.resolved().setOut().spread().lines().stream()
                        .filter(l -> l.key().figure().equals(figure))
                        .map(Laid::path)
                        .filter(Path::closed)
                        .toList());
    }
}
