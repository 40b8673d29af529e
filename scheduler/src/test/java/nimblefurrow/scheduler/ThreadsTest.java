package nimblefurrow.scheduler;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.work.Evaluator;
import nimblefurrow.core.work.SlidYear;
import nimblefurrow.core.work.written.WorkedCampaign;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a second thread brings: it takes nothing away from the first. */
class ThreadsTest {
  private static final Figures F = Figures.shipped();
  private static final int SEEDS = 6;
  private static final double SECONDS = 0.15;

  /** On the years by which a plan is chosen, two threads never lose more than the first alone. */
  @ParameterizedTest
  @ValueSource(strings = {"autumn-40", "spring-40"})
  void twoThreadsFindAllThatOneDoesAndSometimesMore(String name) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    PlanSearch search = new PlanSearch(worked.campaign, worked.years, List.of(), F);
    Evaluator chosenOn =
        new Evaluator(
            worked.campaign, SlidYear.of(worked.years, PlanSearch.SLIDES, worked.campaign), F);
    int better = 0;
    for (int seed = 1; seed <= SEEDS; seed++) {
      Found one = search.search(new Effort(seed, SECONDS, 1), () -> false);
      Found two = search.search(new Effort(seed, SECONDS, 2), () -> false);
      double alone = chosenOn.score(one.plan()).mean().value();
      double together = chosenOn.score(two.plan()).mean().value();
      assertThat(together).as("seed %d", seed).isLessThanOrEqualTo(alone);
      better += together < alone - 0.01 ? 1 : 0;
    }
    assertThat(better).as("seeds by which the second thread brought something").isPositive();
  }
}
