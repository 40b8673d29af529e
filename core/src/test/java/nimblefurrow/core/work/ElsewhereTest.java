package nimblefurrow.core.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.work.written.WorkedCampaign;
import org.junit.jupiter.api.Test;

/** Other places of a job against the same plan with the job put there by hand. */
class ElsewhereTest {
  private static WorkedCampaign check(String name) {
    return WorkedCampaign.all("checks").stream()
        .filter(w -> w.name.startsWith(name))
        .findFirst()
        .orElseThrow();
  }

  /** B C A loses 400; A first, C before B, and A held back are known by hand. */
  @Test
  void whatItCostsAndWhoPaysIsWhatThePlayTells() {
    WorkedCampaign worked = check("1");
    Plan best = worked.plan("B C A");
    List<Elsewhere> all =
        Elsewhere.of(worked.campaign, best, worked.evaluator(), WorkedCampaign.id("A"));
    assertThat(all).isNotEmpty();
    Elsewhere first =
        all.stream().filter(e -> e.how() == Elsewhere.How.FIRST).findFirst().orElseThrow();
    double there = worked.evaluator().score(worked.plan("A B C")).mean().value();
    assertThat(first.rise().value()).isCloseTo(there - 400, within(0.01));
    assertThat(first.payers().stream().map(Elsewhere.Payer::job))
        .containsExactlyInAnyOrder(WorkedCampaign.id("B"), WorkedCampaign.id("C"));
    // A's own gain and what the others pay make up the whole.
    double paid = first.payers().stream().mapToDouble(p -> p.rise().value()).sum();
    assertThat(paid).isGreaterThan(first.rise().value());
    assertThat(all.stream().map(e -> e.rise().value()).toList()).isSorted();
  }

  @Test
  void everyOtherMachineIsTold() {
    WorkedCampaign worked = WorkedCampaign.read("autumn-40");
    Plan plan = worked.drawn(5);
    Evaluator evaluator = new Evaluator(worked.campaign, worked.years, Figures.shipped());
    List<String> told = new ArrayList<>();
    int others = 0;
    List<Job> many =
        worked.campaign.jobs().stream()
            .filter(job -> worked.campaign.able(job).size() > 1)
            .limit(8)
            .toList();
    for (Job job : many) {
      List<Elsewhere> all = Elsewhere.of(worked.campaign, plan, evaluator, job.id());
      all.stream()
          .filter(e -> e.how() == Elsewhere.How.MACHINE)
          .forEach(e -> told.add(e.machine().orElseThrow()));
      boolean placed =
          plan.turns().stream().anyMatch(t -> t.job().equals(job.id()) && t.machine().isPresent());
      others += worked.campaign.able(job).size() - (placed ? 1 : 0);
      assertThat(all).allSatisfy(e -> assertThat(e.rise()).isInstanceOf(Money.class));
    }
    assertThat(told).hasSize(others);
    assertThat(others).isPositive();
  }
}
