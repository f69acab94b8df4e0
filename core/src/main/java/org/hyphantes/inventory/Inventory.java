package org.hyphantes.inventory;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.hyphantes.design.Artwork;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Point;
import org.hyphantes.geometry.Watch;
import org.hyphantes.piece.Hanging;
import org.hyphantes.piece.Mosaic;
import org.hyphantes.piece.Tessera;
import org.hyphantes.symmetry.Turning;
import org.hyphantes.treatment.Inlay;
import org.hyphantes.treatment.Laid;
import org.hyphantes.treatment.Laying;
import org.hyphantes.treatment.Work;
import org.hyphantes.weave.Chequerboard;
import org.hyphantes.weave.Crossing;
import org.hyphantes.weave.Grounds;
import org.hyphantes.weave.Strand;
import org.hyphantes.weave.UnderGroup;
import org.hyphantes.weave.Weave;

/** All strands and crossings of a design, lettered throughout, and what can be proven of them. */
public final class Inventory {
    private final Work work;
    private final List<Laying> weaves;
    private final List<StrandRow> strands = new ArrayList<>();
    private final List<CrossingRow> crossings = new ArrayList<>();
    private final List<StrandRow> woven;
    private final double strandInAll;
    private final boolean alternates;
    private final Optional<Turning> turning;
    private final Optional<UnderGroup> underGroup;

    /** Of more crossings it is not told what a group does to them. */
    private static final int MOST_CARRIED = 5_000;

    private Inventory(Work work) {
        this.work = work;
        this.weaves = work.woven();
        for (int w = 0; w < weaves.size(); w++) {
            weave(weaves.get(w), w);
        }
        woven = List.copyOf(strands);
        underGroup = groupOnWeave();
        alternates = weaves.stream().allMatch(l -> l.weave().alternates());
        turning = weaves.stream()
                .findFirst()
                .flatMap(l -> l.weave().symmetry().turning())
                .filter(t -> t.count() > 1);
        strandInAll = woven.stream().mapToDouble(s -> s.path().length()).sum();
        for (Laid laid : work.lines()) {
            strands.add(new StrandRow(
                    Strand.letter(strands.size()), laid.key(), -1, -1, laid.path(), Optional.empty(), List.of()));
        }
    }

    public static Inventory of(Artwork artwork) {
        return new Inventory(artwork.work());
    }

    private void weave(Laying laying, int number) {
        Weave weave = laying.weave();
        int before = strands.size();
        List<String> letters = IntStream.range(before, before + weave.strands().size())
                .mapToObj(Strand::letter)
                .toList();
        boolean there = laying.placed().equals(Affine.IDENTITY);
        for (int s = 0; s < weave.strands().size(); s++) {
            Strand strand = weave.strands().get(s);
            strands.add(new StrandRow(
                    letters.get(s),
                    strand.key(),
                    number,
                    s,
                    there ? strand.path() : strand.path().map(laying.placed()),
                    strand.onward(),
                    weave.passes(s)));
        }
        for (Crossing crossing : weave.crossings()) {
            Point place = laying.placed().of(crossing.place());
            crossings.add(new CrossingRow(place, letters.get(crossing.over()), letters.get(crossing.under())));
        }
    }

    /** All strands, those woven first. */
    public List<StrandRow> strands() {
        return Collections.unmodifiableList(strands);
    }

    /** The strands that are woven. */
    public List<StrandRow> woven() {
        return woven;
    }

    public List<CrossingRow> crossings() {
        return Collections.unmodifiableList(crossings);
    }

    /** A crossing by the numbers of its weave, and within that. */
    public Optional<CrossingRow> crossing(int weave, int meet) {
        int before = 0;
        for (int w = 0; w < Math.min(weave, weaves.size()); w++) {
            before += weaves.get(w).weave().crossings().size();
        }
        return weave >= 0 && meet >= 0 && before + meet < crossings.size()
                ? Optional.of(crossings.get(before + meet))
                : Optional.empty();
    }

    /** How many pieces are there, without those that were dropped. */
    public int kept() {
        return work.mosaics().stream().mapToInt(m -> m.mosaic().kept().size()).sum();
    }

    /** How many courses the weaves have. */
    public int courses() {
        return weaves.stream().mapToInt(l -> l.weave().courses().size()).sum();
    }

    /** All pieces, those of one mosaic after another. */
    public List<PieceRow> pieces() {
        List<PieceRow> rows = new ArrayList<>();
        for (Inlay inlay : work.mosaics()) {
            Mosaic mosaic = inlay.mosaic();
            Hanging hanging = new Hanging(mosaic);
            for (int i = 0; i < mosaic.pieces().size(); i++) {
                Tessera piece = mosaic.pieces().get(i);
                String state =
                        piece.dropped() ? "dropped" : piece.isGone() ? "gone" : hanging.isLoose(i) ? "loose" : "kept";
                rows.add(new PieceRow(
                        piece.number(),
                        piece.ring(),
                        piece.area(),
                        mosaic.beside(i).entrySet().stream()
                                .map(b -> new PieceRow.Beside(
                                        mosaic.pieces().get(b.getKey()).number(), b.getValue()))
                                .toList(),
                        state,
                        mosaic.division().name(piece.cells().get(0)).text()));
            }
        }
        return rows;
    }

    /** The length (mm) of all woven strands together. */
    public double strandInAll() {
        return strandInAll;
    }

    /** Whether over and under alternate along every strand. */
    public boolean alternates() {
        return alternates;
    }

    /** The turns that carry the first weave to itself. */
    public Optional<Turning> turning() {
        return turning;
    }

    /** The determinant of the one weave that is the whole design; empty when there is no such weave or it has none. */
    public Optional<BigInteger> determinant() {
        return weaves.size() == 1 && work.lines().isEmpty()
                ? Chequerboard.determinant(weaves.get(0).weave())
                : Optional.empty();
    }

    /** Whether all that is told is of one tile of a cloth. */
    public boolean isOfATile() {
        return work.cloth().isPresent();
    }

    /** What the group of a cloth does to its one weave; empty without one, where crossings are broken, and for very many of them. */
    public Optional<UnderGroup> underGroup() {
        return underGroup;
    }

    private Optional<UnderGroup> groupOnWeave() {
        return isOfATile()
                        && weaves.size() == 1
                        && weaves.get(0).weave().broken().isEmpty()
                        && crossings.size() <= MOST_CARRIED
                ? Optional.of(UnderGroup.of(weaves.get(0).weave()))
                : Optional.empty();
    }

    /** All enclosed grounds; those of a weave whose bands cannot be united are left out and counted. */
    public GroundRows grounds(Watch watch) {
        List<Double> areas = new ArrayList<>();
        int untold = 0;
        for (Laying laying : weaves) {
            watch.step();
            double scale = Math.abs(laying.placed().determinant());
            try {
                Watch.over(watch, () -> Grounds.of(laying.weave())).forEach(g -> areas.add(g.area() * scale));
            } catch (IllegalStateException | IllegalArgumentException e) {
                untold++;
            }
        }
        areas.sort(Comparator.reverseOrder());
        return new GroundRows(areas, untold);
    }
}
