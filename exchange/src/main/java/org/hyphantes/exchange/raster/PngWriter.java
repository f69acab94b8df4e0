package org.hyphantes.exchange.raster;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;

/**
 * Writes a picture row by row, which the library of the platform cannot without holding all of it. W3C, Portable Network Graphics, third edition: 8 bits
 * of red, green, blue and opacity (colour type 6), each row by the filter that tells it from the one above (type 2).
 */
final class PngWriter implements AutoCloseable {
    private static final byte[] SIGNATURE = {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1a, '\n'};

    /** The largest chunk of data that is written at once. */
    private static final int CHUNK = 1 << 20;

    private static final byte UP = 2;

    private final DataOutputStream out;
    private final int width;
    private final ByteArrayOutputStream packed = new ByteArrayOutputStream();
    private final DeflaterOutputStream deflater = new DeflaterOutputStream(packed, new Deflater(6));
    private byte[] above;

    /**
     * @param across pixels to a metre across, {@code down} downward
     */
    PngWriter(OutputStream to, int width, int height, double across, double down) throws IOException {
        this.out = new DataOutputStream(to);
        this.width = width;
        this.above = new byte[4 * width];
        out.write(SIGNATURE);
        ByteArrayOutputStream head = new ByteArrayOutputStream();
        DataOutputStream fields = new DataOutputStream(head);
        fields.writeInt(width);
        fields.writeInt(height);
        fields.write(new byte[] {8, 6, 0, 0, 0});
        chunk("IHDR", head.toByteArray());
        head.reset();
        // Colours are those of sRGB; rendering intent 0.
        chunk("sRGB", new byte[] {0});
        fields.writeInt((int) Math.min(Integer.MAX_VALUE, Math.round(across)));
        fields.writeInt((int) Math.min(Integer.MAX_VALUE, Math.round(down)));
        fields.write(1);
        chunk("pHYs", head.toByteArray());
    }

    /** The next rows. */
    void rows(BufferedImage strip) throws IOException {
        int[] pixels = new int[width];
        for (int y = 0; y < strip.getHeight(); y++) {
            strip.getRGB(0, y, width, 1, pixels, 0, width);
            byte[] row = new byte[4 * width];
            byte[] told = new byte[4 * width];
            for (int x = 0; x < width; x++) {
                row[4 * x] = (byte) (pixels[x] >> 16);
                row[4 * x + 1] = (byte) (pixels[x] >> 8);
                row[4 * x + 2] = (byte) pixels[x];
                row[4 * x + 3] = (byte) (pixels[x] >> 24);
            }
            for (int i = 0; i < row.length; i++) {
                told[i] = (byte) (row[i] - above[i]);
            }
            deflater.write(UP);
            deflater.write(told);
            above = row;
            if (packed.size() > CHUNK) {
                chunk("IDAT", packed.toByteArray());
                packed.reset();
            }
        }
    }

    /** A text about the picture by one of the keywords of the standard (ISO 15948, 11.3.4). */
    void text(String keyword, String text) throws IOException {
        ByteArrayOutputStream data = new ByteArrayOutputStream();
        data.write(keyword.getBytes(StandardCharsets.ISO_8859_1));
        // Not packed, in no language, with no keyword of another.
        data.write(new byte[5]);
        data.write(text.getBytes(StandardCharsets.UTF_8));
        chunk("iTXt", data.toByteArray());
    }

    private void chunk(String type, byte[] data) throws IOException {
        byte[] name = type.getBytes(StandardCharsets.US_ASCII);
        CRC32 sum = new CRC32();
        sum.update(name);
        sum.update(data);
        out.writeInt(data.length);
        out.write(name);
        out.write(data);
        out.writeInt((int) sum.getValue());
    }

    @Override
    public void close() throws IOException {
        deflater.finish();
        if (packed.size() > 0) {
            chunk("IDAT", packed.toByteArray());
        }
        chunk("IEND", new byte[0]);
        out.flush();
    }
}
