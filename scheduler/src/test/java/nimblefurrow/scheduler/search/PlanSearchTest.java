package nimblefurrow.scheduler.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import nimblefurrow.core.board.Mending;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.WorkYear;
import nimblefurrow.core.play.Campaign;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.SlidYear;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.play.written.DrawnCampaign;
import nimblefurrow.core.play.written.ThisMorning;
import nimblefurrow.core.play.written.WorkedCampaign;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.yard.Machine;
import nimblefurrow.scheduler.mending.Replan;
import nimblefurrow.scheduler.rules.Ways;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Plans that are searched for, against the best there is, against rules, and against themselves.
 */
class PlanSearchTest {
  private static final Figures F = Figures.shipped();
  private static final Effort SOON = new Effort(3, 0.06, 1);

  private static PlanSearch search(WorkedCampaign worked) {
    return new PlanSearch(worked.campaign, worked.years, List.of(), F);
  }

  private static Found found(WorkedCampaign worked, Effort effort) {
    return search(worked).search(effort, () -> false);
  }

  /** The worked examples are so small that their best is known. */
  @ParameterizedTest
  @CsvSource({
    "1 , 400",
    "2 , 100",
    "2b, 0",
    "3 , 30",
    "4 , 6000",
    "5 , 900",
    "6 , 0",
    "7a, 2500",
    "7b, 2800",
    "8 , 800",
    "8e, 0",
    "9 , 0"
  })
  void theBestOfEachWorkedExampleIsFound(String name, double best) {
    WorkedCampaign worked = WorkedCampaign.check(name);
    Found found = found(worked, SOON);
    assertThat(worked.evaluator().score(found.plan()).mean().value())
        .isCloseTo(best, within(0.005));
  }

  static Stream<Integer> drawn() {
    return Stream.iterate(1, n -> n + 1).limit(14);
  }

  /**
   * A few jobs and years of a large campaign, all orders, machines and waits of which are tried.
   */
  @ParameterizedTest
  @MethodSource("drawn")
  void tryingEverythingFindsNothingBetter(int seed) {
    WorkedCampaign all = WorkedCampaign.read(seed % 2 == 0 ? "autumn-40" : "spring-40");
    Random random = new Random(seed);
    List<Job> jobs = new ArrayList<>();
    int at = random.nextInt(all.campaign.jobs().size() - 12);
    for (Job job : all.campaign.jobs().subList(at, at + 12)) {
      if (jobs.size() < 4) {
        jobs.add(job.with(j -> j.after(List.of())));
      }
    }
    Campaign few =
        new Campaign(
            all.campaign.first(),
            all.campaign.last(),
            jobs,
            all.campaign.machines(),
            all.campaign.people(),
            all.campaign.roads());
    List<WorkYear> years = all.years.subList(seed % 20, seed % 20 + 3);
    Evaluator evaluator = new Evaluator(few, years, F);
    Found found = new PlanSearch(few, years, List.of(), F).search(SOON, () -> false);
    double searched = evaluator.score(found.plan()).mean().value();
    Every every = new Every(few, evaluator);
    every.from(new ArrayList<>(), new ArrayList<>(jobs));
    assertThat(every.tried).isGreaterThan(20);
    // Slid years may ask for a wait that the years as they were do not: a tenth of a percent.
    assertThat(searched).isLessThanOrEqualTo(every.least * 1.001 + 0.01);
  }

  static Stream<Arguments> drawnByUs() {
    return IntStream.rangeClosed(1, 12)
        .boxed()
        .flatMap(seed -> Stream.of(DrawnCampaign.Season.values()).map(s -> Arguments.of(s, seed)));
  }

  /**
   * Small campaigns of our own, with waits between their jobs, tried in every order: on the years
   * that the search minds, those slid by some days among them, nothing loses less.
   */
  @ParameterizedTest
  @MethodSource("drawnByUs")
  void tryingEverythingOfADrawnCampaignFindsNothingBetter(DrawnCampaign.Season season, int seed) {
    DrawnCampaign.Load load = DrawnCampaign.Load.values()[seed % 3];
    WorkedCampaign worked = DrawnCampaign.of(season, load, 5, 4, seed);
    Evaluator own = worked.evaluator();
    Evaluator slid =
        new Evaluator(
            worked.campaign, SlidYear.of(worked.years, PlanSearch.SLIDES, worked.campaign), F);
    Found found = found(worked, SOON);
    double rule = search(worked).bestRule().loss();
    Every every = new Every(worked.campaign, own, slid, rule);
    every.from(new ArrayList<>(), new ArrayList<>(worked.campaign.jobs()));
    assertThat(every.tried).isGreaterThanOrEqualTo(120);
    assertThat(own.score(found.plan()).mean().value()).isLessThanOrEqualTo(rule);
    assertThat(slid.score(found.plan()).mean().value())
        .isLessThanOrEqualTo(every.least * 1.001 + 0.01);
  }

  /** More work for the same machines is never cheaper, and the same seed draws the same. */
  @Test
  void aHeavierLoadLosesMore() {
    double before = -1;
    for (DrawnCampaign.Load load : DrawnCampaign.Load.values()) {
      WorkedCampaign worked = DrawnCampaign.of(DrawnCampaign.Season.AUTUMN, load, 30, 6, 7);
      double loss = search(worked).bestRule().loss();
      assertThat(loss).isGreaterThan(before);
      assertThat(
              search(DrawnCampaign.of(DrawnCampaign.Season.AUTUMN, load, 30, 6, 7))
                  .bestRule()
                  .loss())
          .isEqualTo(loss);
      before = loss;
    }
  }

  /** All orders, with every machine or none, begun at once or on the day that costs least. */
  private static final class Every {
    private final Campaign campaign;
    private final Evaluator allowed;
    private final Evaluator evaluator;
    private final double most;
    private final Ways ways;
    private double least = Double.MAX_VALUE;
    private int tried;

    Every(Campaign campaign, Evaluator evaluator) {
      this(campaign, evaluator, evaluator, Double.MAX_VALUE);
    }

    /** Only what loses no more than so much on some years counts on the others. */
    Every(Campaign campaign, Evaluator allowed, Evaluator evaluator, double most) {
      this.campaign = campaign;
      this.allowed = allowed;
      this.evaluator = evaluator;
      this.most = most;
      this.ways = new Ways(campaign);
    }

    void from(List<Turn> turns, List<Job> left) {
      if (left.isEmpty()) {
        Plan plan = new Plan(turns);
        if (most == Double.MAX_VALUE || allowed.score(plan).mean().value() <= most) {
          least = Math.min(least, evaluator.score(plan).mean().value());
        }
        tried++;
        return;
      }
      for (Job job : List.copyOf(left)) {
        List<Job> rest = new ArrayList<>(left);
        rest.remove(job);
        int place = campaign.jobs().indexOf(job);
        List<Turn> choices = new ArrayList<>();
        for (Machine machine : campaign.able(job)) {
          choices.add(Turn.on(job.id(), machine.id()));
          if (ways.bestWait[place] > 0) {
            choices.add(Turn.on(job.id(), machine.id()).waiting(ways.bestWait[place]));
          }
        }
        if (ways.leavable[place]) {
          choices.add(Turn.leftOut(job.id()));
        }
        for (Turn turn : choices) {
          turns.add(turn);
          from(turns, rest);
          turns.remove(turns.size() - 1);
        }
      }
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"autumn-40", "spring-120"})
  void theSearchLosesMuchLessThanTheGrowersRule(String name) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    PlanSearch search = search(worked);
    Found found = search.search(new Effort(1, 1, 1), () -> false);
    assertThat(found.loss()).isLessThan(search.bestRule().loss());
    assertThat(found.loss()).isLessThan(0.8 * search.closingFirst().loss());
    assertThat(found.loss())
        .isCloseTo(worked.evaluator().score(found.plan()).mean().value(), within(0.01));
  }

  @Test
  void theSameSeedFindsTheSamePlanByHoweverManyThreads() {
    WorkedCampaign worked = WorkedCampaign.read("autumn-40");
    Found once = found(worked, SOON);
    assertThat(found(worked, SOON)).isEqualTo(once);
    assertThat(found(worked, new Effort(4, 0.06, 1)).plan()).isNotEqualTo(once.plan());
    Found two = found(worked, new Effort(3, 0.06, 2));
    assertThat(two.trials()).isGreaterThan(once.trials());
    assertThat(found(worked, new Effort(3, 0.06, 2))).isEqualTo(two);
  }

  @Test
  void whatHasADayKeepsItAndASearchCanBeStopped() {
    WorkedCampaign worked = WorkedCampaign.read("autumn-40");
    Job job = worked.campaign.jobs().get(5);
    Turn given =
        Turn.on(job.id(), worked.campaign.able(job).get(0).id())
            .from(worked.campaign.first().plusDays(30))
            .firmly(true);
    PlanSearch search = new PlanSearch(worked.campaign, worked.years, List.of(given), F);
    assertThat(search.search(SOON, () -> false).plan().turns()).contains(given);
    Found none = search.search(SOON, () -> true);
    assertThat(none.plan()).isEqualTo(search.bestRule().plan());
    assertThat(none.trials()).isZero();
  }

  /** What is found holds in years that were slid farther than any that it saw, each way. */
  @ParameterizedTest
  @CsvSource({"AUTUMN,210,14,3", "AUTUMN,60,28,1", "SPRING,60,28,2"})
  void nothingIsTakenThatDoesNotHoldElsewhere(
      DrawnCampaign.Season season, int jobs, int years, int seed) {
    WorkedCampaign drawn = DrawnCampaign.of(season, DrawnCampaign.Load.EASY, jobs, years, seed);
    PlanSearch search = new PlanSearch(drawn.campaign, drawn.years, List.of(), F);
    Plan rule = search.bestRule().plan();
    Plan found = search.search(new Effort(2, 2, 1), () -> false).plan();
    assertThat(PlanSearch.HELD_BACK).hasSize(2);
    for (int days : PlanSearch.HELD_BACK) {
      Evaluator elsewhere =
          new Evaluator(drawn.campaign, SlidYear.of(drawn.years, List.of(days), drawn.campaign), F);
      assertThat(elsewhere.score(found).mean().value())
          .as("slid by %d days", days)
          .isLessThanOrEqualTo(elsewhere.score(rule).mean().value() + 0.01);
    }
    assertThat(PlanSearch.HELD_BACK).doesNotContainAnyElementsOf(PlanSearch.SLIDES);
  }

  @ParameterizedTest
  @ValueSource(strings = {"autumn-40", "spring-40"})
  void changingFewJobsOfAListBringsMuchOfWhatChangingAllBrings(String name) {
    WorkedCampaign worked = WorkedCampaign.read(name);
    Plan plan = found(worked, new Effort(1, 0.5, 1)).plan();
    Evaluator judge = worked.evaluator();
    ThisMorning now = ThisMorning.of(worked.campaign, worked.years, plan, judge, 9, 14, 7);
    PlanSearch search = new PlanSearch(now.campaign(), now.years(), List.of(), F);
    Evaluator mind = new Evaluator(now.campaign(), now.years(), F);
    Replan replan = new Replan(now.plan(), new Mending(now.begun(), Set.of()));
    double keeping = mind.score(now.plan()).mean().value();
    List<Share> shares = List.of(Share.of(0), Share.of(0.05), Share.of(0.15), Share.of(1));
    List<Found> all =
        search.again(replan, shares, Share.of(0.15), new Effort(1, 0.4, 1), () -> false);
    int untouched = now.campaign().jobs().size() - now.begun().size();
    double last = keeping;
    for (int i = 0; i < shares.size(); i++) {
      int moved = mind.moved(now.plan(), all.get(i).plan()).size();
      assertThat(moved).isLessThanOrEqualTo((int) (shares.get(i).fraction() * untouched));
      assertThat(all.get(i).loss()).isLessThanOrEqualTo(last + 0.01);
      last = all.get(i).loss();
    }
    assertThat(all.get(2).loss()).isLessThan(0.99 * keeping);
    double gained = keeping - all.get(2).loss();
    assertThat(gained).isGreaterThan(0.5 * (keeping - all.get(3).loss()));
    assertThat(search.again(replan, shares, Share.of(0.15), new Effort(1, 0.4, 1), () -> false))
        .isEqualTo(all);
  }
}
