package org.hyphantes.treatment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.hyphantes.cut.Job;
import org.hyphantes.cut.Machine;
import org.hyphantes.cut.Pass;
import org.hyphantes.design.Handing;
import org.hyphantes.figure.Form;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Scope;
import org.hyphantes.setting.Unit;
import org.junit.jupiter.api.Test;

/** What figures and treatments say of themselves. */
class SettingsTest {
    /** The slots that stand in the sentence, or would if one of its words, a figure or a count were chosen otherwise. */
    private static Set<String> slots(Described thing) throws Exception {
        var schema = thing.schema();
        List<Object> told = new ArrayList<>(List.of(thing));
        for (String key : schema.keys()) {
            if (schema.kind(key) instanceof Kind.Choice choice) {
                for (String word : choice.words()) {
                    told.add(schema.read(thing, key, word, Scope.PLAIN).value());
                }
            } else if (schema.kind(key) instanceof Kind.Count count) {
                told.add(schema.read(thing, key, String.valueOf(count.most()), Scope.PLAIN)
                        .value());
            }
        }
        Scope named = new Scope(Map.of(), Unit.MM, 0, Map.of("f0", "Guide"));
        for (Object one : List.copyOf(told)) {
            for (String key : schema.keys()) {
                if (schema.kind(key) instanceof Kind.Figure figure && !figure.many()) {
                    told.add(schema.read((Described) one, key, "Guide", named).value());
                }
            }
        }
        Set<String> slots = new TreeSet<>();
        for (Object one : told) {
            List<String> here = schema.sentence(one, Scope.PLAIN).stream()
                    .filter(p -> p.isSlot())
                    .map(p -> p.key())
                    .toList();
            assertThat(here).as("once each").doesNotHaveDuplicates();
            slots.addAll(here);
        }
        return slots;
    }

    /** Every figure and treatment: each setting can be read back from what it would be typed as, and stands in the sentence. */
    @Test
    void everySettingRoundTripsAndStandsInItsSentence() throws Exception {
        List<Described> all = new ArrayList<>(Form.EACH);
        all.addAll(Treatment.each());
        all.addAll(List.of(Job.on(Machine.GANNET_MILL), Pass.CUT, Handing.STARTING));
        for (Described thing : all) {
            var schema = thing.schema();
            assertThat(slots(thing)).containsExactlyInAnyOrderElementsOf(schema.keys());
            for (String key : schema.keys()) {
                for (var unit : Unit.values()) {
                    Scope scope = new Scope(Map.of(), unit);
                    Object again = schema.read(thing, key, schema.typed(thing, key, scope), scope)
                            .value();
                    Object value = ((Described) again).schema().value(again, key);
                    Object was = schema.value(thing, key);
                    if (was instanceof Amount amount) {
                        assertThat(((Amount) value).value())
                                .as(schema.word() + "." + key)
                                .isCloseTo(amount.value(), within(1e-6));
                    } else {
                        assertThat(value).isEqualTo(was);
                    }
                }
            }
        }
    }
}
