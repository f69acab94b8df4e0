package org.hyphantes.desktop.chrome;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import javafx.scene.text.Font;
import javafx.scene.text.FontWeight;

/** The typefaces that come with the application: Noto Sans for controls, Gentium Book Plus for the Wording. */
public final class Typefaces {
    private static final String CONTROLS = "Noto Sans";
    private static final List<String> FILES = List.of(
            "NotoSans-Regular.ttf", "NotoSans-Bold.ttf", "GentiumBookPlus-Regular.ttf", "GentiumBookPlus-Bold.ttf");

    private Typefaces() {}

    public static void load() {
        for (String file : FILES) {
            try (InputStream in = Typefaces.class.getResourceAsStream("/org/hyphantes/exchange/typefaces/" + file)) {
                Font.loadFont(in, 13);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** For words drawn in a picture, so large (pixels) at the usual size of words. */
    public static Font label(double size) {
        return Font.font(CONTROLS, Habits.of(size));
    }

    public static Font title(double size) {
        return Font.font(CONTROLS, FontWeight.BOLD, Habits.of(size));
    }
}
