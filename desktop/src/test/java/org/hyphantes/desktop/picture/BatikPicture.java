package org.hyphantes.desktop.picture;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.StringReader;
import org.apache.batik.transcoder.TranscoderException;
import org.apache.batik.transcoder.TranscoderInput;
import org.apache.batik.transcoder.TranscoderOutput;
import org.apache.batik.transcoder.image.ImageTranscoder;
import org.hyphantes.geometry.Box;

/** A written file as Apache Batik, an independent library, draws it. */
final class BatikPicture extends ImageTranscoder {
    private BufferedImage drawn;

    private BatikPicture() {}

    /** What a camera sees of it, on white. */
    static BufferedImage of(String svg, Camera camera) throws TranscoderException {
        Box seen = camera.seen();
        String framed = svg.replaceFirst(
                "width=\"[^\"]*\" height=\"[^\"]*\" viewBox=\"[^\"]*\"",
                "width=\"%s\" height=\"%s\" viewBox=\"%s %s %s %s\""
                        .formatted(
                                camera.width(), camera.height(), seen.left(), seen.top(), seen.width(), seen.height()));
        BatikPicture picture = new BatikPicture();
        picture.addTranscodingHint(KEY_BACKGROUND_COLOR, Color.WHITE);
        picture.transcode(new TranscoderInput(new StringReader(framed)), new TranscoderOutput());
        return picture.drawn;
    }

    @Override
    public BufferedImage createImage(int width, int height) {
        return new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    }

    @Override
    public void writeImage(BufferedImage image, TranscoderOutput output) {
        drawn = image;
    }
}
