package org.hyphantes.exchange.project;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import org.hyphantes.paint.Colourway;
import org.hyphantes.paint.ColourwayText;
import org.hyphantes.paint.Well;
import org.hyphantes.setting.CannotRead;

/** Reads the colourway of a design: its name, and its wells as an open text has them. */
final class ColourwayNode {
    private static final String AT = "/colourway";

    private ColourwayNode() {}

    /** The colourway of a design; the starting one where it has none of its own. */
    static Colourway read(JsonNode tree) throws CannotOpen {
        JsonNode node = tree.path("colourway");
        if (node.isMissingNode()) {
            return Colourway.QUAY;
        }
        Fields.only(node, AT, List.of("name", "wells"));
        String name = Fields.name(node, "name", AT);
        JsonNode wells = node.path("wells");
        if (!wells.isArray() || wells.size() != Colourway.WELLS) {
            throw Fields.at(AT + "/wells", "a list of " + Colourway.WELLS + " wells is wanted here.");
        }
        List<Well> all = new ArrayList<>();
        for (int i = 0; i < wells.size(); i++) {
            String at = AT + "/wells/" + i;
            try {
                all.add(ColourwayText.well(wells.get(i).asText(), at));
            } catch (CannotRead e) {
                throw Fields.at(at, e.getMessage());
            }
        }
        return new Colourway(name, all);
    }
}
