package org.hyphantes.exchange.dxf;

import java.util.List;
import java.util.Map;
import org.hyphantes.setting.Quoted;

/** What stands round the entities: header, tables, blocks and the root dictionary, as little of each as readers insist on. */
final class DxfDocument {
    /** Entities have handles from here on. */
    static final int FIRST_FREE = 0x100;

    /** The record of the block that entities belong to. */
    static final String MODEL = "1F";

    private static final String PAPER = "1B";

    /** Colours by their numbers, one for each pass: red, blue, green, magenta, cyan, and grey. */
    private static final int[] COLOURS = {1, 5, 3, 6, 4, 8};

    private DxfDocument() {}

    static String around(DxfText entities, List<String> layers, Map<String, String> told) {
        DxfText text = new DxfText(0x40);
        told.forEach((term, words) -> text.add(999, term + ": " + Quoted.sound(words)));
        section(text, "HEADER");
        text.add(9, "$ACADVER").add(1, "AC1015");
        text.add(9, "$HANDSEED").add(5, entities.seed());
        text.add(9, "$INSUNITS").add(70, "4");
        text.add(9, "$MEASUREMENT").add(70, "1");
        end(text);
        section(text, "CLASSES");
        end(text);
        section(text, "TABLES");
        tables(text, layers);
        end(text);
        section(text, "BLOCKS");
        block(text, "*Model_Space", MODEL, "20", "21");
        block(text, "*Paper_Space", PAPER, "1C", "1D");
        end(text);
        section(text, "ENTITIES");
        text.append(entities);
        end(text);
        section(text, "OBJECTS");
        text.add(0, "DICTIONARY").add(5, "C").add(330, "0").add(100, "AcDbDictionary");
        text.add(281, "1").add(3, "ACAD_GROUP").add(350, "D");
        text.add(0, "DICTIONARY").add(5, "D").add(330, "C").add(100, "AcDbDictionary");
        text.add(281, "1");
        end(text);
        return text.add(0, "EOF").toString();
    }

    private static void section(DxfText text, String name) {
        text.add(0, "SECTION").add(2, name);
    }

    private static void end(DxfText text) {
        text.add(0, "ENDSEC");
    }

    private static void table(DxfText text, String name, String handle, int count, Runnable records) {
        text.add(0, "TABLE").add(2, name).add(5, handle).add(330, "0");
        text.add(100, "AcDbSymbolTable").add(70, String.valueOf(count));
        records.run();
        text.add(0, "ENDTAB");
    }

    private static DxfText entry(DxfText text, String kind, String table, String sort, String name) {
        return record(text, kind, null, table, sort, name).add(70, "0");
    }

    private static DxfText record(DxfText text, String kind, String own, String table, String sort, String name) {
        text.add(0, kind);
        if (own == null) {
            text.handle();
        } else {
            text.add(5, own);
        }
        text.add(330, table).add(100, "AcDbSymbolTableRecord").add(100, sort);
        return text.add(2, name);
    }

    private static void tables(DxfText text, List<String> layers) {
        table(text, "VPORT", "8", 0, () -> {});
        table(text, "LTYPE", "5", 3, () -> {
            for (String name : List.of("ByBlock", "ByLayer", "Continuous")) {
                entry(text, "LTYPE", "5", "AcDbLinetypeTableRecord", name);
                text.add(3, "").add(72, "65").add(73, "0").add(40, "0");
            }
        });
        table(text, "LAYER", "2", layers.size() + 1, () -> {
            layer(text, "0", 7);
            for (int i = 0; i < layers.size(); i++) {
                layer(text, layers.get(i), COLOURS[i % COLOURS.length]);
            }
        });
        table(text, "STYLE", "3", 1, () -> {
            entry(text, "STYLE", "3", "AcDbTextStyleTableRecord", "Standard");
            text.add(40, "0").add(41, "1").add(50, "0").add(71, "0").add(42, "2.5");
            text.add(3, "txt").add(4, "");
        });
        table(text, "VIEW", "6", 0, () -> {});
        table(text, "UCS", "7", 0, () -> {});
        table(text, "APPID", "9", 1, () -> entry(text, "APPID", "9", "AcDbRegAppTableRecord", "ACAD"));
        text.add(0, "TABLE").add(2, "DIMSTYLE").add(5, "A").add(330, "0");
        text.add(100, "AcDbSymbolTable").add(70, "0").add(100, "AcDbDimStyleTable");
        text.add(0, "ENDTAB");
        table(text, "BLOCK_RECORD", "1", 2, () -> {
            record(text, "BLOCK_RECORD", MODEL, "1", "AcDbBlockTableRecord", "*Model_Space");
            record(text, "BLOCK_RECORD", PAPER, "1", "AcDbBlockTableRecord", "*Paper_Space");
        });
    }

    private static void layer(DxfText text, String name, int colour) {
        entry(text, "LAYER", "2", "AcDbLayerTableRecord", name);
        text.add(62, String.valueOf(colour)).add(6, "Continuous");
    }

    private static void block(DxfText text, String name, String record, String begin, String end) {
        text.add(0, "BLOCK").add(5, begin).add(330, record).add(100, "AcDbEntity");
        text.add(8, "0").add(100, "AcDbBlockBegin").add(2, name).add(70, "0");
        text.add(10, "0").add(20, "0").add(30, "0").add(3, name).add(1, "");
        text.add(0, "ENDBLK").add(5, end).add(330, record).add(100, "AcDbEntity");
        text.add(8, "0").add(100, "AcDbBlockEnd");
    }
}
