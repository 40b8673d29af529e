package nimblefurrow.server.planning;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.board.Mending;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.board.PlannedPlaces;
import nimblefurrow.core.board.ScheduleProblem;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.play.Evaluator;
import nimblefurrow.core.play.Moved;
import nimblefurrow.core.play.Plan;
import nimblefurrow.core.play.Turn;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.scheduler.mending.Replan;
import nimblefurrow.scheduler.search.Effort;
import nimblefurrow.scheduler.search.Found;
import nimblefurrow.scheduler.search.PlanSearch;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.placement.Placements;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.codes.StoredJson;
import nimblefurrow.server.unchanged.Unchanged;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What to do with the list when the world has changed: keep it, or move some of its jobs. Keeping
 * comes first; a change is offered with what it gains.
 */
@Service
class Replanning {
  /**
   * One way to go on.
   *
   * @param most share of the untouched jobs that it may move
   * @param loss dollars a year
   * @param moved jobs that it moves
   * @param gone jobs that come to stand nowhere
   */
  record Step(double most, double loss, List<Moved> moved, List<Pin> pins, List<JobId> gone) {}

  /**
   * @param keeping dollars a year that are lost if nothing is moved
   * @param steps from keeping the list to moving whatever helps
   */
  record Offer(UUID id, double keeping, List<Step> steps) {}

  private static final long SEED = 1;

  private final Dispatch dispatch;
  private final Placements placements;
  private final PlanVersions versions;
  private final JdbcClient jdbc;
  private final StoredJson json;
  private final Unchanged unchanged;
  private final double seconds;
  private final double mostSeconds;

  /**
   * @param seconds about what a search takes for one share of jobs that may be moved
   * @param mostSeconds by the clock for all of them: on a busy machine less is looked at
   */
  Replanning(
      Dispatch dispatch,
      Placements placements,
      PlanVersions versions,
      JdbcClient jdbc,
      StoredJson json,
      Unchanged unchanged,
      @Value("${furrow.replan-seconds:0.65}") double seconds,
      @Value("${furrow.replan-most-seconds:2.6}") double mostSeconds) {
    this.mostSeconds = mostSeconds;
    this.unchanged = unchanged;
    this.dispatch = dispatch;
    this.placements = placements;
    this.versions = versions;
    this.jdbc = jdbc;
    this.json = json;
    this.seconds = seconds;
  }

  /** The ways to go on from this morning, worked out anew. */
  Offer offer(Board board, UUID farmId) {
    ScheduleProblem now = board.problem();
    Figures figures = now.fit().figures();
    ScheduleProblem anew = now.pinned(now.pins().stream().filter(Pin::locked).toList());
    PlanSearch search = new PlanSearch(anew.campaign(), anew.days().years(), anew.given(), figures);
    Plan kept = search.whole(now.list());
    Set<JobId> placed = now.given().stream().map(Turn::job).collect(Collectors.toSet());
    List<Share> shares = Mending.shares(figures);
    long began = System.nanoTime();
    List<Found> found =
        search.again(
            new Replan(kept, Mending.of(now)),
            shares,
            Mending.usual(figures),
            new Effort(SEED, seconds, 1),
            () -> System.nanoTime() - began > mostSeconds * 1e9);
    Evaluator mind = new Evaluator(anew.campaign(), anew.days().years(), figures);
    double keeping = mind.score(kept).mean().value();
    List<Step> steps = new ArrayList<>();
    steps.add(step(anew, mind, kept, kept, keeping, Share.of(0), placed));
    for (int i = 0; i < found.size(); i++) {
      Found one = found.get(i);
      steps.add(step(anew, mind, kept, one.plan(), one.loss(), shares.get(i), placed));
    }
    Offer offer = new Offer(UUID.randomUUID(), keeping, steps);
    keep(farmId, offer);
    return offer;
  }

  private static Step step(
      ScheduleProblem anew,
      Evaluator mind,
      Plan kept,
      Plan plan,
      double loss,
      Share most,
      Set<JobId> placed) {
    PlannedPlaces places = PlannedPlaces.of(anew, plan);
    List<Moved> moved =
        mind.moved(kept, plan).stream().filter(m -> placed.contains(m.job())).toList();
    return new Step(most.fraction(), loss, moved, places.pins(), places.left());
  }

  /** The step that is proposed: the last that is worth it; else keeping the list. */
  static int proposed(Offer offer, Figures figures) {
    int best = 0;
    for (int i = 1; i < offer.steps().size(); i++) {
      Step step = offer.steps().get(i);
      Money then = Money.of(step.loss());
      boolean worth =
          Mending.proposed(Share.of(step.most()), Money.of(offer.keeping()), then, figures);
      best = worth ? i : best;
    }
    return best;
  }

  /**
   * Takes one of the offered ways.
   *
   * @throws Conflict where the board has changed since it was offered
   */
  @Transactional
  void take(UUID farmId, UUID offerId, int step) {
    StoredOffer offer =
        jdbc.sql("select offer::text from plan_offer where farm_id = ? and id = ? and stands = ?")
            .params(farmId, offerId, unchanged.stands(farmId))
            .query(String.class)
            .optional()
            .map(kept -> json.read(kept, StoredOffer.class))
            .filter(kept -> step >= 0 && step < kept.steps().size())
            .orElseThrow(
                () -> new Conflict("the board has changed since this was offered: ask again"));
    StoredOffer.StoredStep taken = offer.steps().get(step);
    placements.change(farmId, "re-plan", taken.places().pins(), taken.left());
    versions.keep(farmId, VersionKind.REPLANNED, taken.loss());
    jdbc.sql("delete from plan_offer where farm_id = ?").param(farmId).update();
  }

  private void keep(UUID farmId, Offer offer) {
    jdbc.sql(
            "insert into plan_offer (farm_id, id, stands, offer) values (?, ?, ?, ?::jsonb)"
                + " on conflict (farm_id) do update set id = excluded.id,"
                + " stands = excluded.stands, offer = excluded.offer")
        .params(farmId, offer.id(), unchanged.stands(farmId), json.write(StoredOffer.of(offer)))
        .update();
  }
}
