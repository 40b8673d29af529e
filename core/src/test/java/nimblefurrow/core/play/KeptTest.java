package nimblefurrow.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.written.ThisMorning;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.yard.Machine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How many jobs a plan moves, and how a year goes on from a morning. */
class KeptTest {
  private static final WorkedCampaign FORTY = WorkedCampaign.read("autumn-40");

  /** Four jobs of one machine kind in the order of letters, all on one machine. */
  private static Plan onOneMachine(String letters) {
    Machine machine = FORTY.campaign.machines().get(0);
    List<Job> able =
        FORTY.campaign.jobs().stream()
            .filter(j -> FORTY.campaign.able(j).contains(machine))
            .limit(4)
            .toList();
    return new Plan(
        letters.chars().mapToObj(c -> Turn.on(able.get(c - 'A').id(), machine.id())).toList());
  }

  @ParameterizedTest
  @CsvSource({"ABCD, ABCD, 0", "ABCD, BCDA, 1", "ABCD, DCBA, 3", "ABCD, BADC, 2", "ABCD, DABC, 1"})
  void jobsOutsideTheLongestRunAreMoved(String was, String now, int moved) {
    List<Moved> all = FORTY.evaluator().moved(onOneMachine(was), onOneMachine(now));
    assertThat(all).hasSize(moved).allMatch(m -> m.how() == Moved.How.ORDER);
  }

  @Test
  void anotherMachineOrTwoDaysMoreMoveAJobAndOneDayDoesNot() {
    Plan was = FORTY.drawn(1);
    List<Turn> turns = new ArrayList<>(was.turns());
    int waits = -1;
    int leaves = -1;
    for (int i = 0; i < turns.size(); i++) {
      if (turns.get(i).machine().isPresent()) {
        leaves = waits >= 0 && leaves < 0 ? i : leaves;
        waits = waits < 0 ? i : waits;
      }
    }
    Turn one = turns.get(waits);
    turns.set(waits, one.waiting(one.waitDays() + 1));
    Evaluator evaluator = FORTY.evaluator();
    assertThat(evaluator.moved(was, new Plan(turns))).isEmpty();
    turns.set(waits, one.waiting(one.waitDays() + 2));
    turns.set(leaves, Turn.leftOut(turns.get(leaves).job()));
    assertThat(evaluator.moved(was, new Plan(turns)))
        .containsExactly(
            new Moved(one.job(), Moved.How.WAIT),
            new Moved(turns.get(leaves).job(), Moved.How.MACHINE));
  }

  /** Taking the jobs that are told as moved away leaves every machine's list in its old order. */
  @Test
  void whatIsNotMovedKeepsItsOrder() {
    Random random = new Random(4);
    int most = 0;
    for (int n = 0; n < 40; n++) {
      Plan was = FORTY.drawn(n + 1);
      List<Turn> turns = new ArrayList<>(was.turns());
      for (int k = 0; k < 6; k++) {
        turns.add(random.nextInt(turns.size()), turns.remove(random.nextInt(turns.size())));
      }
      Plan now = new Plan(turns);
      List<JobId> moved = FORTY.evaluator().moved(was, now).stream().map(Moved::job).toList();
      assertThat(moved.size()).isLessThanOrEqualTo(6);
      most = Math.max(most, moved.size());
      for (Machine machine : FORTY.campaign.machines()) {
        assertThat(list(was, machine, moved)).isEqualTo(list(now, machine, moved));
      }
    }
    assertThat(most).isGreaterThan(2);
  }

  private static List<JobId> list(Plan plan, Machine machine, List<JobId> without) {
    return plan.turns().stream()
        .filter(t -> t.machine().filter(machine.id()::equals).isPresent())
        .map(Turn::job)
        .filter(job -> !without.contains(job))
        .toList();
  }

  /** A year that goes on from a morning ends as it would have ended. */
  @ParameterizedTest
  @CsvSource({"autumn-40, 0", "autumn-40, 12", "autumn-40, 30", "spring-40, 45"})
  void aYearGoesOnFromAMorningAsItWouldHave(String name, int gone) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    int same = 0;
    for (int year = 0; year < 6; year++) {
      Plan plan = worked.drawn(year + 3);
      ThisMorning now =
          ThisMorning.of(worked.campaign, worked.years, plan, worked.evaluator(), year, gone, 0);
      Evaluator rest = new Evaluator(now.campaign(), now.years(), Figures.shipped());
      Played whole = worked.evaluator().play(plan, year);
      Played played = rest.play(now.plan(), year);
      for (Run run : played.runs()) {
        if (now.begun().contains(run.job())) {
          assertThat(run.ends()).isEqualTo(whole.byJob().get(run.job()).ends());
          same++;
        }
      }
    }
    assertThat(same).isGreaterThanOrEqualTo(gone == 0 ? 0 : 3);
  }

  @Test
  void aJobUnderWayStaysOnItsMachine() {
    Job job =
        FORTY.campaign.jobs().stream()
            .filter(j -> FORTY.campaign.able(j).size() > 1)
            .findFirst()
            .orElseThrow();
    List<Machine> able = FORTY.campaign.able(job);
    Plan plan = new Plan(List.of(Turn.on(job.id(), able.get(0).id())));
    String other = able.get(1).id();
    List<Job> jobs =
        FORTY.campaign.jobs().stream()
            .map(j -> j.equals(job) ? j.with(b -> b.begunOn(Optional.of(other))) : j)
            .toList();
    Campaign campaign =
        new Campaign(
            FORTY.campaign.first(),
            FORTY.campaign.last(),
            jobs,
            FORTY.campaign.machines(),
            FORTY.campaign.people(),
            FORTY.campaign.roads());
    Evaluator evaluator = new Evaluator(campaign, FORTY.years, Figures.shipped());
    assertThat(campaign.able(campaign.byId().get(job.id()))).containsExactly(able.get(1));
    assertThatThrownBy(() -> evaluator.score(plan))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining("under way on another machine");
  }
}
