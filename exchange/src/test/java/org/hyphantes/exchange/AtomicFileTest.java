package org.hyphantes.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

/** What writing leaves as it was: rights, links, pipes, what is write-protected, and everything else in the folder. */
@DisabledOnOs(OS.WINDOWS)
class AtomicFileTest {
    @TempDir
    Path folder;

    private static String rights(Path file) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
    }

    @Test
    void rightsAreKeptAndNewFilesHaveThoseOfTheFolder() throws Exception {
        Path plain = Files.createFile(folder.resolve("plain"));
        Path file = folder.resolve("new.svg");
        AtomicFile.write(file, "one");
        assertThat(rights(file)).as("as the umask has it").isEqualTo(rights(plain));
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r--"));
        AtomicFile.write(file, "two");
        assertThat(rights(file)).isEqualTo("rw-rw-r--");
        assertThat(file).hasContent("two");
    }

    @Test
    void whatIsWriteProtectedStaysAsItIs() throws Exception {
        Path file = Files.writeString(folder.resolve("kept.svg"), "one");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> AtomicFile.write(file, "two"))
                .isInstanceOfSatisfying(
                        AccessDeniedException.class,
                        e -> assertThat(Refusal.words(e)).isEqualTo("it is write-protected."));
        assertThat(file).hasContent("one");
    }

    @Test
    void linksLeadWhereTheyLed() throws Exception {
        Path file = Files.writeString(folder.resolve("file.svg"), "one");
        Path symbolic = Files.createSymbolicLink(folder.resolve("symbolic.svg"), Path.of("file.svg"));
        Path hard = Files.createLink(folder.resolve("hard.svg"), file);
        AtomicFile.write(symbolic, "two, and longer");
        assertThat(symbolic).isSymbolicLink().hasContent("two, and longer");
        assertThat(hard).hasContent("two, and longer");
        AtomicFile.write(hard, "three");
        assertThat(file).hasContent("three");
        Path dangling = Files.createSymbolicLink(folder.resolve("dangling.svg"), Path.of("later.svg"));
        AtomicFile.write(dangling, "four");
        assertThat(folder.resolve("later.svg")).hasContent("four");
        assertThat(dangling).isSymbolicLink();
    }

    @Test
    void aPipeTakesWhatItIsGiven() throws Exception {
        Path pipe = folder.resolve("pipe");
        assertThat(new ProcessBuilder("mkfifo", pipe.toString()).start().waitFor())
                .isZero();
        CompletableFuture<String> read = CompletableFuture.supplyAsync(() -> {
            try {
                return Files.readString(pipe);
            } catch (IOException e) {
                throw new IllegalStateException(e);
            }
        });
        AtomicFile.write(pipe, "through");
        assertThat(read.get(20, TimeUnit.SECONDS)).isEqualTo("through");
        assertThat(Files.isRegularFile(pipe)).isFalse();
    }

    @Test
    void longNamesAreWrittenAndOnlyOnesOwnLeftoversCleared() throws Exception {
        Path gone = Files.writeString(
                folder.resolve(Leftovers.name().replaceFirst("-\\d+-(\\d+)\\.part", "-999999999-$1.part")), "half");
        Path another = Files.writeString(folder.resolve(".hyphantes-0-999999999-1.part"), "of another computer");
        Path alive = Files.writeString(folder.resolve(Leftovers.name()), "being written");
        Path file = folder.resolve("n".repeat(251) + ".svg");
        AtomicFile.write(file, "long");
        assertThat(file).hasContent("long");
        assertThat(gone).doesNotExist();
        assertThat(another).exists();
        assertThat(alive).exists();
    }

    @Test
    void whatCannotBeSaysWhyWithoutNamesNobodyGave() {
        assertThatThrownBy(() -> AtomicFile.write(folder.resolve("gone").resolve("a.svg"), "x"))
                .isInstanceOfSatisfying(
                        IOException.class,
                        e -> assertThat(Refusal.words(e)).isEqualTo("the folder is not there (any more)."));
        assertThatThrownBy(() -> AtomicFile.write(folder.resolve("n".repeat(300)), "x"))
                .isInstanceOfSatisfying(
                        IOException.class, e -> assertThat(Refusal.words(e)).isEqualTo("file name too long."));
        assertThatThrownBy(() -> AtomicFile.write(folder, "x"))
                .isInstanceOfSatisfying(
                        IOException.class, e -> assertThat(Refusal.words(e)).isEqualTo("it is a folder."));
    }
}
