package nimblefurrow.core.season.look;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Growth;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.GroundCoverRead;
import nimblefurrow.core.journal.HeightRead;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.StandCounted;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.RutDepth;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.weather.Outlook;

/**
 * What was counted, clipped and measured in one cover, in the order of the days.
 *
 * @param weights what tells of its weight
 * @param rutted whether ruts were found that a roller rides over
 */
public record Sightings(
    List<Stems> stems,
    List<MatSight> weights,
    List<Stand> stands,
    List<Wintered> winters,
    boolean rutted) {
  /** Stems of one species counted on a day. */
  public record Stems(LocalDate date, String species, StemCount count) {}

  /** Plants of one species counted on a day. */
  public record Stand(LocalDate date, String species, StandCount count) {}

  /** What came through the winter of one species, seen on a day. */
  public record Wintered(LocalDate date, String species, Share alive) {}

  private static final double LOWEST = 0.1;
  private static final double TALLEST = 5;

  /** Nothing seen yet. */
  public static final Sightings NONE =
      new Sightings(List.of(), List.of(), List.of(), List.of(), false);

  /** What a cover's story tells. */
  public static Sightings of(Story story, Figures figures) {
    List<MatSight> weights = new ArrayList<>();
    story
        .all(nimblefurrow.core.journal.Clipped.class)
        .forEach(clip -> weights.add(new MatSight.Clipped(clip.day(), clip.fact().frames())));
    story
        .all(HeightRead.class)
        .forEach(height -> weights.add(new MatSight.Tall(height.day(), height.fact().mean())));
    story
        .all(GroundCoverRead.class)
        .forEach(
            green ->
                weights.add(
                    new MatSight.Green(green.day(), green.fact().shares(), green.fact().photo())));
    weights.sort(Comparator.comparing(MatSight::date));
    return new Sightings(
        stems(story),
        weights,
        story.all(StandCounted.class).stream()
            .flatMap(
                stand ->
                    stand.fact().species().stream()
                        .map(of -> new Stand(stand.day(), of, stand.fact().count())))
            .toList(),
        story.all(nimblefurrow.core.journal.Wintered.class).stream()
            .flatMap(
                winter ->
                    winter.fact().species().stream()
                        .map(of -> new Wintered(winter.day(), of, winter.fact().share())))
            .toList(),
        story
            .lastRead(RutsRead.class)
            .filter(ruts -> new RutDepth(ruts.mean()).hinders(figures))
            .isPresent());
  }

  /**
   * The counts of stems, each with what its writer's eye sees too many taken off: the cover's own
   * stages and those of its neighbours are moved by the same counts.
   */
  public static List<Stems> stems(Story story) {
    return story.all(StemsCounted.class).stream()
        .flatMap(
            stems ->
                stems.fact().species().stream()
                    .map(of -> new Stems(stems.day(), of, stems.fact().count())))
        .toList();
  }

  /** Stems and weights only. */
  public Sightings(List<Stems> stems, List<MatSight> weights) {
    this(stems, weights, List.of(), List.of(), false);
  }

  public Sightings {
    stems = List.copyOf(stems);
    weights = List.copyOf(weights);
    stands = List.copyOf(stands);
    winters = List.copyOf(winters);
  }

  private boolean nothing() {
    return stems.isEmpty() && weights.isEmpty() && stands.isEmpty() && winters.isEmpty() && !rutted;
  }

  /**
   * The plan with its stages and its growth anchored in what was seen; unsown plans stay as they
   * are.
   *
   * @param given what the field gives the cover to grow with
   */
  public CoverPlan anchor(CoverPlan plan, StandConditions given, Outlook outlook) {
    if (plan.seeded() == null || nothing()) {
      return plan;
    }
    Map<String, StageBelief> beliefs = new HashMap<>(plan.seen().stages());
    for (Stems counted : stems) {
      anchorStages(plan, outlook, beliefs, counted);
    }
    MatBelief belief = plan.seen().mat();
    Map<String, Double> plants = plants(plan);
    MatForecast curve =
        new MatForecast(
            CoverStand.sown(plan.mix(), plan.seeded())
                .with(given)
                .with(new CoverSeen(Map.of(), MatBelief.UNSEEN, plants)),
            outlook);
    for (MatSight weight : weights) {
      belief = weighed(belief, weight, curve);
    }
    CoverSeen told = new CoverSeen(beliefs, belief, plants).rutted(rutted).thin(thin(plan));
    return plan.with(told.standing(tall(plan, given, told, outlook)));
  }

  private static MatBelief weighed(MatBelief belief, MatSight weight, MatForecast curve) {
    LocalDate day = weight.date();
    DryMatter reckoned = curve.curveOn(day);
    return reckoned.poundsPerAcre() <= 0
        ? belief
        : weight
            .said(curve)
            .map(
                said ->
                    belief.after(
                        day,
                        reckoned,
                        curve.groundCoverOn(day),
                        said.mat(),
                        said.cv(),
                        curve.outlook().figures()))
            .orElse(belief);
  }

  /** How tall it stands against the figures, by the last height that was measured. */
  private double tall(CoverPlan plan, StandConditions given, CoverSeen told, Outlook outlook) {
    return weights.stream()
        .filter(MatSight.Tall.class::isInstance)
        .map(MatSight.Tall.class::cast)
        .reduce((earlier, later) -> later)
        .map(
            measured -> {
              CoverStand stand = CoverStand.sown(plan.mix(), plan.seeded()).with(given).with(told);
              double expected =
                  CoverHeight.on(new MatForecast(stand, outlook), measured.date()).inches();
              return expected <= 0
                  ? 1
                  : Math.max(LOWEST, Math.min(TALLEST, measured.inches().mean() / expected));
            })
        .orElse(1.0);
  }

  /** Where the first member stands poor, by its last count; all over where nobody counted it. */
  private Share thin(CoverPlan plan) {
    Species first = plan.mix().members().get(0).species();
    return stands.stream()
        .filter(stand -> stand.species().equals(first.id()))
        .reduce((earlier, later) -> later)
        .flatMap(stand -> stand.count().poorSpots(first))
        .orElse(Share.of(1));
  }

  /** Plants per ft² by species: the last count, less what the winter took after it. */
  private Map<String, Double> plants(CoverPlan plan) {
    Map<String, Double> plants = new HashMap<>(plan.seen().plants());
    for (Mix.Member member : plan.mix().members()) {
      Species species = member.species();
      LocalDate counted = LocalDate.MIN;
      for (Stand stand : stands) {
        if (stand.species().equals(species.id())) {
          plants.put(species.id(), stand.count().asPlants(species));
          counted = stand.date();
        }
      }
      for (Wintered winter : winters) {
        if (winter.species().equals(species.id()) && !winter.date().isBefore(counted)) {
          double before = plants.getOrDefault(species.id(), Growth.usualPlants(species));
          plants.put(species.id(), before * winter.alive().fraction());
        }
      }
    }
    return plants;
  }

  private static void anchorStages(
      CoverPlan plan, Outlook outlook, Map<String, StageBelief> beliefs, Stems counted) {
    Species species =
        plan.mix().members().stream()
            .map(m -> m.species())
            .filter(s -> s.id().equals(counted.species()))
            .findFirst()
            .orElse(null);
    if (species == null || !species.stages().containsKey(CoverStage.FLOWERING)) {
      return;
    }
    CoverStand stand =
        CoverStand.sown(plan.mix(), plan.seeded())
            .with(new CoverSeen(beliefs, MatBelief.UNSEEN, Map.of()));
    StageForecast stages = new StageForecast(species, stand, outlook);
    double mean = stages.mean(CoverStage.FLOWERING).orElseThrow();
    double heat = stages.middleHeatOn(counted.date());
    beliefs.put(
        species.id(), counted.count().anchored(stages.belief(), mean, heat, outlook.figures()));
  }
}
