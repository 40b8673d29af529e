package nimblefurrow.server.dispatch;

import nimblefurrow.core.board.SchedulePlanner;
import nimblefurrow.scheduler.rules.EarliestClosingFirst;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which way of searching for a schedule is used. */
@Configuration
class PlannerChoice {
  @Bean
  SchedulePlanner planner() {
    return new EarliestClosingFirst();
  }
}
