package org.hyphantes.treatment;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.hyphantes.paint.Colourway;
import org.hyphantes.setting.CannotRead;
import org.hyphantes.setting.Entry;
import org.hyphantes.setting.Kept;
import org.hyphantes.weave.Break;
import org.hyphantes.weave.CrossingReference;
import org.hyphantes.weave.Pin;
import org.hyphantes.weave.Reach;
import org.hyphantes.weave.StrandFill;
import org.hyphantes.weave.StrandKey;
import org.hyphantes.weave.Way;

/** How the crossings that an interlacing has pinned and broken, and the strands that it has filled, are told as plain values. */
final class CrossingEntries {
    static final Kept<Interlace, Pin> PINS = new Kept<>(
            "pins",
            Interlace::pins,
            Interlace::withPins,
            pin -> {
                Map<String, Object> told = crossing(pin.place());
                told.put("over", pin.firstOver() ? Side.FIRST.word() : Side.SECOND.word());
                told.put("reach", Entry.word(pin.reach()));
                return told;
            },
            entry -> new Pin(
                    crossing(entry),
                    entry.choice("over", Side.class) == Side.FIRST,
                    entry.choice("reach", Reach.class)));

    static final Kept<Interlace, Break> BREAKS = new Kept<>(
            "breaks",
            Interlace::breaks,
            Interlace::withBreaks,
            cut -> {
                Map<String, Object> told = crossing(cut.place());
                told.put("way", Entry.word(cut.way()));
                told.put("reach", Entry.word(cut.reach()));
                return told;
            },
            entry -> new Break(crossing(entry), entry.choice("way", Way.class), entry.choice("reach", Reach.class)));

    static final Kept<Interlace, StrandFill> FILLS = new Kept<>(
            "fills",
            Interlace::fills,
            Interlace::withFills,
            fill -> {
                Map<String, Object> told = new LinkedHashMap<>();
                told.put("strand", strand(fill.strand()));
                told.put("well", fill.well());
                told.put("reach", Entry.word(fill.reach()));
                return told;
            },
            entry -> new StrandFill(
                    strand(entry.entry("strand")),
                    entry.count("well", Colourway.WELLS),
                    entry.choice("reach", Reach.class)));

    private CrossingEntries() {}

    /** Which of the two strands of a crossing lies over. */
    private enum Side {
        FIRST,
        SECOND;

        String word() {
            return Entry.word(this);
        }
    }

    private static Map<String, Object> crossing(CrossingReference place) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("first", strand(place.first()));
        told.put("second", strand(place.second()));
        told.put("ordinal", place.ordinal());
        return told;
    }

    private static CrossingReference crossing(Entry entry) throws CannotRead {
        return new CrossingReference(
                strand(entry.entry("first")), strand(entry.entry("second")), entry.count("ordinal"));
    }

    private static Map<String, Object> strand(StrandKey key) {
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("figure", key.figure());
        if (!key.parts().isEmpty()) {
            told.put("parts", key.parts());
        }
        told.put("copies", key.copies());
        return told;
    }

    private static StrandKey strand(Entry entry) throws CannotRead {
        List<Integer> parts = entry.has("parts") ? entry.counts("parts") : List.of();
        return new StrandKey(entry.text("figure"), parts, entry.counts("copies"));
    }
}
