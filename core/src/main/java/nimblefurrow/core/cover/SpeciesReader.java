package nimblefurrow.core.cover;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/** Makes a species from its figures; figures that contradict each other are refused. */
final class SpeciesReader {
  private final Map<String, String> row;

  private SpeciesReader(Map<String, String> row) {
    this.row = row;
  }

  static Species read(Map<String, String> row) {
    return new SpeciesReader(row).species();
  }

  private Species species() {
    HeatBase base = HeatBase.valueOf(row.get("heat_base"));
    inOrder("rate_low", "rate_usual");
    inOrder("rate_usual", "rate_high");
    inOrder("depth_low_in", "depth_high_in");
    inOrder("poor_stand", "good_stand");
    return new Species(
        row.get("id"),
        row.get("name"),
        Family.valueOf(row.get("family")),
        Life.valueOf(row.get("life")),
        yes("small_grain"),
        number("seeds_per_lb"),
        number("bulk_lb_ft3"),
        optional("bushel_lb").orElse(0.0),
        SeedRate.poundsPerAcre(number("rate_low")),
        SeedRate.poundsPerAcre(number("rate_usual")),
        SeedRate.poundsPerAcre(number("rate_high")),
        optional("roll_high").map(SeedRate::poundsPerAcre),
        number("depth_low_in"),
        number("depth_high_in"),
        number("soil_min_f"),
        number("cold_f"),
        Heat.of(number("heat_useful"), base),
        optional("heat_survives").map(h -> Heat.of(h, base)),
        optional("heat_roll_only").map(h -> Heat.of(h, base)),
        optional("cap"),
        yes("slow"),
        (int) number("air"),
        (int) number("shade"),
        optional("frost_days").map(Double::intValue),
        yes("frost_seed"),
        optional("good_stand"),
        optional("poor_stand"),
        number("price_per_lb"),
        growth(),
        stages());
  }

  private GrowthFigures growth() {
    return new GrowthFigures(
        number("ceiling"),
        number("middle"),
        number("spread"),
        number("cn_vegetative"),
        number("cn_boot"),
        number("cn_flower"),
        number("cn_dough"),
        number("height_in"));
  }

  private Map<CoverStage, Double> stages() {
    Map<CoverStage, Double> means = new EnumMap<>(CoverStage.class);
    double before = 0;
    for (CoverStage stage : CoverStage.values()) {
      Optional<Double> mean = optional(stage.name().toLowerCase(Locale.ROOT));
      if (mean.isPresent()) {
        if (mean.get() <= before) {
          throw new OutOfRange(
              stage.words(),
              Reason.of(
                  "{} of {} comes after the stage before it ({}), got {}",
                  stage.words(),
                  row.get("name"),
                  Measure.of(before, Unit.FAHRENHEIT_DAY),
                  Measure.of(mean.get(), Unit.FAHRENHEIT_DAY)));
        }
        before = mean.get();
        means.put(stage, before);
      }
    }
    return means;
  }

  private void inOrder(String low, String high) {
    if (optional(low).isPresent()
        && optional(high).isPresent()
        && optional(low).get() > optional(high).get()) {
      throw new OutOfRange(
          Figure.of(low).words(),
          Reason.of(
              "{} of {} is at most its {} ({}), got {}",
              Figure.of(low).words(),
              row.get("name"),
              Figure.of(high).words(),
              Measure.of(optional(high).get(), Figure.of(high).unit()),
              Measure.of(optional(low).get(), Figure.of(low).unit())));
    }
  }

  private boolean yes(String column) {
    return "yes".equals(row.get(column));
  }

  private double number(String column) {
    return optional(column)
        .orElseThrow(
            () -> new IllegalStateException(column + " is missing for " + row.get("name")));
  }

  private Optional<Double> optional(String column) {
    String text = row.getOrDefault(column, "").strip();
    return text.isEmpty() ? Optional.empty() : Optional.of(Double.valueOf(text));
  }
}
