package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.SoilTexture;

/**
 * Rates of a mix: share × full rate × purpose × lateness up to the member's high figure, then ×
 * method, and never more than 200 lb/ac.
 *
 * @param weeksLate weeks of sowing after the day that leaves 600 °F-days to dormancy
 * @param rollOnly whether the mat is to die under the roller without herbicide
 * @param rules the farm's, which say how seed fares by each way in and how evenly it is placed
 * @param soil the field's topsoil, which changes what comes up
 * @param thickSlurry whether slurry, where that is the way in, is thick
 */
public record RateBuilder(
    SeedingMethod way,
    Goal goal,
    boolean rollOnly,
    double weeksLate,
    HouseRules rules,
    SoilTexture soil,
    boolean thickSlurry) {
  private static final FigureKey SHARE_OF_GRASS = FigureKey.of("seeding", "share_of_grass");
  private static final FigureKey SHARE_OF_OTHERS = FigureKey.of("seeding", "share_of_others");

  /** Germination taken for seed without a tag. */
  public static final FigureKey UNKNOWN_GERMINATION = FigureKey.of("seeding", "usual_germination");

  /** Purity taken for seed without a tag. */
  public static final FigureKey UNKNOWN_PURITY = FigureKey.of("seeding", "assumed_purity");

  private static final FigureKey THIN = FigureKey.of("seeding", "thin_rate");
  private static final FigureKey MOST_LB_AC = FigureKey.of("seeding", "most_rate");
  private static final FigureKey LATE_PER_WEEK = FigureKey.of("seeding", "thicker_per_week");
  private static final FigureKey LATE_AT_MOST = FigureKey.of("seeding", "thicker_most");
  private static final FigureKey BAG_LB = FigureKey.of("seeding", "bag");

  /** Seed ordered beyond what the rate needs. */
  public static final FigureKey SPARE = FigureKey.of("seeding", "spare");

  public RateBuilder {
    Limits.given("way in", way);
    Limits.given("goal", goal);
    Limits.within("weeks late", weeksLate, 0, 60, Unit.WEEK);
    Limits.given("house rules", rules);
    Limits.given("soil", soil);
  }

  /** Rates where slurry, if that is the way in, is thin enough to carry seed into the ground. */
  public RateBuilder(
      SeedingMethod way,
      Goal goal,
      boolean rollOnly,
      double weeksLate,
      HouseRules rules,
      SoilTexture soil) {
    this(way, goal, rollOnly, weeksLate, rules, soil, false);
  }

  /** Share of its full rate that a species is given when it is put in a mix. */
  public static double shareInMix(Species species) {
    return species
        .figures()
        .of(species.family() == Family.GRASS ? SHARE_OF_GRASS : SHARE_OF_OTHERS);
  }

  private Figures figures() {
    return rules.figures();
  }

  private double method() {
    return new MethodFigures(rules.figures()).rateFactor(way, rules.even());
  }

  /** Live seed of a member before any farm's own figure. */
  public SeedRate live(Mix.Member member) {
    Species species = member.species();
    double wanted = member.share() * species.usual().poundsPerAcre();
    if (species.smallGrain()) {
      wanted *= rollOnly ? figures().of(Goal.ROLL_ONLY) : goal.smallGrainRate(figures());
      wanted *= 1 + Math.min(figures().of(LATE_AT_MOST), figures().of(LATE_PER_WEEK) * weeksLate);
    }
    double held = Math.min(wanted, ceiling(species).poundsPerAcre());
    return SeedRate.poundsPerAcre(Math.min(figures().of(MOST_LB_AC), held * method()));
  }

  private SeedRate ceiling(Species species) {
    return rollOnly ? species.rollHigh().orElse(species.high()) : species.high();
  }

  /**
   * All members worked out for a field.
   *
   * @param tags seed tag by species id; a species without one is assumed untested at 98 % purity
   * @param typed live rates set by hand by species id; they replace the builder's
   */
  public List<MemberRate> members(
      Mix mix, Area area, Map<String, SeedTag> tags, Map<String, SeedRate> typed, LocalDate today) {
    List<MemberRate> rates = new ArrayList<>();
    for (Mix.Member member : mix.members()) {
      Species species = member.species();
      SeedRate live = typed.getOrDefault(species.id(), live(member));
      SeedTag tag = tags.getOrDefault(species.id(), untested());
      SeedRate bulk = tag.bulk(live, today, figures());
      double seeds = live.seedsPerSquareFoot(species.seedsPerPound());
      Mass pounds = bulk.over(area);
      rates.add(
          new MemberRate(
              species,
              member.share(),
              live,
              bulk,
              seeds,
              seeds * new MethodFigures(rules.figures()).emergence(way, species, soil, thickSlurry),
              pounds,
              bags(pounds),
              Money.of(bulk.poundsPerAcre() * species.pricePerPound()),
              notes(mix, member, live, typed.containsKey(species.id()), tag, today)));
    }
    return rates;
  }

  private SeedTag untested() {
    return SeedTag.typed(figures().of(UNKNOWN_PURITY), figures().of(UNKNOWN_GERMINATION), 0, null);
  }

  private int bags(Mass pounds) {
    return (int)
        Math.ceil(pounds.pounds() * (1 + figures().of(SPARE)) / figures().of(BAG_LB) - 1e-9);
  }

  private List<Reason> notes(
      Mix mix, Mix.Member member, SeedRate live, boolean typed, SeedTag tag, LocalDate today) {
    List<Reason> notes = new ArrayList<>();
    Species species = member.species();
    tag.caution(today, figures()).ifPresent(notes::add);
    // Purpose and lateness thicken a stand on purpose: a cap is set against the share itself.
    double full =
        typed
            ? live.poundsPerAcre() / (species.usual().poundsPerAcre() * method())
            : member.share();
    species
        .cap()
        .filter(cap -> full > cap + 1e-9 && mix.members().size() > 1)
        .ifPresent(
            cap ->
                notes.add(
                    besideSlower(mix, species)
                        ? Reason.of(
                            "at {} of its full rate it crowds out its slower partners: hold it to {} ({})",
                            Math.round(full * 100) + " %",
                            Math.round(cap * 100) + " %",
                            species.usual().times(cap * method()))
                        : Reason.of(
                            "may run above {} of its full rate here: nothing slower stands beside it",
                            Math.round(cap * 100) + " %")));
    SeedRate most =
        ceiling(species).times(method()).atMost(SeedRate.poundsPerAcre(figures().of(MOST_LB_AC)));
    if (live.poundsPerAcre() >= most.poundsPerAcre() - 1e-9) {
      notes.add(Reason.of("held at its highest rate for this way in, {}", most));
    }
    if (live.poundsPerAcre()
        < species.low().times(member.share()).poundsPerAcre() * figures().of(THIN)) {
      notes.add(Reason.of("thin: under half of its lowest usual rate"));
    }
    return notes;
  }

  private static boolean besideSlower(Mix mix, Species species) {
    return mix.members().stream().anyMatch(m -> m.species() != species && m.species().slow());
  }
}
