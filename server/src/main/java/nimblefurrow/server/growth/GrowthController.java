package nimblefurrow.server.growth;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.season.GrowthTable;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.Answers;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A field's cover week by week: what stands, and what lies after it is ended. */
@RestController
@RequestMapping("/api/v1/fields")
class GrowthController {
  /** A week of the living cover; shares in %. */
  record LivingWeek(
      LocalDate on,
      Answers.MatRange mat,
      @Maybe Answers.MatRange before,
      double heightIn,
      int ground,
      double carbonToNitrogen,
      double nitrogenLbAc,
      int weedsDown) {}

  /** A week of the dead mat; shares in %. */
  record DeadWeek(LocalDate on, int weeks, long matLbAc, int weedsDown, double releasedLbAc) {}

  /** The cover's growth, and its mat after the end. */
  record GrowthView(
      LocalDate today,
      LocalDate ends,
      double carbonToNitrogen,
      double nitrogenLbAc,
      double availableLbAc,
      @Maybe LocalDate halfLeft,
      boolean seen,
      @Maybe Double fedLbAc,
      List<LivingWeek> living,
      List<DeadWeek> dead) {}

  private final Seasons seasons;
  private final CurrentFarm current;

  GrowthController(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  @GetMapping("/{id}/growth")
  GrowthView growth(@PathVariable UUID id, @RequestParam(required = false) UUID zone) {
    OneField field = seasons.one(current.id(), id, zone);
    FieldSeasons part = field.parts().get(0);
    GrowthTable table =
        GrowthTable.of(part.now())
            .orElseThrow(() -> new OutOfRange("cover", "choose a cover for this field first"));
    return new GrowthView(
        field.day().today(),
        table.ends(),
        one(table.nitrogen().carbonToNitrogen()),
        one(table.nitrogen().contentLbAc()),
        one(table.nitrogen().availableLbAc()),
        table.halfLeft().orElse(null),
        table.living().get(0).before().isPresent(),
        part.now().field().facts().nitrogen().orElse(null),
        table.living().stream().map(GrowthController::living).toList(),
        table.dead().stream().map(GrowthController::dead).toList());
  }

  private static LivingWeek living(GrowthTable.Living w) {
    return new LivingWeek(
        w.date(),
        Answers.MatRange.of(w.mat()),
        w.before().map(Answers.MatRange::of).orElse(null),
        one(w.heightIn()),
        Percent.of(w.groundCover()),
        one(w.carbonToNitrogen()),
        one(w.nitrogenLbAc()),
        Percent.of(w.weedsDown()));
  }

  private static DeadWeek dead(GrowthTable.Dead w) {
    return new DeadWeek(
        w.date(), w.weeks(), Math.round(w.mat()), Percent.of(w.weedsDown()), one(w.releasedLbAc()));
  }

  private static double one(double value) {
    return Math.round(10 * value) / 10.0;
  }
}
