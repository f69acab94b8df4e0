package org.hyphantes.design;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.scene.Grouping;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Limits;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;
import org.hyphantes.treatment.Surroundings;

/**
 * How a design is handed over.
 *
 * @param extent how much of it goes out
 * @param figures those that go out, the strands, bands and areas made of them
 * @param painted whether with its fills, as outlines alone, or as the passes of a machine
 * @param grouped how its parts are put together and named in files that have groups
 * @param scale how large, in parts of its size
 * @param sheets on what pages a PDF goes out
 * @param overlap how much (mm) two pages beside one another show alike
 * @param maker who made it, or {@link #NONE}
 * @param licence under which it is handed over, or {@link #NONE}
 * @param resolution of a picture, in pixels to the inch (25.4 mm)
 */
public record Handing(
        Extent extent,
        String figures,
        Painted painted,
        Grouping.Way grouped,
        Amount scale,
        Sheets sheets,
        Amount overlap,
        Amount resolution,
        String maker,
        String licence)
        implements Described {
    /** The word for a maker or a licence that is not told. */
    public static final String NONE = "none";

    public static final Handing STARTING =
            new Handing(Extent.ALL_OF_IT, Painted.WITH_FILLS, Amount.of(1), Amount.of(300));

    /** On one page. */
    public Handing(Extent extent, Painted painted, Amount scale, Amount resolution) {
        this(
                extent,
                Surroundings.EVERY_FIGURE,
                painted,
                Grouping.Way.BY_STRAND,
                scale,
                Sheets.ONE_PAGE,
                Amount.of(10),
                resolution,
                NONE,
                NONE);
    }

    /** The millimetres of an inch. */
    public static final double INCH = 25.4;

    private static final Schema<Handing> SCHEMA = new Schema<>(
                    Handing.class,
                    "handing",
                    "",
                    List.of(
                            Setting.of(Handing.class, "extent"),
                            Setting.of(Handing.class, "figures", new Kind.Figure(Surroundings.EVERY_FIGURE, true)),
                            Setting.of(Handing.class, "painted"),
                            Setting.of(Handing.class, "grouped"),
                            Setting.of(Handing.class, "scale", new Kind.Number(0.001, 1000)),
                            Setting.of(Handing.class, "sheets"),
                            Setting.of(Handing.class, "overlap", new Kind.Length(0, 100)),
                            Setting.of(Handing.class, "resolution", new Kind.Count(10, 2400)),
                            Setting.of(Handing.class, "maker", new Kind.Text("who made it, or none", Limits.NAME)),
                            Setting.of(Handing.class, "licence", new Kind.Text("a licence, or none", Limits.NAME))))
            .telling(h -> "Hand over {extent}, {figures}, {painted}"
                    + (h.painted == Painted.AS_PASSES ? "" : ", grouped {grouped}")
                    + ", {scale} times its size; a PDF on {sheets}"
                    + (h.sheets == Sheets.ONE_PAGE ? "" : " with {overlap} seen twice")
                    + "; pictures with {resolution} pixels to the inch; maker {maker}, licence {licence}.")
            .because("What goes into the file, whatever its format.");

    /** How much of a design goes out. */
    public enum Extent {
        ALL_OF_IT,
        /** The smallest upright rectangle that repeats, so that laid edge to edge it makes the cloth. */
        ONE_TILE,
        /** That tile as a pattern which fills the cloth. */
        AS_A_PATTERN,
        /** Parts and copies as the job lays them, on a page as large as its bed. */
        AS_IT_LIES_ON_THE_BED;

        /** Whether all of a design goes out, and not one of its tiles. */
        public boolean isWhole() {
            return this == ALL_OF_IT || this == AS_IT_LIES_ON_THE_BED;
        }
    }

    /** On what pages a PDF goes out; sizes by ISO 216, and ANSI for letter paper. */
    public enum Sheets {
        /** As large as what goes out. */
        ONE_PAGE(0, 0),
        SHEETS_OF_A4(210, 297),
        SHEETS_OF_A3(297, 420),
        SHEETS_OF_LETTER_PAPER(215.9, 279.4);

        private final double width;
        private final double height;

        Sheets(double width, double height) {
            this.width = width;
            this.height = height;
        }

        /** The width (mm) of a sheet. */
        public double width() {
            return width;
        }

        /** The height (mm) of a sheet. */
        public double height() {
            return height;
        }
    }

    /** How areas go out. */
    public enum Painted {
        WITH_FILLS,
        AS_OUTLINES,
        /** What the machine follows, pass after pass. */
        AS_PASSES
    }

    /** What is told in a file beside the drawing: who made it, and under which licence; by the terms of Dublin Core (ISO 15836). */
    public Map<String, String> told() {
        Map<String, String> told = new LinkedHashMap<>();
        if (!maker.equals(NONE)) {
            told.put("creator", maker);
        }
        if (!licence.equals(NONE)) {
            told.put("rights", licence);
        }
        return told;
    }

    @Override
    public Schema<Handing> schema() {
        return SCHEMA;
    }
}
