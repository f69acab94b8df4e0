package org.hyphantes.desktop;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Supplier;
import org.hyphantes.design.Design;
import org.hyphantes.desktop.desk.Bench;
import org.hyphantes.desktop.desk.Desk;
import org.hyphantes.desktop.desk.Resolved;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** A desk with no window about it: what is done on the interface thread, and the answer to it awaited. */
public final class TestDesk {
    private final Bench bench;

    public TestDesk(Design design) {
        try {
            FxToolkit.registerPrimaryStage();
        } catch (TimeoutException e) {
            throw new IllegalStateException("no toolkit", e);
        }
        bench = on(() -> {
            Desk desk = new Desk();
            desk.hang(new Stages());
            Bench made = Bench.of(desk);
            desk.lay(design);
            return made;
        });
    }

    public Bench bench() {
        return bench;
    }

    public Desk desk() {
        return bench.desk();
    }

    /** Works something out on the interface thread. */
    public static <T> T on(Supplier<T> work) {
        return WaitForAsyncUtils.waitForAsyncFx(30_000, work::get);
    }

    /** Does something on the interface thread, and waits until what it wishes is resolved. */
    public void act(Runnable act) {
        on(() -> {
            act.run();
            return null;
        });
        settled();
    }

    /** The answer to the present wish. */
    public Resolved settled() {
        try {
            WaitForAsyncUtils.waitFor(
                    30,
                    TimeUnit.SECONDS,
                    () -> on(() -> desk().settledProperty().get()));
        } catch (java.util.concurrent.TimeoutException e) {
            throw new AssertionError("not settled", e);
        }
        return on(() -> desk().resolved());
    }

    public String message() {
        return on(() -> desk().messageProperty().get().words());
    }
}
