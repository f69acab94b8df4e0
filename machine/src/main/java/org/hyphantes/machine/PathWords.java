package org.hyphantes.machine;

import java.io.IOException;
import java.util.ArrayDeque;
import java.util.Deque;
import org.apache.batik.parser.ParseException;
import org.apache.batik.parser.PathParser;
import org.apache.batik.util.io.NormalizingReader;
import org.hyphantes.geometry.PathPen;

/** Path data (W3C SVG 2, chapter 9) as Apache Batik reads it, with every number as exact as it is written: Batik's own have seven figures. */
public final class PathWords extends PathParser {
    private final Deque<Double> numbers = new ArrayDeque<>();
    private Heard heard;

    private PathWords() {}

    /**
     * Draws path data.
     *
     * @return whether all of it was understood; what comes before the first fault is drawn
     */
    public static boolean draw(String data, PathPen pen) {
        PathWords words = new PathWords();
        words.setPathHandler(new PathDrawing(pen, words.numbers::removeFirst));
        try {
            words.parse(data);
            return true;
        } catch (ParseException e) {
            return false;
        }
    }

    @Override
    protected void doParse() throws ParseException, IOException {
        heard = new Heard(reader);
        reader = heard;
        super.doParse();
    }

    @Override
    protected float parseFloat() throws ParseException, IOException {
        heard.from((char) current);
        float rounded = super.parseFloat();
        numbers.addLast(Double.valueOf(heard.word()));
        return rounded;
    }

    /** Lets characters through and knows those of the number that is being read. */
    private static final class Heard extends NormalizingReader {
        private final NormalizingReader from;
        private final StringBuilder word = new StringBuilder();

        Heard(NormalizingReader from) {
            this.from = from;
        }

        void from(char first) {
            word.setLength(0);
            word.append(first);
        }

        /** All but the last character, by which it is known that the number has ended. */
        String word() {
            return word.substring(0, word.length() - 1);
        }

        @Override
        public int read() throws IOException {
            int character = from.read();
            word.append((char) character);
            return character;
        }

        @Override
        public int getLine() {
            return from.getLine();
        }

        @Override
        public int getColumn() {
            return from.getColumn();
        }

        @Override
        public void close() throws IOException {
            from.close();
        }
    }
}
