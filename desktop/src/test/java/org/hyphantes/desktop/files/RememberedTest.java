package org.hyphantes.desktop.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class RememberedTest {
    @TempDir
    private Path home;

    @Test
    void whatIsRememberedIsThereAtTheNextStart() {
        Remembered first = new Remembered(home.resolve("state"));
        assertThat(first.dark()).isFalse();
        assertThat(first.textures()).isTrue();
        assertThat(first.folder()).isEmpty();
        first.dark(true);
        first.textures(false);
        first.folder(home);
        for (int i = 0; i < 12; i++) {
            first.recent(home.resolve("design " + i + ".hyphantes"));
        }
        first.recent(home.resolve("design 9.hyphantes"));
        assertThat(first.window()).isEmpty();
        first.window(12.4, 30, 1280, 800);
        first.finish();
        Remembered next = new Remembered(home.resolve("state"));
        assertThat(next.dark()).isTrue();
        assertThat(next.textures()).isFalse();
        assertThat(next.window()).contains(new Rectangle2D(12, 30, 1280, 800));
        assertThat(next.folder()).contains(home);
        assertThat(next.recent()).hasSize(8).doesNotHaveDuplicates();
        assertThat(next.recent().get(0)).isEqualTo(home.resolve("design 9.hyphantes"));
        assertThat(next.recent().get(1)).isEqualTo(home.resolve("design 11.hyphantes"));
    }

    @Test
    void aDamagedMemoryIsForgottenAndNotInTheWay() throws Exception {
        Files.writeString(home.resolve("remembered.properties"), "dark=\\u00zz");
        Remembered remembered = new Remembered(home);
        assertThat(remembered.dark()).isFalse();
        remembered.dark(true);
        remembered.finish();
        assertThat(new Remembered(home).dark()).isTrue();
    }

    @Test
    void aHomeThatCannotBeWrittenStopsNothing() throws Exception {
        Path file = Files.writeString(home.resolve("taken"), "a file where the folder should be");
        Remembered remembered = new Remembered(file.resolve("state"));
        remembered.dark(true);
        remembered.finish();
        assertThat(remembered.dark()).isTrue();
    }
}
