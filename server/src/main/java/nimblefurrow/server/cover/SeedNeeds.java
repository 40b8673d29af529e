package nimblefurrow.server.cover;

import java.util.List;
import java.util.Map;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.seeding.MemberRate;
import nimblefurrow.core.seeding.RateBuilder;
import nimblefurrow.core.seeding.SeedTag;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.season.CaseBuilder;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.seed.SeedLots;
import org.springframework.stereotype.Service;

/** What seed a cover needs on a field, member by member, chosen or only tried. */
@Service
public class SeedNeeds {
  private final SeedLots lots;
  private final Seasons seasons;

  SeedNeeds(SeedLots lots, Seasons seasons) {
    this.lots = lots;
    this.seasons = seasons;
  }

  /** The tags to reckon with on a farm; asked once for many fields. */
  public Map<String, SeedTag> tags(FarmDay farm) {
    return lots.tags(farm.farm().id());
  }

  /** The seed that a field's chosen cover needs, member by member. */
  public List<SeedLine> seed(FarmDay farm, FieldSeasons field) {
    return seed(farm, field, tags(farm));
  }

  public List<SeedLine> seed(FarmDay farm, FieldSeasons field, Map<String, SeedTag> tags) {
    return field
        .cover()
        .map(c -> lines(rates(farm, field.now(), c.cover(), tags)))
        .orElse(List.of());
  }

  /** The seed that a cover not yet chosen would need. */
  public List<SeedLine> seed(FarmDay farm, FieldSeasons field, CoverDetails tried) {
    FieldCase asked = field.now().field().with(keepingSown(farm, field, tried));
    return lines(rates(farm, seasons.tried(farm, asked), tried, tags(farm)));
  }

  private static List<SeedLine> lines(List<MemberRate> rates) {
    return rates.stream()
        .map(
            r ->
                new SeedLine(
                    r.species().id(),
                    r.species().name(),
                    r.live().poundsPerAcre(),
                    r.bulk().poundsPerAcre(),
                    r.plantsPerSquareFoot(),
                    r.forField().pounds(),
                    r.bags(),
                    r.costPerAcre().value()))
        .toList();
  }

  static List<MemberRate> rates(
      FarmDay farm, FieldSeason season, CoverDetails details, Map<String, SeedTag> tags) {
    return rates(farm, season, details, tags, season.field().cover().orElseThrow().way());
  }

  static List<MemberRate> rates(
      FarmDay farm,
      FieldSeason season,
      CoverDetails details,
      Map<String, SeedTag> tags,
      SeedingMethod way) {
    return rates(farm, season, details, tags, way, season.field().cover().orElseThrow().rollOnly());
  }

  static List<MemberRate> rates(
      FarmDay farm,
      FieldSeason season,
      CoverDetails details,
      Map<String, SeedTag> tags,
      SeedingMethod way,
      boolean rollOnly) {
    CoverPlan plan = season.field().cover().orElseThrow();
    RateBuilder builder =
        new RateBuilder(
            way,
            plan.goal(),
            rollOnly,
            season.weeksLate(),
            farm.farm().rules(),
            season.field().facts().soil(),
            plan.side().thickSlurry());
    return builder.members(
        plan.mix(),
        season.field().facts().area(),
        tags,
        details.typedRates(farm.catalogue()),
        farm.today());
  }

  /** A tried cover on a field that is already sown keeps the day it was sown and what was seen. */
  static CoverPlan keepingSown(FarmDay farm, FieldSeasons field, CoverDetails details) {
    CoverPlan tried = CaseBuilder.plan(details, farm.catalogue()).with(field.clearing());
    return field
        .now()
        .field()
        .cover()
        .filter(p -> p.seeded() != null)
        .map(p -> tried.planned(null).sown(p.seeded()).ended(p.ended()).with(p.seen()))
        .orElse(tried);
  }
}
