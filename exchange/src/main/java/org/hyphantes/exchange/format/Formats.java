package org.hyphantes.exchange.format;

import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.hyphantes.exchange.code.CodeFormat;
import org.hyphantes.exchange.dxf.DxfFormat;
import org.hyphantes.exchange.pdf.PdfFormat;
import org.hyphantes.exchange.plotter.PlotterFormat;
import org.hyphantes.exchange.raster.PngFormat;
import org.hyphantes.exchange.svg.SvgFormat;
import org.hyphantes.machine.Readers;

/** All formats there are; the first is the one that is offered. */
public final class Formats {
    public static final List<Format> EACH = List.of(
            SvgFormat.FORMAT,
            PdfFormat.FORMAT,
            PngFormat.FORMAT,
            DxfFormat.FORMAT,
            PlotterFormat.FORMAT,
            CodeFormat.FORMAT);

    private Formats() {}

    /** Those that machines read, first those that nothing else does. */
    public static List<Format> forMachines() {
        return EACH.stream()
                .filter(f -> Readers.of(f.ending()).isPresent())
                .sorted(Comparator.comparing(f -> !(f instanceof MachineFormat)))
                .toList();
    }

    /** The format of a file, by its ending. */
    public static Optional<Format> of(Path file) {
        String name = file.toString().toLowerCase(Locale.ROOT);
        return EACH.stream().filter(f -> name.endsWith(f.ending())).findFirst();
    }

    /** The endings of all formats, in words: ".svg or .pdf". */
    public static String endings() {
        return EACH.stream().map(Format::ending).collect(Collectors.joining(" or "));
    }
}
