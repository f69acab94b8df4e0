package org.hyphantes.paint;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Quoted;

/**
 * Colourways as an open text: a line {@code Colourway NAME}, then a line for each well, {@code 1 bone #EDE6D6}, with what a printer
 * calls it behind a semicolon. Empty lines are passed over.
 */
public final class ColourwayText {
    private static final String HEAD = "colourway ";
    private static final Pattern LINE = Pattern.compile("(\\d{1,2})\\s+(.+)");
    private static final Pattern WELL =
            Pattern.compile("(?:(.*?)\\s+)?(hsl\\([^)]*\\)|\\S+)", Pattern.CASE_INSENSITIVE);
    private static final int MOST = 60;

    private ColourwayText() {}

    public static String write(Colourway colourway) {
        StringBuilder text = new StringBuilder("Colourway " + colourway.name() + "\n");
        for (int i = 0; i < Colourway.WELLS; i++) {
            text.append(i + 1)
                    .append(' ')
                    .append(colourway.wells().get(i).text())
                    .append('\n');
        }
        return text.toString();
    }

    /**
     * Reads a colourway; wells that it lacks keep the colours of the starting one.
     *
     * @throws CannotRead with the number of the line that cannot be read
     */
    public static Colourway read(String text) throws CannotRead {
        String name = "My colourway";
        Well[] wells = new Well[Colourway.WELLS];
        String[] lines = text.split("\r?\n", -1);
        int found = 0;
        for (int i = 0; i < lines.length; i++) {
            String line = lines[i].strip();
            String at = "line " + (i + 1);
            if (line.isEmpty()) {
                continue;
            }
            if (line.toLowerCase(Locale.ROOT).startsWith(HEAD)) {
                name = name(line.substring(HEAD.length()).strip(), at);
                continue;
            }
            Matcher matcher = LINE.matcher(line);
            if (!matcher.matches()) {
                throw new CannotRead(at, Quoted.of(line) + " is no well: write it like 3 slack green #7DAE9A.");
            }
            int number = Integer.parseInt(matcher.group(1));
            if (number < 1 || number > Colourway.WELLS) {
                throw new CannotRead(at, "wells are numbered from 1 to " + Colourway.WELLS + ", not " + number + ".");
            }
            wells[number - 1] = well(matcher.group(2), at);
            found++;
        }
        if (found == 0) {
            throw new CannotRead("line 1", "there is no well in it: write each like 3 slack green #7DAE9A.");
        }
        List<Well> all = new ArrayList<>();
        for (int i = 0; i < wells.length; i++) {
            all.add(wells[i] == null ? Colourway.QUAY.wells().get(i) : wells[i]);
        }
        return new Colourway(name, all);
    }

    /**
     * Reads a well as {@link Well#text} has it.
     *
     * @param at what to call its place in a message
     */
    public static Well well(String text, String at) throws CannotRead {
        int semicolon = text.indexOf(';');
        String label = semicolon < 0 ? "" : name(text.substring(semicolon + 1).strip(), at);
        String own = semicolon < 0 ? text.strip() : text.substring(0, semicolon).strip();
        Matcher matcher = WELL.matcher(own);
        if (!matcher.matches()) {
            throw new CannotRead(at, Quoted.of(own) + " is no colour: " + ColourText.WANTED + ".");
        }
        Colour colour = ColourText.read(matcher.group(2))
                .orElseThrow(() ->
                        new CannotRead(at, Quoted.of(matcher.group(2)) + " is no colour: " + ColourText.WANTED + "."));
        String name = matcher.group(1) == null ? "" : name(matcher.group(1).strip(), at);
        return new Well(name.isEmpty() ? colour.hex().toLowerCase(Locale.ROOT) : name, colour, label);
    }

    private static String name(String text, String at) throws CannotRead {
        if (text.length() > MOST || Quoted.isUnsound(text)) {
            throw new CannotRead(at, Quoted.of(text) + " is no name that can be shown.");
        }
        return text;
    }
}
