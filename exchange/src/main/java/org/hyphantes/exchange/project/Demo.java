package org.hyphantes.exchange.project;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.hyphantes.design.Design;

/** The demo designs that come with the application, as project files among its resources. */
public enum Demo {
    TIDE_RING("Tide Ring", "a ring of eight circles and a wide one"),
    FERRYMANS_PLAIT("Ferryman's Plait", "a plait panel with breaks"),
    STAITH("Staith", "three circles with a ring through them"),
    EDDY("Eddy", "the same with its outer arcs dropped"),
    SLUICE_GATE("Sluice Gate", "two circles and four lines"),
    TWO_TIDES("Two Tides", "an infinity loop of two ovals"),
    TOLLKEY("Tollkey", "four linked ovals"),
    WEIR("Weir", "a star of twelve tips, joining every fifth"),
    NINE_BOLLARDS("Nine Bollards", "the knot of a network drawn by hand"),
    QUERN("Quern", "a ring plait with a ring through it"),
    GUNWALE("Gunwale", "a frame of plait"),
    TOWPATH("Towpath", "a plait along a rounded box"),
    LONG_SPLICE("Long Splice", "two waves that taper"),
    LANTERN_SCREEN("Lantern Screen", "a star in pieces, two of its rings dropped"),
    SLACK_WATER_TILE("Slack Water Tile", "three waves each way, woven across the seams of a tile"),
    EEL_TRAP("Eel Trap", "one line, woven in three directions by a group with sixths of a turn"),
    CROWFOOT("Crowfoot", "leaves through a ring, in a half-drop"),
    LOGBOOK_CORNER("Logbook Corner", "a plate of leather with tapered scrolls, mirrored in its diagonal");

    private final String title;
    private final String what;

    Demo(String title, String what) {
        this.title = title;
        this.what = what;
    }

    public String title() {
        return title;
    }

    /** What it is made of, in a few words. */
    public String what() {
        return what;
    }

    public Design design() {
        String name = name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
        try (InputStream in =
                Demo.class.getResourceAsStream("/org/hyphantes/exchange/demo/" + name + ProjectFile.ENDING)) {
            return ProjectFile.read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException | CannotOpen e) {
            throw new IllegalStateException("the demo " + title + " came damaged with the application", e);
        }
    }
}
