package org.hyphantes.exchange.pdf;

import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSFloat;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;
import org.hyphantes.geometry.Point;
import org.hyphantes.paint.Gradient;
import org.hyphantes.paint.Ramp;
import org.hyphantes.paint.Stop;

/** Gradients as shadings (ISO 32000-1, 8.7.4.5, types 2 and 3), whose colours go from stop to stop by functions stitched together (7.10.4). */
final class Shadings {
    private Shadings() {}

    static PDShading of(Ramp ramp) {
        List<float[]> colours = new ArrayList<>();
        List<Double> at = new ArrayList<>();
        for (Stop stop : ramp.stops()) {
            colours.add(PdfOutput.parts(stop.colour()));
            at.add(stop.at());
        }
        boolean linear = ramp.way() == Gradient.Way.LINEAR;
        double radius = ramp.from().distance(ramp.to());
        COSArray places = linear
                ? numbers(
                        ramp.from().x(),
                        ramp.from().y(),
                        ramp.to().x(),
                        ramp.to().y())
                : numbers(
                        ramp.from().x(),
                        ramp.from().y(),
                        0,
                        ramp.from().x(),
                        ramp.from().y(),
                        radius);
        COSDictionary shading = shading(linear ? 2 : 3, COSName.DEVICERGB, places, stitched(at, colours));
        return linear ? new PDShadingType2(shading) : new PDShadingType3(shading);
    }

    /** From an opacity to none, as a grey. */
    static PDShading fading(Point from, Point to, double opacity) {
        COSDictionary function = stitched(List.of(0.0, 1.0), List.of(new float[] {(float) opacity}, new float[] {0}));
        return new PDShadingType2(
                shading(2, COSName.DEVICEGRAY, numbers(from.x(), from.y(), to.x(), to.y()), function));
    }

    private static COSDictionary shading(int type, COSName colours, COSArray places, COSDictionary function) {
        COSDictionary shading = new COSDictionary();
        shading.setInt(COSName.SHADING_TYPE, type);
        shading.setItem(COSName.COLORSPACE, colours);
        shading.setItem(COSName.COORDS, places);
        shading.setItem(COSName.FUNCTION, function);
        COSArray both = new COSArray();
        both.add(COSBoolean.TRUE);
        both.add(COSBoolean.TRUE);
        shading.setItem(COSName.EXTEND, both);
        return shading;
    }

    private static COSDictionary stitched(List<Double> at, List<float[]> colours) {
        COSArray functions = new COSArray();
        COSArray bounds = new COSArray();
        COSArray encode = new COSArray();
        List<Double> places = new ArrayList<>(at);
        List<float[]> all = new ArrayList<>(colours);
        if (places.get(0) > 0) {
            places.add(0, 0.0);
            all.add(0, all.get(0));
        }
        if (places.get(places.size() - 1) < 1) {
            places.add(1.0);
            all.add(all.get(all.size() - 1));
        }
        for (int i = 0; i + 1 < places.size(); i++) {
            COSDictionary function = new COSDictionary();
            function.setInt(COSName.FUNCTION_TYPE, 2);
            function.setItem(COSName.DOMAIN, numbers(0, 1));
            function.setItem(COSName.C0, numbers(all.get(i)));
            function.setItem(COSName.C1, numbers(all.get(i + 1)));
            function.setInt(COSName.N, 1);
            functions.add(function);
            encode.add(COSInteger.ZERO);
            encode.add(COSInteger.ONE);
            if (i > 0) {
                bounds.add(new COSFloat(places.get(i).floatValue()));
            }
        }
        COSDictionary stitching = new COSDictionary();
        stitching.setInt(COSName.FUNCTION_TYPE, 3);
        stitching.setItem(COSName.DOMAIN, numbers(0, 1));
        stitching.setItem(COSName.FUNCTIONS, functions);
        stitching.setItem(COSName.BOUNDS, bounds);
        stitching.setItem(COSName.ENCODE, encode);
        return stitching;
    }

    static COSArray numbers(double... numbers) {
        COSArray array = new COSArray();
        for (double number : numbers) {
            array.add(new COSFloat((float) number));
        }
        return array;
    }

    private static COSArray numbers(float[] numbers) {
        COSArray array = new COSArray();
        for (float number : numbers) {
            array.add(new COSFloat(number));
        }
        return array;
    }
}
