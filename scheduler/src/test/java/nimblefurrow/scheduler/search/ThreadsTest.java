package nimblefurrow.scheduler.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ForkJoinWorkerThread;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;

/** A search holds no thread that others wait for. */
class ThreadsTest {
  @Test
  void workIsDoneAtOnceOnThreadsOfItsOwn() {
    CountDownLatch both = new CountDownLatch(3);
    try (Threads threads = new Threads(3)) {
      List<Thread> used =
          threads.together(
              n -> {
                both.countDown();
                try {
                  both.await();
                } catch (InterruptedException stopped) {
                  throw new IllegalStateException(stopped);
                }
                return Thread.currentThread();
              });
      assertThat(used).hasSize(3).doesNotHaveDuplicates();
      assertThat(used.get(0)).isSameAs(Thread.currentThread());
      assertThat(used).noneMatch(ForkJoinWorkerThread.class::isInstance);
    }
  }

  @Test
  void whatOneThreadRefusesIsRefused() {
    try (Threads threads = new Threads(2)) {
      assertThatThrownBy(
              () ->
                  threads.together(
                      n -> {
                        if (n == 1) {
                          throw new OutOfRange("jobs", "no jobs");
                        }
                        return n;
                      }))
          .isInstanceOf(OutOfRange.class);
    }
    try (Threads alone = new Threads(1)) {
      assertThat(alone.together(n -> n)).containsExactly(0);
    }
  }
}
