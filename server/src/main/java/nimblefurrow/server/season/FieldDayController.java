package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.season.FieldDay;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.Answers.MatRange;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Reads one day off a field's lane. */
@RestController
@RequestMapping("/api/v1/season")
public class FieldDayController {
  private final Seasons seasons;
  private final CurrentFarm current;

  FieldDayController(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  /** What is read off one day of a field; chances and shares in %. */
  public record DayAnswer(
      LocalDate day,
      List<StageShare> stages,
      @Maybe MatRange mat,
      TopsoilRange topsoil,
      List<JobChance> jobs) {
    record TopsoilRange(int low, int middle, int high) {}

    record JobChance(String words, int chance) {}
  }

  @GetMapping("/{fieldId}/day")
  DayAnswer day(
      @PathVariable UUID fieldId,
      @RequestParam LocalDate on,
      @RequestParam(required = false) UUID zone) {
    OneField one = seasons.one(current.id(), fieldId, zone);
    FarmDay farm = one.day();
    LocalDate first = farm.outlook().first();
    if (on.isBefore(first) || on.isAfter(farm.outlook().last())) {
      throw new OutOfRange(
          "on", Reason.of("a day is read between {} and {}", first, farm.outlook().last()));
    }
    FieldSeasons f = one.running();
    FieldDay day =
        FieldDay.of(f.now(), FarmSeason.jobs(farm, f), on, farm.outlook(), farm.weather().fit());
    return new DayAnswer(
        on,
        day.stages().stream()
            .map(
                s ->
                    new StageShare(
                        s.species(), s.stage().words(), Percent.of(s.stems().fraction())))
            .toList(),
        day.mat().map(MatRange::of).orElse(null),
        new DayAnswer.TopsoilRange(
            Percent.of(day.topsoil().low()),
            Percent.of(day.topsoil().middle()),
            Percent.of(day.topsoil().high())),
        day.jobs().stream()
            .map(j -> new DayAnswer.JobChance(j.job().words(), Percent.of(j.open().fraction())))
            .toList());
  }
}
