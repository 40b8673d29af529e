package nimblefurrow.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.core.yard.MachineKind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Changes played from where they begin to matter, against plans played whole. */
class RehearsalTest {
  private static final int TRIED = 600;

  @ParameterizedTest
  @ValueSource(strings = {"autumn-40", "spring-40"})
  void aChangeLosesWhatThePlanLosesWhenItIsPlayedWhole(String name) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    Evaluator evaluator = worked.evaluator();
    Rehearsal rehearsal = evaluator.rehearse();
    Draft kept = rehearsal.draft(worked.drawn(3));
    rehearsal.keep(kept);
    Draft tried = kept.copy();
    Random random = new Random(7);
    int accepted = 0;
    int changed = 0;
    for (int t = 0; t < TRIED; t++) {
      int[] moved = new int[kept.order.length];
      int count = change(tried, moved, random, worked);
      double sum = 0;
      for (int y = 0; y < rehearsal.years(); y++) {
        sum += rehearsal.loss(tried, moved, count, y);
      }
      double whole = evaluator.score(tried.plan()).mean().value();
      assertThat(sum / rehearsal.years()).as("change %d", t).isCloseTo(whole, within(0.01));
      changed += Math.abs(whole - rehearsal.mean()) > 1 ? 1 : 0;
      if (random.nextInt(3) == 0) {
        rehearsal.accept(tried, moved, count);
        kept.become(tried);
        assertThat(rehearsal.mean()).isCloseTo(whole, within(0.01));
        accepted++;
      } else {
        tried.become(kept);
      }
    }
    assertThat(accepted).isGreaterThan(100);
    assertThat(changed).as("changes that matter").isGreaterThan(100);
  }

  /** One of three: another place, another wait, another machine or none. */
  private static int change(Draft draft, int[] moved, Random random, WorkedCampaign worked) {
    int at = random.nextInt(draft.order.length);
    int job = draft.order[at];
    moved[0] = job;
    switch (random.nextInt(3)) {
      case 0 -> {
        int to = random.nextInt(draft.order.length);
        int step = to > at ? 1 : -1;
        for (int i = at; i != to; i += step) {
          draft.order[i] = draft.order[i + step];
        }
        draft.order[to] = job;
      }
      case 1 -> draft.wait[job] = random.nextInt(12);
      default -> {
        List<Machine> able = worked.campaign.able(worked.campaign.jobs().get(job));
        int which = random.nextInt(able.size() + 1);
        draft.machine[job] =
            which == able.size() ? Draft.OUT : worked.campaign.machines().indexOf(able.get(which));
      }
    }
    return 1;
  }

  /** What a day's weather was to one plan it is to all: slid by nothing, a year is itself. */
  @ParameterizedTest
  @ValueSource(ints = {-7, -2, 0, 2, 7})
  void aSlidYearHasItsHoursOnOtherDays(int days) {
    WorkedCampaign worked = WorkedCampaign.read("autumn-40");
    WorkYear year = worked.years.get(3);
    WorkYear slid = SlidYear.of(List.of(year), List.of(days), worked.campaign).get(0);
    Job job = worked.campaign.jobs().get(0);
    MachineKind kind = job.kind();
    int seen = 0;
    for (int d = 10; d < 80; d++) {
      var day = worked.campaign.first().plusDays(d);
      assertThat(slid.fitHours(job, kind, day))
          .isEqualTo(year.fitHours(job, kind, day.minusDays(days)));
      seen += year.fitHours(job, kind, day) > 0 ? 1 : 0;
    }
    assertThat(seen).isPositive();
    assertThat(slid.opens(job)).isEqualTo(year.opens(job));
    assertThat(slid.closes(job)).isEqualTo(year.closes(job));
  }
}
