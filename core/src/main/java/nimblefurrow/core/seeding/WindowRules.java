package nimblefurrow.core.seeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.weather.Dormancy;
import nimblefurrow.core.weather.Outlook;

/**
 * Opens, best and closes of each way in: what the cash crop allows, ended by the last useful day of
 * every member of the mix.
 */
public final class WindowRules {
  private static final String RYE = "cereal-rye";

  /** Dormant seeding goes on this long after the turn of the year, days. */
  private static final FigureKey DORMANT_DAYS = FigureKey.of("seeding", "dormant_days");

  private static final FigureKey INTERSEED_HEIGHT = FigureKey.of("seeding", "interseed_height");

  private final CropCalendar crop;
  private final Mix mix;
  private final boolean rollOnly;
  private final CropWindows windows;
  private final Outlook outlook;
  private final Optional<LocalDate> clears;

  /** Windows of a mix around a crop. */
  public WindowRules(
      CropCalendar crop, Mix mix, boolean rollOnly, HouseRules rules, Outlook outlook) {
    this(crop, mix, rollOnly, rules, outlook, Optional.empty());
  }

  /**
   * @param clears the day on which the cover makes room for another; empty where it may winter
   */
  public WindowRules(
      CropCalendar crop,
      Mix mix,
      boolean rollOnly,
      HouseRules rules,
      Outlook outlook,
      Optional<LocalDate> clears) {
    this.clears = clears;
    this.crop = crop;
    this.mix = mix;
    this.rollOnly = rollOnly;
    this.windows = new CropWindows(crop, rules, outlook);
    this.outlook = outlook;
  }

  /** The window of a way in, or why there is none. */
  public SeedingWindow window(SeedingMethod way) {
    CropWindow window = windows.of(way, brassicas(mix), onlyRye(mix));
    if (!window.possible()) {
      return SeedingWindow.impossible(way, window.impossible(), window.remedy());
    }
    return switch (way.place()) {
      case BETWEEN_ROWS ->
          SeedingWindow.open(
              way,
              window.opens(),
              window.from(),
              window.to(),
              window.closes(),
              List.of(
                  Reason.of(
                      "closes when the corn is {} tall, even before seven collars; keep the nitrogen band off the seed rows",
                      Measure.of(outlook.figures().of(INTERSEED_HEIGHT), Unit.INCH))));
      case INTO_WHEAT -> frostSeeding(way, window);
      default -> capped(way, window);
    };
  }

  /**
   * What the crop alone allows a way in, the members' own last days left aside. It closes with the
   * crop's rule, or not before the winter.
   */
  public SeedingWindow cropWindow(SeedingMethod way) {
    CropWindow window = windows.of(way, brassicas(mix), onlyRye(mix));
    if (!window.possible()) {
      return SeedingWindow.impossible(way, window.impossible(), window.remedy());
    }
    Ensemble<LocalDate> closes =
        window.closes() == null
            ? shut(way, CoverSpring.after(crop, outlook.site(), outlook.figures()))
            : window.closes();
    return SeedingWindow.open(way, window.opens(), window.from(), window.to(), closes, List.of());
  }

  static boolean brassicas(Mix mix) {
    return mix.members().stream().anyMatch(m -> m.species().family() == Family.BRASSICA);
  }

  static boolean onlyRye(Mix mix) {
    return mix.members().stream().allMatch(m -> m.species().id().equals(RYE));
  }

  private SeedingWindow frostSeeding(SeedingMethod way, CropWindow window) {
    for (Mix.Member member : mix.members()) {
      if (!member.species().frostSeeded()) {
        return SeedingWindow.impossible(
            way,
            Reason.of("{} is not frost seeded: clovers are", lower(member.species())),
            Reason.of("choose a clover, or drill after the wheat"));
      }
    }
    return SeedingWindow.open(
        way,
        window.opens(),
        window.from(),
        window.to(),
        window.closes(),
        List.of(Reason.of("best on mornings when the ground is frozen and thaws by noon")));
  }

  /**
   * Useful until the crop's own rule or the members' last day ends it, whichever is first; open on
   * until the crop's rule, or the winter, shuts it.
   */
  private SeedingWindow capped(SeedingMethod way, CropWindow window) {
    LocalDate spring = CoverSpring.after(crop, outlook.site(), outlook.figures());
    Ensemble<LocalDate> shuts = window.closes() == null ? shut(way, spring) : window.closes();
    Ensemble<LocalDate> closes = shuts;
    Ensemble<LocalDate> lives = shuts;
    List<Reason> notes = new ArrayList<>();
    for (Mix.Member member : mix.members()) {
      boolean roll = rollOnly && member.species().rollOnly().isPresent();
      LastUseful last = LastUseful.of(member.species(), roll, outlook, spring, clears);
      closes = closes.leastOfBoth(last.days());
      lives =
          lives.leastOfBoth(LastUseful.living(member.species(), outlook, spring, clears).days());
      notes.add(
          last.useful()
              .map(d -> Reason.of("last useful day for {}: {}", lower(member.species()), d))
              .orElse(Reason.of("{} is never useful here this late", lower(member.species()))));
    }
    if (way == SeedingMethod.HIGH_CLEARANCE) {
      notes.add(Reason.of("wheels trample their tracks in the standing crop"));
    }
    Ensemble<LocalDate> to = window.to().leastOfBoth(closes);
    return SeedingWindow.open(
        way,
        window.opens(),
        window.from().where(to, (from, until) -> !from.isAfter(until)),
        to.where(window.from(), (until, from) -> !from.isAfter(until)),
        closes,
        closes.mostOfEither(lives),
        shuts,
        notes);
  }

  /** Where the crop sets no end: the middle of winter's end, the cover's clearing, or dormancy. */
  private Ensemble<LocalDate> shut(SeedingMethod way, LocalDate spring) {
    if (clears.isPresent()) {
      return outlook.each(t -> clears.get().minusDays(1));
    }
    return way.dormant()
        ? outlook.each(t -> spring.plusDays(outlook.figures().whole(DORMANT_DAYS)))
        : outlook.each(t -> Dormancy.in(t, outlook.site(), spring, outlook.figures()).date());
  }

  private static String lower(Species species) {
    return species.name().toLowerCase();
  }
}
