package org.hyphantes.weave;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.Path;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.offset.Ends;
import org.hyphantes.geometry.offset.WidthProfile;
import org.hyphantes.symmetry.Lattice;

/**
 * One strand: its letter, what it is, its centre line, and its band.
 *
 * @param onward on a cloth, by how many tiles the strand goes on from its end as from its start; none for one that is closed or ends
 */
public record Strand(String name, StrandKey key, Path path, BandStyle band, Optional<Lattice.Steps> onward) {
    public Strand(String name, StrandKey key, Path path, BandStyle band) {
        this(name, key, path, band, Optional.empty());
    }

    /** A strand of even width (mm). */
    public Strand(String name, StrandKey key, Path path, double width, Ends ends) {
        this(name, key, path, BandStyle.even(width, ends));
    }

    /** Whether it has no end: it is closed, or goes on and on over a cloth. */
    public boolean isRound() {
        return path.closed() || onward.isPresent();
    }

    /** The path of one that goes on and on over a cloth, for so many laps. */
    public Path laps(Lattice lattice, int count) {
        List<Curve> curves = new ArrayList<>();
        for (int lap = 0; lap < count; lap++) {
            Point by = lattice.shift(onward.orElseThrow().times(lap));
            curves.addAll(path.map(Affine.shift(by)).curves());
        }
        return new Path(curves, false);
    }

    Strand lettered(String letter) {
        return new Strand(letter, key, path, band, onward);
    }

    Strand banded(BandStyle other) {
        return new Strand(name, key, path, other, onward);
    }

    /** The letters of the strands in order: A to Z, then AA, AB and so on. */
    public static String letter(int index) {
        String last = String.valueOf((char) ('A' + index % 26));
        return index < 26 ? last : letter(index / 26 - 1) + last;
    }

    /** The place in order of a strand by its letter; 0 for what is no letter of a strand. */
    public static int index(String letters) {
        int index = 0;
        for (char c : letters.strip().toUpperCase(Locale.ROOT).toCharArray()) {
            if (c < 'A' || c > 'Z' || index > 1_000_000) {
                return 0;
            }
            index = 26 * index + c - 'A' + 1;
        }
        return Math.max(0, index - 1);
    }

    /** The greatest width of its band, in mm. */
    public double width() {
        return band.widths().widest();
    }

    public Ends ends() {
        return band.ends();
    }

    /** The width (mm) of its band at a position on its path. */
    public double width(double position) {
        WidthProfile widths = band.widths();
        return widths.isEven() ? widths.widest() : widths.width(path.lengthTo(position) / path.length());
    }
}
