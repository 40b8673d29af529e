package nimblefurrow.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.play.written.WorkedCampaign;
import org.junit.jupiter.api.Test;

/** Other places of a job against the same plan with the job put there by hand. */
class ElsewhereTest {
  /** B C A loses 400; A first, C before B, and A held back are known by hand. */
  @Test
  void whatItCostsAndWhoPaysIsWhatThePlayTells() {
    WorkedCampaign worked = WorkedCampaign.check("1");
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
    double loss = evaluator.score(plan).mean().value();
    List<String> told = new ArrayList<>();
    int others = 0;
    List<Job> many =
        worked.campaign.jobs().stream()
            .filter(job -> worked.campaign.able(job).size() > 1)
            .limit(8)
            .toList();
    for (Job job : many) {
      List<Elsewhere> all = Elsewhere.of(worked.campaign, plan, evaluator, job.id());
      for (Elsewhere there : all) {
        if (there.how() == Elsewhere.How.MACHINE) {
          told.add(there.machine().orElseThrow());
          List<Turn> by = new ArrayList<>(plan.turns());
          by.replaceAll(
              t ->
                  t.job().equals(job.id())
                      ? Turn.on(t.job(), there.machine().get()).waiting(t.waitDays())
                      : t);
          double moved = evaluator.score(new Plan(by)).mean().value();
          assertThat(there.rise().value()).isCloseTo(moved - loss, within(0.01));
        }
      }
      boolean placed =
          plan.turns().stream().anyMatch(t -> t.job().equals(job.id()) && t.machine().isPresent());
      others += worked.campaign.able(job).size() - (placed ? 1 : 0);
    }
    assertThat(told).hasSize(others);
    assertThat(others).isPositive();
  }
}
