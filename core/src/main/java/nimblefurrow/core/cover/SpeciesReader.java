package nimblefurrow.core.cover;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;

/** Makes a species from its figures; figures that contradict each other are refused. */
final class SpeciesReader {
  private static final FigureKey AFTER_VIABLE = FigureKey.of("cover", "after_viable");

  private final Figures figures;
  private final Row seed;
  private final Row growth;
  private final Optional<Row> stages;

  private SpeciesReader(String id, Figures figures) {
    this.figures = figures;
    this.seed = figures.sheet("species").row(id);
    this.growth = figures.sheet("growth").row(id);
    this.stages = figures.sheet("stages").find(id);
  }

  static Species read(String id, Figures figures) {
    return new SpeciesReader(id, figures).species();
  }

  private Species species() {
    HeatBase base = HeatBase.valueOf(seed.text("heat_base"));
    inOrder("rate_low", "rate_usual");
    inOrder("rate_usual", "rate_high");
    inOrder("depth_low_in", "depth_high_in");
    inOrder("poor_stand", "good_stand");
    if (growth.number("grows_full_f") <= growth.number("grows_from_f")) {
      throw new OutOfRange(
          "mean temperature of full growth",
          Reason.of(
              "mean temperature of full growth of {} is above the one from which it grows ({}),"
                  + " got {}",
              seed.text("name"),
              Measure.of(growth.number("grows_from_f"), Unit.FAHRENHEIT),
              Measure.of(growth.number("grows_full_f"), Unit.FAHRENHEIT)));
    }
    return new Species(
        seed.key(),
        seed.text("name"),
        Family.valueOf(seed.text("family")),
        Life.valueOf(seed.text("life")),
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
        stages(),
        figures);
  }

  private GrowthFigures growth() {
    HeatBase base = HeatBase.valueOf(growth.text("base"));
    Map<CoverStage, Double> means = stages();
    Optional<Double> viable =
        Optional.ofNullable(means.get(CoverStage.VIABLE_SEED))
            .map(h -> h + figures.of(AFTER_VIABLE));
    return new GrowthFigures(
        Heat.of(growth.number("emerges"), base),
        growth.number("grows_from_f"),
        growth.number("grows_full_f"),
        growth.find("night_loss").orElse(0.0),
        growth.number("light_use"),
        growth.number("half_cover"),
        growth.number("ceiling"),
        growth.find("leafy"),
        growth.find("flower").or(() -> Optional.ofNullable(means.get(CoverStage.FLOWERING))),
        growth.find("end").or(() -> viable),
        growth.find("nitrogen_need"),
        growth.number("cn_vegetative"),
        growth.number("cn_boot"),
        growth.number("cn_flower"),
        growth.number("cn_dough"),
        growth.number("height_in"));
  }

  private Map<CoverStage, Double> stages() {
    Map<CoverStage, Double> means = new EnumMap<>(CoverStage.class);
    double before = 0;
    for (CoverStage stage : CoverStage.values()) {
      Optional<Double> mean = stages.flatMap(r -> r.find(stage.code()));
      if (mean.isPresent()) {
        if (mean.get() <= before) {
          throw new OutOfRange(
              stage.words(),
              Reason.of(
                  "{} of {} comes after the stage before it ({}), got {}",
                  stage.words(),
                  seed.text("name"),
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
          figure(low).words(),
          Reason.of(
              "{} of {} is at most its {} ({}), got {}",
              figure(low).words(),
              seed.text("name"),
              figure(high).words(),
              Measure.of(optional(high).get(), figure(high).unit()),
              Measure.of(optional(low).get(), figure(low).unit())));
    }
  }

  private Figure figure(String column) {
    return figures.figure(new FigureId("species", seed.key(), column));
  }

  private boolean yes(String column) {
    return seed.yes(column);
  }

  private double number(String column) {
    return seed.number(column);
  }

  private Optional<Double> optional(String column) {
    return seed.find(column);
  }
}
