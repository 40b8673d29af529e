package nimblefurrow.server.planning;

import com.github.kagkarlsson.scheduler.Scheduler;
import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.helper.OneTimeTask;
import com.github.kagkarlsson.scheduler.task.helper.RecurringTask;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import com.github.kagkarlsson.scheduler.task.schedule.FixedDelay;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Consumer;
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
  private static final String HELP_RUN = "help-run";
  private static final String MORNING = "morning";
  private static final String MORNING_OF_FARM = "morning-of-farm";

  private static final Duration LOOK = Duration.ofMillis(300);
  private static final Duration HEARTBEAT = Duration.ofSeconds(1);
  private static final int MISSED = 4;
  private static final int RETRIES = 3;
  private static final int AT_ONCE = 2;

  @Bean
  OneTimeTask<Void> planRun(PlanSearcher searcher, PlanRuns runs) {
    return run(
        PLAN_RUN,
        searcher::search,
        id -> runs.end(id, RunState.FAILED, "the search broke off; ask for it again"));
  }

  @Bean
  OneTimeTask<Void> helpRun(HelpSearcher searcher, HelpRuns runs) {
    return run(
        HELP_RUN, searcher::search, id -> runs.end(id, RunState.FAILED, "it broke off; ask again"));
  }

  /** A run by its id, begun again some times where it breaks off, then ended as failed. */
  private static OneTimeTask<Void> run(String name, Consumer<UUID> run, Consumer<UUID> failed) {
    return Tasks.oneTime(name)
        .onFailure(
            new FailureHandler.MaxRetriesFailureHandler<>(
                RETRIES,
                new FailureHandler.OnFailureRetryLater<>(Duration.ofSeconds(2)),
                (broken, operations) ->
                    failed.accept(UUID.fromString(broken.getExecution().taskInstance.getId()))))
        .execute((instance, context) -> run.accept(UUID.fromString(instance.getId())));
  }

  /**
   * Farms wake at different hours: every few minutes those are asked for on which it is six by now.
   * Each is a task of its own, so that a slow one holds nobody else up.
   */
  @Bean
  RecurringTask<Void> morning(
      Mornings mornings,
      OneTimeTask<Void> morningOfFarm,
      @Value("${furrow.morning-every:5m}") Duration every) {
    return Tasks.recurring(MORNING, FixedDelay.of(every))
        .execute(
            (instance, context) ->
                mornings
                    .due()
                    .forEach(
                        farm ->
                            context
                                .getSchedulerClient()
                                .scheduleIfNotExists(
                                    morningOfFarm.instance(farm.toString()), Instant.now())));
  }

  /** One farm's morning; where it cannot be played, the next asking tries it again. */
  @Bean
  OneTimeTask<Void> morningOfFarm(Mornings mornings) {
    return Tasks.oneTime(MORNING_OF_FARM)
        .execute((instance, context) -> mornings.playIfDue(UUID.fromString(instance.getId())));
  }

  /** Asking for work belongs to the change that asks: the one is not kept without the other. */
  @Bean
  Scheduler scheduler(DataSource rows, List<OneTimeTask<Void>> asked, RecurringTask<Void> morning) {
    return Scheduler.create(new TransactionAwareDataSourceProxy(rows), List.copyOf(asked))
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
  SmartLifecycle workBehindTheScenes(
      Scheduler scheduler, PlanSearcher searcher, HelpSearcher helps) {
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
        helps.stop();
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
