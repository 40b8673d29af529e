package nimblefurrow.core.cover;

import static nimblefurrow.core.cover.FigureTable.number;
import static nimblefurrow.core.cover.FigureTable.optional;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblefurrow.core.quantity.Heat;
import nimblefurrow.core.quantity.HeatBase;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.SeedRate;
import org.apache.commons.csv.CSVRecord;

/** The species that the application knows, with starting values. */
public final class Catalogue {
  private static final Catalogue SHIPPED = load();

  private final Map<String, Species> species;

  private Catalogue(Map<String, Species> species) {
    this.species = species;
  }

  /** The starting values that come with the application. */
  public static Catalogue shipped() {
    return SHIPPED;
  }

  public List<Species> all() {
    return List.copyOf(species.values());
  }

  /** A species by its id, for example "cereal-rye". */
  public Species species(String id) {
    Species found = species.get(id);
    if (found == null) {
      throw new OutOfRange("species", "species is one of the catalogue's, got " + id);
    }
    return found;
  }

  private static Catalogue load() {
    Map<String, CSVRecord> growth = FigureTable.shipped(Catalogue.class, "growth.csv").byKey();
    Map<String, CSVRecord> stages = FigureTable.shipped(Catalogue.class, "stages.csv").byKey();
    Map<String, Species> species = new LinkedHashMap<>();
    FigureTable.shipped(Catalogue.class, "species.csv")
        .byKey()
        .forEach((id, row) -> species.put(id, species(row, growth.get(id), stages.get(id))));
    return new Catalogue(species);
  }

  private static Species species(CSVRecord row, CSVRecord growth, CSVRecord stages) {
    HeatBase base = HeatBase.valueOf(row.get("heat_base"));
    return new Species(
        row.get("id"),
        row.get("name"),
        Family.valueOf(row.get("family")),
        Life.valueOf(row.get("life")),
        row.get("small_grain").equals("yes"),
        number(row, "seeds_per_lb"),
        number(row, "bulk_lb_ft3"),
        optional(row, "bushel_lb").orElse(0.0),
        SeedRate.poundsPerAcre(number(row, "rate_low")),
        SeedRate.poundsPerAcre(number(row, "rate_usual")),
        SeedRate.poundsPerAcre(number(row, "rate_high")),
        optional(row, "roll_high").map(SeedRate::poundsPerAcre),
        number(row, "soil_min_f"),
        number(row, "cold_f"),
        Heat.of(number(row, "heat_useful"), base),
        optional(row, "heat_survives").map(h -> Heat.of(h, base)),
        optional(row, "heat_roll_only").map(h -> Heat.of(h, base)),
        optional(row, "cap"),
        (int) number(row, "air"),
        number(row, "good_stand"),
        number(row, "poor_stand"),
        number(row, "price_per_lb"),
        new GrowthFigures(
            number(growth, "ceiling"),
            number(growth, "middle"),
            number(growth, "spread"),
            number(growth, "cn_vegetative"),
            number(growth, "cn_boot"),
            number(growth, "cn_flower"),
            number(growth, "cn_dough")),
        stages == null ? Map.of() : stageMeans(stages));
  }

  private static Map<CoverStage, Double> stageMeans(CSVRecord row) {
    Map<CoverStage, Double> means = new EnumMap<>(CoverStage.class);
    for (CoverStage stage : CoverStage.values()) {
      optional(row, stage.name().toLowerCase(Locale.ROOT)).ifPresent(m -> means.put(stage, m));
    }
    return means;
  }
}
