package nimblefurrow.server.practice;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.practice.Exercise;
import nimblefurrow.core.practice.Eye;
import nimblefurrow.core.practice.Eye.Judged;
import nimblefurrow.core.practice.Scene;
import nimblefurrow.server.platform.FarmUser;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.season.FarmDay;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What each person judged, and what that says of their eye. */
@Component
public class Eyes {
  private static final int REMEMBERED = 100;

  private final JdbcClient database;
  private final Clock clock;

  Eyes(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** A person's judgements of an exercise, the latest last. */
  @Transactional(readOnly = true)
  List<Judged> judged(UUID person, Exercise exercise) {
    return database
        .sql(
            "select * from (select level, truth, said, judged_at from practice"
                + " where person_id = ? and exercise = ? order by judged_at desc limit ?) p"
                + " order by judged_at")
        .params(person, Codes.kept(exercise), REMEMBERED)
        .query(
            (row, n) ->
                new Judged(
                    row.getInt("level"), row.getInt("truth"), row.getInt("said"), exercise.most()))
        .list();
  }

  @Transactional
  void keep(UUID person, UUID id, Scene scene, int said) {
    database
        .sql(
            "insert into practice (id, person_id, exercise, seed, level, truth, said, judged_at)"
                + " values (?, ?, ?, ?, ?, ?, ?, ?) on conflict (id) do nothing")
        .params(
            id,
            person,
            Codes.kept(scene.exercise()),
            scene.seed(),
            scene.level(),
            scene.truth(),
            said,
            java.sql.Timestamp.from(clock.instant()))
        .update();
  }

  /** Whether a person wants counts moved by what practice says. */
  @Transactional(readOnly = true)
  boolean movesCounts(UUID person) {
    return database
        .sql("select moves_counts from app_user where id = ?")
        .param(person)
        .query(Boolean.class)
        .optional()
        .orElse(false);
  }

  @Transactional
  void moveCounts(UUID person, boolean moved) {
    database
        .sql("update app_user set moves_counts = ? where id = ?")
        .params(moved, person)
        .update();
  }

  /** Share to take off a count of stems of this person; empty where nothing is to be. */
  public Optional<Double> taken(FarmUser person, FarmDay day) {
    Figures figures = day.figures();
    Eye eye = Eye.of(judged(person.userId(), Exercise.HEADS), figures);
    return eye.sure(figures) && movesCounts(person.userId())
        ? Optional.of(eye.bias() / Exercise.HEADS.most())
        : Optional.empty();
  }
}
