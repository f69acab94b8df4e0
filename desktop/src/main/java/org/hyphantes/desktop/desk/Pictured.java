package org.hyphantes.desktop.desk;

import java.util.List;
import java.util.function.Consumer;
import org.hyphantes.design.Artwork;
import org.hyphantes.gauge.Snag;
import org.hyphantes.scene.Scene;

/** What the field shows of the design: of the present wish, as far as it has come while it is being answered, else of the last answer. */
public final class Pictured {
    private final Answers answers;

    Pictured(Answers answers) {
        this.answers = answers;
    }

    public Artwork artwork() {
        return answers.glimpse()
                .map(Glimpse::artwork)
                .orElseGet(() -> answers.resolvedProperty().get().field());
    }

    /** The centre lines of what is set out of it, as far as the shuttle. */
    public Scene lines() {
        return answers.glimpse()
                .map(Glimpse::lines)
                .orElseGet(() -> answers.resolvedProperty().get().fieldLines());
    }

    /** Whether gauges tell of it: not of what is still being woven or measured, or was cut roughly while it is dragged. */
    public boolean isMeasured() {
        Resolved resolved = answers.resolvedProperty().get();
        return answers.glimpse().isEmpty() && (resolved == null || !resolved.isRough());
    }

    /** What is amiss with it, as far as that is known. */
    public List<Snag> snags() {
        Resolved resolved = answers.resolvedProperty().get();
        return resolved == null || !isMeasured()
                ? List.of()
                : resolved.inspection().snags();
    }

    /** Is told whenever there is more of a wish to be seen, or it has been measured. */
    public void onChange(Runnable listener) {
        answers.onSeen(listener);
    }

    /** Is told what may be shown next, as soon as it has been made. */
    public void onForeseen(Consumer<Artwork> listener) {
        answers.onForeseen(listener);
    }
}
