package org.hyphantes.desktop.files;

import java.nio.file.Path;
import org.hyphantes.design.Design;
import org.hyphantes.exchange.project.Demo;
import org.hyphantes.exchange.project.ProjectFile;

/** Saves, keeps aside and remembers without end, and says what is done, until it is killed. */
final class KillsProbe {
    private KillsProbe() {}

    public static void main(String[] words) throws Exception {
        Path folder = Path.of(words[0]);
        Aside aside = new Aside(folder.resolve("aside"));
        Path own = aside.fresh("Kept aside");
        aside.ready();
        Remembered remembered = new Remembered(folder.resolve("state"));
        for (int i = Integer.parseInt(words[1]); ; i++) {
            Design design = Demo.FERRYMANS_PLAIT.design().named("work " + i);
            ProjectFile.save(design, folder.resolve("work.hyphantes"));
            System.out.println("saved " + i);
            ProjectFile.save(design, own);
            System.out.println("aside " + i);
            remembered.folder(folder.resolve("f" + i));
            remembered.finish();
            System.out.println("remembered " + i);
        }
    }
}
