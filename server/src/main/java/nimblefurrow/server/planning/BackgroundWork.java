package nimblefurrow.server.planning;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.TransactionAwareDataSourceProxy;

/**
 * Work that outlives whoever asked for it. Any instance takes it up; what an instance leaves when
 * it is lost another begins again after some seconds.
 */
@Configuration
class BackgroundWork {
  static final String PLAN_RUN = "plan-run";
  private static final String MORNING = "morning";

  private static final Duration LOOK = Duration.ofMillis(300);
  private static final Duration HEARTBEAT = Duration.ofSeconds(1);
  private static final int MISSED = 4;
  private static final int RETRIES = 3;
  private static final int AT_ONCE = 2;

  @Bean
  OneTimeTask<Void> planRun(PlanSearcher searcher, PlanRuns runs) {
    return Tasks.oneTime(PLAN_RUN)
        .onFailure(
            new FailureHandler.MaxRetriesFailureHandler<>(
                RETRIES,
                new FailureHandler.OnFailureRetryLater<>(Duration.ofSeconds(2)),
                (failed, operations) ->
                    runs.end(
                        UUID.fromString(failed.getExecution().taskInstance.getId()),
                        RunState.FAILED,
                        "the search broke off; ask for it again")))
        .execute((instance, context) -> searcher.search(UUID.fromString(instance.getId())));
  }

  /**
   * Farms wake at different hours: every few minutes those are played on which it is six by now.
   */
  @Bean
  RecurringTask<Void> morning(
      Mornings mornings, @Value("${furrow.morning-every:5m}") Duration every) {
    return Tasks.recurring(MORNING, FixedDelay.of(every))
        .execute((instance, context) -> mornings.playDue());
  }

  /** Asking for work belongs to the change that asks: the one is not kept without the other. */
  @Bean
  Scheduler scheduler(DataSource rows, OneTimeTask<Void> planRun, RecurringTask<Void> morning) {
    return Scheduler.create(new TransactionAwareDataSourceProxy(rows), planRun)
        .startTasks(morning)
        .threads(AT_ONCE)
        .pollingInterval(LOOK)
        .heartbeatInterval(HEARTBEAT)
        .missedHeartbeatsLimit(MISSED)
        .shutdownMaxWait(Duration.ofSeconds(5))
        .build();
  }

  /** Begins when the application answers, and ends before its rows are closed. */
  @Bean
  SmartLifecycle workBehindTheScenes(Scheduler scheduler, PlanSearcher searcher) {
    return new SmartLifecycle() {
      private volatile boolean running;

      @Override
      public void start() {
        scheduler.start();
        running = true;
      }

      @Override
      public void stop() {
        searcher.stop();
        scheduler.stop();
        running = false;
      }

      @Override
      public boolean isRunning() {
        return running;
      }
    };
  }
}
