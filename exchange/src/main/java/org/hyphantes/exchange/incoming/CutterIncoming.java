package org.hyphantes.exchange.incoming;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.hyphantes.geometry.Affine;
import org.hyphantes.geometry.Box;
import org.hyphantes.geometry.Curve;
import org.hyphantes.geometry.PathPen;
import org.hyphantes.machine.CannotRun;
import org.hyphantes.machine.Program;
import org.hyphantes.machine.Readers;

/** Drawing files (DXF), plotter files and machine code: each stroke of the tool is a path, its middle laid about the centre. */
final class CutterIncoming implements Incoming {
    /** Ends that lie nearer (mm) than this are one. */
    private static final double NEAR = 1e-4;

    @Override
    public List<String> endings() {
        return readers().map(Readers.Reader::ending).toList();
    }

    /** Those of files that only machines read. */
    private static Stream<Readers.Reader> readers() {
        return Readers.EACH.stream().filter(r -> !r.isPage());
    }

    @Override
    public Arrival read(byte[] bytes) throws CannotBring {
        String text = new String(bytes, StandardCharsets.UTF_8);
        CannotRun last = null;
        for (Readers.Reader reader : readers().toList()) {
            try {
                return arrival(reader.read(text)).checked();
            } catch (CannotRun e) {
                last = last == null ? e : last;
            } catch (IllegalArgumentException e) {
                throw new CannotBring("The file has a curve that is none: " + e.getMessage() + ".");
            }
        }
        throw new CannotBring(last.getMessage());
    }

    private static Arrival arrival(Program program) {
        List<List<Curve>> strokes =
                program.work().stream().filter(s -> !s.isEmpty()).toList();
        Box box =
                Box.round(strokes.stream().flatMap(List::stream).map(Curve::box).toList());
        // Upwards is up there, and down here.
        Affine map = new Affine(1, 0, 0, -1, -box.centre().x(), box.centre().y());
        List<Arrival.Shape> shapes = new ArrayList<>();
        for (List<Curve> stroke : strokes) {
            List<Curve> curves = stroke.stream().map(c -> c.map(map)).toList();
            boolean closed =
                    curves.get(curves.size() - 1).end().distance(curves.get(0).start()) < NEAR;
            shapes.add(Arrival.Shape.bare(PathPen.chained(curves, closed)));
        }
        Map<String, Integer> left = new LinkedHashMap<>();
        program.unread().forEach(u -> left.merge(u.replaceAll("^\\d+ ", ""), count(u), Integer::sum));
        return new Arrival(shapes, left);
    }

    private static int count(String unread) {
        String number = unread.replaceAll("[^\\d].*", "");
        return number.isEmpty() ? 1 : Integer.parseInt(number);
    }
}
