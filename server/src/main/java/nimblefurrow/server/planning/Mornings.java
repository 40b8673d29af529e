package nimblefurrow.server.planning;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Overnight;
import nimblefurrow.core.board.Overnight.Change;
import nimblefurrow.core.board.Overnight.Standing;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.dispatch.Questions;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.farm.Farms.FarmView;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.StoredJson;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;

/**
 * At six in the morning by the farm's clock the list is played again with the new forecast, and
 * what has changed since the morning before is kept to be told.
 */
@Service
class Mornings {
  /**
   * A morning.
   *
   * @param gain dollars a year that mending the list would save, where a change is proposed; else 0
   */
  record Morning(LocalDate day, OffsetDateTime playedAt, List<Change> changes, double gain) {}

  private static final Logger LOG = LoggerFactory.getLogger(Mornings.class);
  private static final LocalTime SIX = LocalTime.of(6, 0);

  private final Dispatch dispatch;
  private final Questions questions;
  private final Replanning replanning;
  private final Farms farms;
  private final JdbcClient jdbc;
  private final StoredJson json;
  private final Clock clock;

  Mornings(
      Dispatch dispatch,
      Questions questions,
      Replanning replanning,
      Farms farms,
      JdbcClient jdbc,
      StoredJson json,
      Clock clock) {
    this.dispatch = dispatch;
    this.questions = questions;
    this.replanning = replanning;
    this.farms = farms;
    this.jdbc = jdbc;
    this.json = json;
    this.clock = clock;
  }

  /** Farms with a list on which it is six or later and that was not played today. */
  List<UUID> due() {
    return jdbc.sql("select distinct farm_id from placement").query(UUID.class).list().stream()
        .filter(this::due)
        .toList();
  }

  /** Plays a farm's list where that is still to be done; one that cannot be is left. */
  void playIfDue(UUID farm) {
    if (!due(farm)) {
      return;
    }
    try {
      play(farm);
    } catch (NotOnThisFarm cannot) {
      LOG.info("no morning play: {}", cannot.getMessage());
    } catch (RuntimeException broken) {
      LOG.warn("a morning play failed", broken);
    }
  }

  /** A day that a demo is set to has no hours: it is always past six then. */
  private boolean due(UUID farmId) {
    FarmView farm = farms.view(farmId);
    boolean up = farm.asOf() != null || !LocalTime.now(clock.withZone(farm.clock())).isBefore(SIX);
    return up && last(farmId).filter(m -> m.day().equals(farms.today(farm))).isEmpty();
  }

  /** Plays a farm's list and keeps what has changed since it was played on an earlier day. */
  Morning play(UUID farmId) {
    Board board = dispatch.board(farmId);
    LocalDate today = board.season().day().today();
    List<Standing> now =
        Overnight.standings(board.placed(), board.problem().list(), questions.risk(board));
    List<Standing> before = before(farmId, today);
    List<Change> changes = Overnight.changes(before, now, board.season().day().figures());
    Replanning.Offer offer = replanning.offer(board, farmId);
    int step = Replanning.proposed(offer, board.season().day().figures());
    double gain = step == 0 ? 0 : offer.keeping() - offer.steps().get(step).loss();
    Morning morning = new Morning(today, OffsetDateTime.now(clock), changes, gain);
    jdbc.sql(
            "insert into morning (farm_id, day, played_at, before, standings, changes, gain)"
                + " values (?, ?, ?, ?::jsonb, ?::jsonb, ?::jsonb, ?) on conflict (farm_id) do update set"
                + " day = excluded.day, played_at = excluded.played_at, before = excluded.before,"
                + " standings = excluded.standings, changes = excluded.changes, gain = excluded.gain")
        .params(
            farmId,
            morning.day(),
            morning.playedAt(),
            json.write(before.stream().map(StoredStanding::of).toList()),
            json.write(now.stream().map(StoredStanding::of).toList()),
            json.write(changes.stream().map(StoredChange::of).toList()),
            gain)
        .update();
    return morning;
  }

  /** The last morning that was played. */
  Optional<Morning> last(UUID farmId) {
    return jdbc.sql("select day, played_at, changes::text, gain from morning where farm_id = ?")
        .param(farmId)
        .query(
            (row, n) ->
                new Morning(
                    row.getObject(1, LocalDate.class),
                    row.getObject(2, OffsetDateTime.class),
                    json.all(row.getString(3), StoredChange.class).stream()
                        .map(StoredChange::change)
                        .toList(),
                    row.getDouble(4)))
        .optional();
  }

  /** The standings of the day before; played again on one day, it is compared with the same. */
  private List<Standing> before(UUID farmId, LocalDate today) {
    return jdbc.sql(
            "select (case when day = ? then before else standings end)::text from morning where farm_id = ?")
        .params(today, farmId)
        .query(String.class)
        .optional()
        .map(
            kept ->
                json.all(kept, StoredStanding.class).stream()
                    .map(StoredStanding::standing)
                    .toList())
        .orElse(List.of());
  }
}
