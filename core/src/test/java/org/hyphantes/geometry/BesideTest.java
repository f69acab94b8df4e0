package org.hyphantes.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Work that another thread does meanwhile. */
@Timeout(60)
class BesideTest {
    private final ExecutorService other = Executors.newSingleThreadExecutor();

    @AfterEach
    void end() {
        other.shutdownNow();
    }

    private static int stepsForEver() {
        while (true) {
            Watch.ask();
        }
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void anotherThreadDoesItOrElseWhoeverAsksForIt() throws InterruptedException {
        try (Beside<Thread> done = Beside.begin(other, Thread::currentThread)) {
            // What runs one after another has done it when it has done what came later.
            CountDownLatch later = new CountDownLatch(1);
            other.execute(later::countDown);
            later.await();
            assertThat(done.get()).isNotSameAs(Thread.currentThread());
        }
        CountDownLatch busy = new CountDownLatch(1);
        other.execute(() -> await(busy));
        AtomicInteger times = new AtomicInteger();
        try (Beside<Thread> done = Beside.begin(other, () -> {
            times.incrementAndGet();
            return Thread.currentThread();
        })) {
            assertThat(done.get()).isSameAs(Thread.currentThread());
            assertThat(done.get()).isSameAs(Thread.currentThread());
        } finally {
            busy.countDown();
        }
        CountDownLatch last = new CountDownLatch(1);
        other.execute(last::countDown);
        last.await();
        assertThat(times).hasValue(1);
        try (Beside<Thread> done = Beside.begin(Runnable::run, Thread::currentThread)) {
            assertThat(done.get()).isSameAs(Thread.currentThread());
        }
    }

    @Test
    void theWatchOverWhoBeginsItBreaksItOffToo() {
        AtomicBoolean wanted = new AtomicBoolean(true);
        List<Thread> watched = new ArrayList<>();
        Watch watch = () -> {
            synchronized (watched) {
                watched.add(Thread.currentThread());
            }
            if (!wanted.get()) {
                throw new BrokenOff();
            }
        };
        CountDownLatch begun = new CountDownLatch(1);
        Watch.over(watch, () -> {
            try (Beside<Integer> endless = Beside.begin(other, () -> {
                begun.countDown();
                return stepsForEver();
            })) {
                await(begun);
                wanted.set(false);
                assertThatThrownBy(endless::get).isInstanceOf(BrokenOff.class);
            }
            return null;
        });
        assertThat(watched).isNotEmpty().doesNotContain(Thread.currentThread());
    }

    @Test
    void whatIsClosedHasEndedOrIsNeverBegun() {
        AtomicBoolean ended = new AtomicBoolean();
        CountDownLatch begun = new CountDownLatch(1);
        Beside<Integer> endless = Beside.begin(other, () -> {
            begun.countDown();
            try {
                return stepsForEver();
            } finally {
                ended.set(true);
            }
        });
        await(begun);
        AtomicBoolean waiting = new AtomicBoolean();
        Beside<Boolean> never = Beside.begin(other, () -> waiting.getAndSet(true));
        never.close();
        endless.close();
        assertThat(ended).isTrue();
        assertThat(waiting).isFalse();
    }

    @Test
    void whatItThrowsIsThrownToWhoeverAsksForIt() {
        try (Beside<Integer> amiss = Beside.begin(other, () -> Integer.parseInt("three"))) {
            assertThatThrownBy(amiss::get).isInstanceOf(NumberFormatException.class);
        }
        try (Beside<Integer> deep = Beside.begin(other, () -> {
            throw new StackOverflowError();
        })) {
            assertThatThrownBy(deep::get).isInstanceOf(StackOverflowError.class);
        }
    }
}
