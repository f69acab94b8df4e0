package org.hyphantes;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LineMap;
import com.sun.source.tree.MethodTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;

/** Files and methods short enough to be read at one sitting, in every module. */
class SizesTest {
    private static final int LONGEST_FILE = 350;
    private static final int LONGEST_METHOD = 60;

    /** The geometry of cubics and the subdivision, where cutting a file in two would cut one thought in two. */
    private static final Set<String> EXCEPT = Set.of("Cubic.java", "SpanMeetings.java", "Subdivision.java");

    @Test
    void filesAndMethodsAreShort() throws IOException {
        List<Path> sources = new ArrayList<>();
        for (String module : List.of("core", "machine", "exchange", "desktop", "bench")) {
            Path source = Path.of("..", module, "src");
            assertThat(source).isDirectory();
            try (Stream<Path> files = Files.walk(source)) {
                files.filter(f -> f.toString().endsWith(".java")).forEach(sources::add);
            }
        }
        assertThat(sources).hasSizeGreaterThan(300);
        List<String> tooLong = new ArrayList<>();
        for (Path source : sources) {
            long lines = Files.readAllLines(source).size();
            if (lines > LONGEST_FILE && !EXCEPT.contains(source.getFileName().toString())) {
                tooLong.add(source.getFileName() + " has " + lines + " lines");
            }
        }
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        try (StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null)) {
            JavacTask task = (JavacTask) compiler.getTask(
                    null, manager, null, List.of("-proc:none"), null, manager.getJavaFileObjectsFromPaths(sources));
            SourcePositions places = Trees.instance(task).getSourcePositions();
            for (CompilationUnitTree unit : task.parse()) {
                LineMap lines = unit.getLineMap();
                new TreeScanner<Void, Void>() {
                    @Override
                    public Void visitMethod(MethodTree method, Void nothing) {
                        long from = lines.getLineNumber(places.getStartPosition(unit, method));
                        long end = places.getEndPosition(unit, method);
                        long length = end < 0 ? 0 : lines.getLineNumber(end) - from + 1;
                        if (length > LONGEST_METHOD) {
                            tooLong.add(unit.getSourceFile().getName() + ": " + method.getName() + " has " + length);
                        }
                        return super.visitMethod(method, nothing);
                    }
                }.scan(unit, null);
            }
        }
        assertThat(tooLong).isEmpty();
    }
}
