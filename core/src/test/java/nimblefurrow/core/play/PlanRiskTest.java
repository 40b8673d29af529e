package nimblefurrow.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.DayWorth;
import nimblefurrow.core.job.JobWindow;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.WorkValue;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.quantity.Share;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** How plans fare, counted by hand, and what the days of a window are worth. */
class PlanRiskTest {
  private static final Figures F = Figures.shipped();

  private static WorkedCampaign named(String start) {
    return WorkedCampaign.all("checks").stream()
        .filter(w -> w.name.startsWith(start))
        .findFirst()
        .orElseThrow();
  }

  /** Two years: in the second it rains on days 1 and 2, so that B is lost after A, never before. */
  @ParameterizedTest
  @CsvSource({"B A, 1, 1, 0", "A B, 1, 0.5, 50"})
  void chancesAreTheYearsInWhichItIsDone(String order, double a, double b, double acres) {
    WorkedCampaign worked = named("8 ");
    PlanRisk risk = PlanRisk.of(worked.campaign, worked.plan(order), worked.years, F);
    assertThat(chance(risk, "A")).isEqualTo(a);
    assertThat(chance(risk, "B")).isEqualTo(b);
    assertThat(risk.atRisk().acres()).isCloseTo(acres, within(1e-9));
    assertThat(risk.under(Share.of(0.8))).hasSize(b < 0.8 ? 1 : 0);
  }

  private static double chance(PlanRisk risk, String job) {
    return risk.jobs().stream()
        .filter(j -> j.job().equals(WorkedCampaign.id(job)))
        .findFirst()
        .orElseThrow()
        .inWindow()
        .fraction();
  }

  @Test
  void aLargePlanTellsWhatItLosesAndItsDaysAreInOrder() {
    WorkedCampaign worked = WorkedCampaign.read("autumn-40");
    Plan plan = worked.drawn(9);
    List<WorkYear> others = SlidYear.of(worked.years, List.of(-7, 2), worked.campaign);
    PlanRisk risk = PlanRisk.of(worked.campaign, plan, others, F);
    assertThat(risk.loss().dollars().years()).isEqualTo(2 * worked.years.size());
    assertThat(risk.loss().badYear().value()).isGreaterThan(risk.loss().mean().value());
    Evaluator same = new Evaluator(worked.campaign, others, F);
    assertThat(risk.loss().mean().value()).isCloseTo(same.score(plan).mean().value(), within(0.02));
    int told = 0;
    for (PlanRisk.JobRisk job : risk.jobs()) {
      if (job.early().isPresent() && job.late().isPresent()) {
        assertThat(job.middle().orElseThrow()).isBetween(job.early().get(), job.late().get());
        told++;
      }
    }
    assertThat(told).isPositive();
  }

  @ParameterizedTest
  @EnumSource(Operation.class)
  void waitingNeverCostsLessAndNeverAsMuchAsNotDoingIt(Operation operation) {
    LocalDate opens = LocalDate.of(2026, 9, 1);
    JobWindow window =
        JobWindow.of(DateForecast.certain(opens), DateForecast.certain(opens.plusDays(30)), F);
    WorkValue value = DayWorth.of(operation, window, F);
    double before = 0;
    for (int d = 0; d <= 30; d++) {
      double cost = value.dollarsOn(opens.plusDays(d));
      assertThat(cost).isBetween(before, value.lost().value());
      before = cost;
    }
    assertThat(value.dollarsOn(opens.plusDays(9))).isZero();
    assertThat(before).isCloseTo(0.5 * value.lost().value(), within(1e-9));
    assertThat(value.lost().value()).isPositive();
  }
}
