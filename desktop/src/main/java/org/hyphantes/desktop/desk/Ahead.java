package org.hyphantes.desktop.desk;

import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.ConcurrentLinkedDeque;

/** What was found of wishes before they were made; of each kind the newest few. Safe between threads. */
final class Ahead {
    /** So many are kept until others take their place. */
    private static final int MOST = 6;

    private final Deque<Resolved> answers = new ConcurrentLinkedDeque<>();
    private final Deque<Sight> sights = new ConcurrentLinkedDeque<>();

    /** What would be seen of a wish that comes after another, until it is answered. */
    private record Sight(Wish after, Glimpse glimpse) {}

    Optional<Resolved> answer(Wish wish) {
        return answers.stream().filter(r -> r.wish().equals(wish)).findFirst().map(r -> r.answering(wish));
    }

    void keep(Resolved answer) {
        answers.addFirst(answer);
        if (answers.size() > MOST) {
            answers.removeLast();
        }
    }

    /**
     * @param after what was answered last
     */
    Optional<Glimpse> glimpse(Wish wish, Wish after) {
        return sights.stream()
                .filter(s -> s.after() == after && s.glimpse().wish().equals(wish))
                .findFirst()
                .map(s -> s.glimpse().of(wish));
    }

    void keep(Wish after, Glimpse glimpse) {
        sights.addFirst(new Sight(after, glimpse));
        if (sights.size() > MOST) {
            sights.removeLast();
        }
    }
}
