package nimblefurrow.server.placement;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Pin;
import nimblefurrow.core.job.JobId;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.Part;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.server.part.Parts;
import nimblefurrow.server.part.StoredPart;
import nimblefurrow.server.placement.StoredPlaces.Place;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.codes.StoredJson;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps placements, and every change to them as an act that can be undone and redone. */
@Service
public class Placements {
  private static final int ACTS_KEPT = 100;

  private record Act(long id, String said, StoredAct before, StoredAct after) {}

  private final JdbcClient jdbc;
  private final StoredJson json;
  private final Parts parts;

  Placements(JdbcClient jdbc, StoredJson json, Parts parts) {
    this.jdbc = jdbc;
    this.json = json;
    this.parts = parts;
  }

  @Transactional(readOnly = true)
  public List<Pin> all(UUID farmId) {
    return new StoredPlaces(List.copyOf(places(farmId).values())).pins();
  }

  /** The number of each place, by job; it changes whenever the job is put anywhere. */
  @Transactional(readOnly = true)
  public Map<JobId, Long> revisions(UUID farmId) {
    Map<JobId, Long> revisions = new HashMap<>();
    jdbc.sql(
            "select coalesce(link_id, other_work_id, part_id), operation, revision from placement where farm_id = ?")
        .param(farmId)
        .query(
            row -> {
              revisions.put(job(row), row.getLong(3));
            });
    return revisions;
  }

  /**
   * Refuses a move that was made on another place of the job than the one it has now.
   *
   * @param seen the number of the place it was seen at; null when it was seen without a place
   */
  @Transactional
  public void refuseMoved(UUID farmId, JobId job, Long seen) {
    lock(farmId);
    if (!Objects.equals(revisions(farmId).get(job), seen)) {
      throw new Conflict(
          "someone else has moved this job meanwhile: look where it is, then repeat your move");
    }
  }

  /**
   * Puts jobs where the pins say and takes off those named; the rest stays.
   *
   * @param said the act in words, for the undo button
   */
  @Transactional
  public void change(UUID farmId, String said, List<Pin> pins, List<JobId> takenOff) {
    lock(farmId);
    Map<JobId, Place> now = places(farmId);
    Map<JobId, Place> wanted = new LinkedHashMap<>();
    takenOff.forEach(job -> wanted.put(job, Place.nowhere(job)));
    pins.forEach(p -> wanted.put(p.jobId(), Place.of(p)));
    List<Place> before = new ArrayList<>();
    List<Place> after = new ArrayList<>();
    wanted.forEach(
        (job, place) -> {
          Place was = now.getOrDefault(job, Place.nowhere(job));
          if (!was.equals(place)) {
            before.add(was);
            after.add(place);
          }
        });
    if (!after.isEmpty()) {
      act(farmId, said, StoredAct.of(before), StoredAct.of(after));
    }
  }

  /** Splits a part off a job, which has no place yet. */
  @Transactional
  public void split(UUID farmId, String said, Part part) {
    lock(farmId);
    StoredAct whole = new StoredAct(List.of(), List.of(), List.of(part.id()));
    act(farmId, said, whole, new StoredAct(List.of(), List.of(parts.made(part)), List.of()));
  }

  /** Joins a part with the rest of its job again; its place is gone with it. */
  @Transactional
  public void join(UUID farmId, String said, UUID partId) {
    lock(farmId);
    StoredPart part = parts.one(farmId, partId);
    Place place = places(farmId).getOrDefault(part.job(), Place.nowhere(part.job()));
    StoredAct whole = new StoredAct(List.of(), List.of(), List.of(partId));
    act(farmId, said, new StoredAct(List.of(place), List.of(part), List.of()), whole);
  }

  private void act(UUID farmId, String said, StoredAct before, StoredAct after) {
    apply(farmId, after);
    jdbc.sql("delete from planning_act where farm_id = ? and undone").param(farmId).update();
    jdbc.sql(
            "insert into planning_act (farm_id, said, before_act, after_act, undone) values (?, ?, ?::jsonb, ?::jsonb, false)")
        .params(farmId, said, text(before), text(after))
        .update();
    jdbc.sql(
            "delete from planning_act where farm_id = ? and id not in (select id from "
                + "planning_act where farm_id = ? order by id desc limit ?)")
        .params(farmId, farmId, ACTS_KEPT)
        .update();
  }

  @Transactional(readOnly = true)
  public Optional<String> undoable(UUID farmId) {
    return act(farmId, false).map(Act::said);
  }

  @Transactional(readOnly = true)
  public Optional<String> redoable(UUID farmId) {
    return act(farmId, true).map(Act::said);
  }

  @Transactional
  public void undo(UUID farmId) {
    lock(farmId);
    Act act = act(farmId, false).orElseThrow(() -> new Conflict("there is nothing to undo"));
    apply(farmId, act.before());
    mark(act, true);
  }

  @Transactional
  public void redo(UUID farmId) {
    lock(farmId);
    Act act = act(farmId, true).orElseThrow(() -> new Conflict("there is nothing to redo"));
    apply(farmId, act.after());
    mark(act, false);
  }

  private void mark(Act act, boolean undone) {
    jdbc.sql("update planning_act set undone = ? where id = ?").params(undone, act.id()).update();
  }

  /**
   * Two planners at once take turns, so that no act is lost between reading and writing. Whoever
   * writes something else that points at the farm does not wait for them.
   */
  private void lock(UUID farmId) {
    jdbc.sql("select id from farm where id = ? for no key update")
        .param(farmId)
        .query(UUID.class)
        .single();
  }

  /** The last act done, or the first undone one. */
  private Optional<Act> act(UUID farmId, boolean undone) {
    String order = undone ? "asc" : "desc";
    return jdbc.sql(
            "select id, said, before_act::text, after_act::text from planning_act where farm_id = ? and undone = ? order by id "
                + order
                + " limit 1")
        .params(farmId, undone)
        .query(
            (row, n) ->
                new Act(
                    row.getLong(1),
                    row.getString(2),
                    json.read(row.getString(3), StoredAct.class),
                    json.read(row.getString(4), StoredAct.class)))
        .optional();
  }

  private void apply(UUID farmId, StoredAct wanted) {
    wanted.whole().forEach(part -> parts.remove(farmId, part));
    wanted.split().forEach(part -> parts.add(farmId, part));
    for (Place place : wanted.places()) {
      jdbc.sql(
              "delete from placement where farm_id = ? and coalesce(link_id, other_work_id, part_id) = ? and operation = ?")
          .params(farmId, place.cover(), place.operation())
          .update();
      if (place.machineId() != null) {
        // A machine of another farm, or one sold meanwhile, takes no job; a cover or work gone has
        // none.
        jdbc.sql(
                """
                insert into placement (id, farm_id, link_id, other_work_id, part_id, operation, machine_id, starts, locked, wait_days)
                select :id, m.farm_id, l.id, o.id, p.id, :operation, m.id, :starts, :locked, :wait::integer from machine m
                  left join chain_link l on l.farm_id = m.farm_id and l.id = :subject
                  left join other_work o on o.farm_id = m.farm_id and o.id = :subject
                  left join job_part p on p.farm_id = m.farm_id and p.id = :subject
                  where m.farm_id = :farm and m.id = :machine and num_nonnulls(l.id, o.id, p.id) = 1
                """)
            .param("id", UUID.randomUUID())
            .param("operation", place.operation())
            .param("starts", place.starts())
            .param("locked", place.locked())
            .param("wait", place.waitDays())
            .param("subject", place.cover())
            .param("farm", farmId)
            .param("machine", place.machineId())
            .update();
      }
    }
  }

  private Map<JobId, Place> places(UUID farmId) {
    Map<JobId, Place> places = new LinkedHashMap<>();
    jdbc.sql(
            "select coalesce(link_id, other_work_id, part_id), operation, machine_id, starts, locked, wait_days"
                + " from placement where farm_id = ?")
        .param(farmId)
        .query(
            (row, n) ->
                new Place(
                    row.getObject(1, UUID.class),
                    row.getString(2),
                    row.getObject(3, UUID.class),
                    row.getObject(4, LocalDate.class),
                    row.getBoolean(5),
                    row.getObject(6, Integer.class)))
        .list()
        .forEach(p -> places.put(p.job(), p));
    return places;
  }

  private static JobId job(ResultSet row) throws SQLException {
    return new JobId(row.getObject(1, UUID.class), operation(row.getString(2)));
  }

  private String text(StoredAct standing) {
    return json.write(standing);
  }

  private static Operation operation(String code) {
    return Coded.of(Operation.class, code).orElseThrow();
  }
}
