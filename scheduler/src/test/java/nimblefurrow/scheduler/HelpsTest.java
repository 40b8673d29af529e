package nimblefurrow.scheduler;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.work.Evaluator;
import nimblefurrow.core.work.Plan;
import nimblefurrow.core.work.SlidYear;
import nimblefurrow.core.work.WorkYear;
import nimblefurrow.core.work.written.WorkedCampaign;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is told to help, against the same played by hand. */
class HelpsTest {
  private static final Figures F = Figures.shipped();
  private static final Effort SHORT = new Effort(1, 0.1, 1);

  /** One driver for combine and drill: a second one is worth 100 dollars. */
  @Test
  void aSecondDriverIsWorthWhatTheListGainsByHim() {
    WorkedCampaign worked = WorkedCampaign.check("2");
    Plan plan = worked.plan("H1 D1 H2");
    Helps helps = new Helps(worked.campaign, plan, worked.years, worked.years, F, SHORT);
    assertThat(helps.now().loss().mean().value()).isCloseTo(100, within(0.01));
    Help driver =
        helps.all().stream().filter(h -> h.what() == Help.What.DRIVER).findFirst().orElseThrow();
    assertThat(driver.gain().value()).isCloseTo(100, within(0.01));
  }

  @ParameterizedTest
  @ValueSource(strings = {"autumn-40", "spring-40"})
  void everyHelpGainsAndTheBestStandsFirst(String name) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    Plan plan = new PlanSearch(worked.campaign, worked.years, List.of(), F).closingFirst().plan();
    List<WorkYear> others = SlidYear.of(worked.years, List.of(-7, 2), worked.campaign);
    Helps helps = new Helps(worked.campaign, plan, worked.years, others, F, SHORT);
    List<Help> all = helps.all();
    assertThat(all).isNotEmpty();
    double now = helps.now().loss().mean().value();
    double last = Double.MAX_VALUE;
    for (Help help : all) {
      assertThat(help.gain().value()).isBetween(1.0, Math.min(last, now));
      assertThat(help.atRisk().acres()).isNotNegative();
      last = help.gain().value();
      if (help.what() == Help.What.DROP) {
        double without =
            new Evaluator(worked.campaign, others, F)
                .score(plan.without(Set.of(help.job().orElseThrow())))
                .mean()
                .value();
        assertThat(help.gain().value()).isCloseTo(now - without, within(0.01));
      }
    }
    // An overloaded campaign is helped by a machine more.
    assertThat(all).anyMatch(h -> h.what() == Help.What.MACHINE && h.from().isPresent());
  }
}
