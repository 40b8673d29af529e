package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.termination.hours.WorkBlock;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.platform.web.Maybe;

/**
 * Hours of the fields with a living cover; those on the same ground share theirs.
 *
 * @param likely chance in % from which an hour counts as one that will do
 * @param machine that is reckoned with; absent where the farm has none, then at {@code
 *     acresPerHour} of a common one
 */
record HoursView(
    LocalDate today,
    HourWork work,
    @Maybe Label.Kind kind,
    @Maybe String machine,
    double acresPerHour,
    int likely,
    List<FieldHours> fields,
    List<List<WorkHour>> grounds,
    List<LimitWords> limits,
    List<String> cautions) {
  /** What the hours are asked for. */
  enum HourWork {
    ROLL(MachineKind.ROLLER),
    SPRAY(MachineKind.SPRAYER);

    final MachineKind machine;

    HourWork(MachineKind machine) {
      this.machine = machine;
    }
  }

  /**
   * An hour.
   *
   * @param chance in % that it will do
   * @param limit what most often keeps the machine from it, by its lasting name
   */
  record WorkHour(
      LocalDateTime start,
      int chance,
      String limit,
      double temperature,
      double wind,
      int rain,
      double dryness) {}

  /** What a mark in the hours stands for. */
  record LimitWords(String limit, String words) {}

  /**
   * A block of hours; its chance in %.
   *
   * @param ripe whether the cover is ready for it by then, as far as it is to end so
   */
  record FieldBlock(
      LocalDateTime start,
      LocalDateTime end,
      int chance,
      double acres,
      boolean ripe,
      boolean best) {
    static FieldBlock of(WorkBlock b, boolean ripe, boolean best) {
      return new FieldBlock(
          b.block().start(),
          b.block().end(),
          (int) Math.round(b.block().chance().percent()),
          Math.round(10 * b.acres().acres()) / 10.0,
          ripe,
          best);
    }
  }

  /**
   * A field.
   *
   * @param chosen whether its cover is to end with this work
   * @param ground its place among {@code grounds}
   * @param product that it is planned with, {@code rainFree} hours by its label; absent where none
   *     is, or another was asked for
   */
  record FieldHours(
      UUID fieldId,
      @Maybe UUID zoneId,
      String field,
      double acres,
      boolean organic,
      boolean chosen,
      @Maybe LocalDate opens,
      int ground,
      @Maybe String product,
      @Maybe Double rainFree,
      List<FieldBlock> blocks) {}
}
