package nimblefurrow.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.weather.RainGauges;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Rain read from the farm's own gauges. */
@RestController
@RequestMapping("/api/v1/gauges")
class GaugeController {
  /** A reading, with the station's rain of that day beside it. */
  record GaugeReading(
      RainGauges.Reading reading, String where, @Maybe Double stationIn, int fields) {}

  record GaugeForm(
      @NotNull UUID id,
      @Maybe UUID fieldId,
      @Maybe @Size(max = 120) String farmstead,
      @NotNull LocalDate day,
      @NotNull Double rainIn) {}

  private final RainGauges gauges;
  private final Fields fields;
  private final Farms farms;
  private final Seasons seasons;
  private final CurrentFarm current;

  GaugeController(
      RainGauges gauges, Fields fields, Farms farms, Seasons seasons, CurrentFarm current) {
    this.gauges = gauges;
    this.fields = fields;
    this.farms = farms;
    this.seasons = seasons;
    this.current = current;
  }

  @GetMapping
  List<GaugeReading> all() {
    UUID farm = current.id();
    List<FieldView> land = fields.all(farm);
    var weather = seasons.needed(farm).day().weather().measured();
    return gauges.until(farm, farms.today(farms.view(farm))).readings().stream()
        .map(
            r ->
                new GaugeReading(
                    r,
                    where(r, land),
                    weather.covers(r.day()) ? weather.on(r.day()).rainIn() : null,
                    (int) land.stream().filter(f -> standsFor(r, f)).count()))
        .toList();
  }

  private static boolean standsFor(RainGauges.Reading reading, FieldView field) {
    return reading.fieldId() == null
        ? reading.farmstead().equals(field.farmstead())
        : reading.fieldId().equals(field.id());
  }

  private static String where(RainGauges.Reading reading, List<FieldView> land) {
    return land.stream()
        .filter(f -> f.id().equals(reading.fieldId()))
        .map(FieldView::name)
        .findFirst()
        .orElseGet(() -> reading.farmstead() == null ? "a field of before" : reading.farmstead());
  }

  @PostMapping
  List<GaugeReading> keep(@Valid @RequestBody GaugeForm form) {
    UUID farm = current.id();
    LocalDate today = farms.today(farms.view(farm));
    if (form.day().isAfter(today) || form.day().isBefore(today.minusYears(2))) {
      throw new OutOfRange(
          "date",
          "date is from %s to %s, got %s".formatted(today.minusYears(2), today, form.day()));
    }
    if (form.fieldId() != null) {
      fields.one(farm, form.fieldId());
    } else if (fields.all(farm).stream()
        .noneMatch(f -> f.farmstead() != null && f.farmstead().equals(form.farmstead()))) {
      throw new OutOfRange("gauge", "the gauge stands at one of the farm's farmsteads or fields");
    }
    gauges.keep(
        farm,
        form.id(),
        form.fieldId(),
        form.fieldId() == null ? form.farmstead() : null,
        form.day(),
        form.rainIn(),
        current.user().name());
    return all();
  }

  @DeleteMapping("/{id}")
  List<GaugeReading> remove(@PathVariable UUID id) {
    gauges.remove(current.id(), id);
    return all();
  }
}
