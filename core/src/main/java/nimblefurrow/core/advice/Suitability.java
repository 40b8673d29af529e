package nimblefurrow.core.advice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Temperature;
import nimblefurrow.core.seeding.CoverSpring;
import nimblefurrow.core.seeding.MethodFigures;
import nimblefurrow.core.seeding.RateBuilder;
import nimblefurrow.core.seeding.Restriction;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.seeding.WindowRules;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.termination.kill.RollerKill;

/** Asks of each species and way in whether it will do on a field, one question after the other. */
final class Suitability {
  private static final FigureKey LATE_COUNTS = FigureKey.of("advice", "late_counts");
  private static final FigureKey POSSIBLE = FigureKey.of("advice", "possible");
  private static final FigureKey SURE_WINTER_KILL = FigureKey.of("advice", "sure_winter_kill");
  private static final FigureKey ROLLER_AT_LEAST = FigureKey.of("advice", "roller_at_least");
  private static final FigureKey SELDOM_LOST = FigureKey.of("advice", "seldom_lost");
  private static final FigureKey NO_FIGURE = FigureKey.of("advice", "no_figure");
  private static final double[] ALL_FLOWERING = {0, 0, 0, 0, 1, 0, 0};

  private final Ask ask;
  private final SeasonLore lore;
  private final Figures figures;
  private final LocalDate spring;
  private final Map<Sown, Seen> windows = new HashMap<>();

  /** What of a species the crop's windows depend on. */
  private record Sown(SeedingMethod way, boolean brassica, boolean rye) {}

  /** A window with the day on which one would sow. */
  private record Seen(SeedingWindow window, LocalDate sowing) {}

  Suitability(Ask ask, SeasonLore lore) {
    this.ask = ask;
    this.lore = lore;
    this.figures = ask.rules().figures();
    this.spring = CoverSpring.after(ask.crop(), lore.outlook().site(), figures);
  }

  /** A fit, or why not: exactly one of them. */
  record Answer(Optional<Fit> fit, Optional<WhyNot> whyNot) {}

  Answer of(Species species, SeedingMethod way) {
    List<Reason> notes = new ArrayList<>();
    if (ask.organic() && ask.termination().usesHerbicide()) {
      return no(
          species, way, WhyNot.Kind.ORGANIC, Reason.of("this field is organic: no herbicide"));
    }
    Sown sown =
        new Sown(way, species.family() == Family.BRASSICA, species.id().equals("cereal-rye"));
    Seen seen = windows.computeIfAbsent(sown, w -> seen(cropWindow(species, way)));
    SeedingWindow window = seen.window();
    if (window.impossible().isPresent()) {
      return no(species, way, WhyNot.Kind.NO_WINDOW, window.impossible().get());
    }
    Optional<Reason> method = method(species, way);
    if (method.isPresent()) {
      return no(species, way, WhyNot.Kind.METHOD, method.get());
    }
    boolean roll = ask.termination() == TerminationMethod.ROLL && species.rollOnly().isPresent();
    boolean capped =
        way.place() != SeedingMethod.Place.BETWEEN_ROWS
            && way.place() != SeedingMethod.Place.INTO_WHEAT;
    Optional<Ensemble<LocalDate>> last =
        capped
            ? Optional.of(lore.lastUseful(species, roll, spring, ask.clears()))
            : Optional.empty();
    LocalDate today = lore.outlook().today();
    double chance =
        last.map(l -> window.chanceOpenBefore(l, today))
            .orElseGet(() -> window.chanceFrom(today))
            .fraction();
    boolean late = false;
    if (chance < figures.of(POSSIBLE)) {
      double little =
          window
              .chanceOpenBefore(
                  lore.lastLittle(species, spring, ask.clears()), lore.outlook().today())
              .fraction();
      if (little < figures.of(POSSIBLE)) {
        return no(species, way, WhyNot.Kind.TOO_LATE, tooLate(species, window, last));
      }
      late = true;
      notes.add(Reason.of("late, little cover: useful in {} of years", Share.of(chance)));
    }
    LocalDate sowing = seen.sowing();
    for (Restriction restriction : ask.restrictions()) {
      Optional<Reason> against = restriction.against(species, sowing);
      if (against.isPresent()) {
        return no(species, way, WhyNot.Kind.RESTRICTION, against.get());
      }
    }
    Optional<Reason> cold = soil(species, way, sowing);
    if (cold.isPresent()) {
      return no(species, way, WhyNot.Kind.SOIL, cold.get());
    }
    Optional<Reason> next = nextCrop(species);
    if (next.isPresent()) {
      return no(species, way, WhyNot.Kind.NEXT_CROP, next.get());
    }
    double kill = ask.clears().isPresent() ? 1 : kill(species, sowing, notes);
    Optional<Reason> dies = howItDies(species, kill);
    if (dies.isPresent()) {
      return no(species, way, WhyNot.Kind.HOW_IT_DIES, dies.get());
    }
    double survival =
        species.winterHardy() && wintering() ? 1 - lore.winterKill(species, sowing) : 1;
    if (survival < figures.of(SELDOM_LOST)) {
      notes.add(Reason.of("the winter kills it in {} of years", Share.of(1 - survival)));
    }
    Optional<Reason> metering = metering(species, way);
    if (metering.isPresent()) {
      return no(species, way, WhyNot.Kind.METERING, metering.get());
    }
    return new Answer(
        Optional.of(
            new Fit(
                species,
                way,
                sowing,
                late ? chance * figures.of(LATE_COUNTS) : chance,
                kill,
                survival,
                new MethodFigures(ask.rules().figures()).emergence(way, species, ask.soil()),
                late,
                notes)),
        Optional.empty());
  }

  /** Whether the cover lives into the winter, or makes room for another before. */
  private boolean wintering() {
    return ask.clears().filter(spring::isAfter).isEmpty();
  }

  private static Answer no(Species species, SeedingMethod way, WhyNot.Kind kind, Reason why) {
    return new Answer(Optional.empty(), Optional.of(new WhyNot(species, way, kind, why)));
  }

  /** The crop's own window; a species only brings its last day, which is asked apart. */
  private SeedingWindow cropWindow(Species species, SeedingMethod way) {
    Mix asked = Mix.of(species);
    return new WindowRules(ask.crop(), asked, false, ask.rules(), lore.outlook()).cropWindow(way);
  }

  private Optional<Reason> method(Species species, SeedingMethod way) {
    if (way == SeedingMethod.FROST_SEEDING && !species.frostSeeded()) {
      return Optional.of(Reason.of("only clovers are frost seeded"));
    }
    if (way.surface() && species.air() == 0) {
      return Optional.of(Reason.of("its seed must be in the ground: surface seeding seldom takes"));
    }
    if (way.place() == SeedingMethod.Place.BETWEEN_ROWS && species.shade() == 0) {
      return Optional.of(Reason.of("it is shaded out under corn"));
    }
    return Optional.empty();
  }

  private Reason tooLate(
      Species species, SeedingWindow window, Optional<Ensemble<LocalDate>> last) {
    Optional<LocalDate> opens = window.opens().median();
    Optional<LocalDate> ends = last.flatMap(l -> l.reachedBy(figures.of(POSSIBLE)));
    return opens.isPresent() && ends.isPresent()
        ? Reason.of("opens about {}, but it must be sown by {}", opens.get(), ends.get())
        : Reason.of("never enough heat left to grow: it wants {}", species.useful());
  }

  private Seen seen(SeedingWindow window) {
    LocalDate today = lore.outlook().today();
    return new Seen(
        window,
        window.impossible().isPresent()
            ? today
            : window.pencilled().filter(d -> d.isAfter(today)).orElse(today));
  }

  private Optional<Reason> soil(Species species, SeedingMethod way, LocalDate sowing) {
    double warmth = lore.warmth(sowing);
    return way != SeedingMethod.FROST_SEEDING && warmth < species.soilMinimumF()
        ? Optional.of(
            Reason.of(
                "the ground is about {} by {}, and it wants {}",
                Temperature.fahrenheit(warmth),
                sowing,
                Temperature.fahrenheit(species.soilMinimumF())))
        : Optional.empty();
  }

  private Optional<Reason> nextCrop(Species species) {
    CropKind next = ask.next().kind();
    boolean grain = next == CropKind.WINTER_WHEAT || next == CropKind.OATS;
    return grain
            && ask.clears().isEmpty()
            && species.family() == Family.GRASS
            && species.winterHardy()
        ? Optional.of(Reason.of("it comes up again in the grain that follows"))
        : Optional.empty();
  }

  private double kill(Species species, LocalDate sowing, List<Reason> notes) {
    double winter = lore.winterKill(species, sowing);
    if (ask.termination() == TerminationMethod.WINTER_KILL) {
      return winter;
    }
    if (!species.winterHardy()) {
      notes.add(Reason.of("the winter ends it in {} of years", Share.of(winter)));
      return winter + (1 - winter) * figures.of(NO_FIGURE);
    }
    Optional<Double> table =
        ask.termination() == TerminationMethod.ROLL
            ? RollerKill.of(species, ALL_FLOWERING, Conditions.GOOD)
            : HerbicideKill.of(species).map(HerbicideKill::killRightSize);
    if (table.isEmpty()) {
      notes.add(Reason.of("no figure for how surely it dies this way"));
    }
    return table.orElse(figures.of(NO_FIGURE));
  }

  private Optional<Reason> howItDies(Species species, double kill) {
    if (ask.termination() == TerminationMethod.WINTER_KILL && kill < figures.of(SURE_WINTER_KILL)) {
      return Optional.of(Reason.of("dies in only {} of winters here", Share.of(kill)));
    }
    if (ask.termination() == TerminationMethod.ROLL
        && species.winterHardy()
        && kill < figures.of(ROLLER_AT_LEAST)) {
      return Optional.of(Reason.of("the roller kills only {} of it at flowering", Share.of(kill)));
    }
    return Optional.empty();
  }

  private Optional<Reason> metering(Species species, SeedingMethod way) {
    double least = ask.leastMeterable().getOrDefault(way, 0.0);
    RateBuilder rates = Advice.rates(ask, way);
    SeedRate bulk =
        rates.live(new Mix.Member(species, 1)).times(1 / Advice.usualLiveShare(figures));
    return bulk.poundsPerAcre() < least
        ? Optional.of(
            Reason.of(
                "its full rate, {}, is less than the machine meters ({}): add a carrier",
                bulk,
                SeedRate.poundsPerAcre(least)))
        : Optional.empty();
  }
}
