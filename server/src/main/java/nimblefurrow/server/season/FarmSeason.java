package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.LandPart;
import nimblefurrow.core.season.job.FieldJobs;
import nimblefurrow.core.season.job.HarvestJob;
import nimblefurrow.core.season.job.HeldBack;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.platform.NotOnThisFarm;

/**
 * The running seasons of all fields of a farm.
 *
 * @param fields fields and zones with covers of their own; fields without a crop have none
 * @param troubles fields that could not be worked out, and why
 * @param withoutCrop how many fields have no crop yet
 */
public record FarmSeason(
    FarmDay day, List<FieldSeasons> fields, List<Trouble> troubles, int withoutCrop) {
  /** The open jobs of a cover. */
  public List<Job> jobs(FieldSeasons cover) {
    return jobs(day, cover);
  }

  /**
   * The same, with the harvest of the crop that still stands before it: once for a field, whatever
   * covers its zones have.
   */
  public List<Job> jobsWithHarvest(FieldSeasons cover) {
    List<Job> own = jobs(day, cover);
    Optional<Job> harvest = harvest(cover, day.figures());
    if (harvest.isEmpty()) {
      return own;
    }
    List<Job> all = new ArrayList<>();
    if (cover.zone().isEmpty()) {
      all.add(harvest.get());
    }
    all.addAll(HarvestJob.before(cover.crop().id(), cover.now(), own));
    return all;
  }

  /** The harvest of the crop that stands before a cover; empty once it is in. */
  public static Optional<Job> harvest(FieldSeasons cover, Figures figures) {
    UUID crop = cover.crop().id();
    boolean in =
        cover.entries().stream()
            .anyMatch(e -> e.fact() instanceof Harvested && e.link().equals(crop));
    return in || cover.crop().kind() != LinkKind.CROP
        ? Optional.empty()
        : HarvestJob.of(
            crop, cover.field().name(), Area.ofAcres(cover.field().acres()), cover.now(), figures);
  }

  /** The sowing of a cover as another way in would do it; empty where that is no job here. */
  public Optional<Job> sowing(FieldSeasons cover, SeedingMethod way) {
    FieldCase field = cover.now().field();
    return field
        .cover()
        .filter(plan -> plan.seeded() == null && plan.way() != way)
        .map(plan -> cover.with(day.composer().compose(field.with(plan.by(way)))))
        .flatMap(
            tried ->
                HarvestJob.before(cover.crop().id(), tried.now(), jobs(day, tried)).stream()
                    .filter(job -> job.id().operation() == Operation.SEED)
                    .findFirst()
                    .map(job -> FieldJobs.valued(job, tried.now(), day.figures())));
  }

  /** All covers of the running season, those after a cut among them. */
  public List<FieldSeasons> covers() {
    return fields.stream().flatMap(f -> f.andAfter().stream()).toList();
  }

  /** The field's own season, without zones that have covers of their own; refused on no field. */
  public FieldSeasons field(UUID fieldId) {
    return fields.stream()
        .filter(f -> f.zone().isEmpty() && f.field().id().equals(fieldId))
        .findFirst()
        .orElseThrow(() -> new NotOnThisFarm("field"));
  }

  /** The same farm with some of its fields only. */
  FarmSeason only(List<FieldSeasons> some) {
    return new FarmSeason(day, some, troubles, withoutCrop);
  }

  static List<Job> jobs(FarmDay day, FieldSeasons cover) {
    return FieldJobs.of(cover.key(), cover.field().name(), cover.now(), day.figures());
  }

  /** The zone whose ground gives a job the fewest days. */
  static Optional<String> heldBack(FarmDay day, FieldSeasons cover, Job job) {
    List<LandPart> parts = cover.now().field().facts().parts();
    return parts.isEmpty()
        ? Optional.empty()
        : HeldBack.byGround(job, day.today(), day.weather().fit(), parts);
  }
}
