package org.hyphantes.design;

import java.util.List;
import org.hyphantes.setting.Amount;
import org.hyphantes.setting.Described;
import org.hyphantes.setting.Kind;
import org.hyphantes.setting.Schema;
import org.hyphantes.setting.Setting;

/** What a design is made in, and the narrowest width (mm) that bears, by which the gauges judge. */
public record Making(Material material, Amount narrowest) implements Described {
    private static final Schema<Making> SCHEMA = new Schema<>(
                    Making.class,
                    "material",
                    "Made in {material}, nothing narrower than {narrowest}.",
                    List.of(
                            Setting.of(Making.class, "material"),
                            Setting.of(Making.class, "narrowest", new Kind.Length(0.001, 1e4))))
            .because("What is narrower than the material bears breaks; the gauges tell where.");

    /** A material with the limit that it starts with. */
    public static Making in(Material material) {
        return new Making(material, Amount.of(material.narrowest()));
    }

    @Override
    public Schema<Making> schema() {
        return SCHEMA;
    }

    /** This one, or another, with the limit that its material starts with where only the material was changed. */
    Making changedTo(Making other) {
        return other.material != material && other.narrowest.equals(narrowest) ? in(other.material) : other;
    }
}
