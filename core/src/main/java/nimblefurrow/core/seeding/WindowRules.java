package nimblefurrow.core.seeding;

import static nimblefurrow.core.cashcrop.CropStage.HARVEST;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.weather.Outlook;

/**
 * Opens, best and closes of each way in: what the cash crop allows, ended by the last useful day of
 * every member of the mix.
 */
public final class WindowRules {
  private static final String RYE = "cereal-rye";

  private final CropCalendar crop;
  private final Mix mix;
  private final boolean rollOnly;
  private final CropWindows windows;
  private final Outlook outlook;
  private final Optional<LocalDate> clears;

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
  public SeedingWindow window(WayIn way) {
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
                      "closes when the corn is 24 in tall, even before seven collars; keep the nitrogen band off the seed rows")));
      case INTO_WHEAT -> frostSeeding(way, window);
      default -> capped(way, window);
    };
  }

  /**
   * What the crop alone allows a way in, the members' own last days left aside. It closes with the
   * crop's rule, or not before the winter.
   */
  public SeedingWindow cropWindow(WayIn way) {
    CropWindow window = windows.of(way, brassicas(mix), onlyRye(mix));
    if (!window.possible()) {
      return SeedingWindow.impossible(way, window.impossible(), window.remedy());
    }
    LocalDate[] closes =
        window.closes() == null
            ? outlook.each(t -> coverSpring(crop, outlook).minusDays(1))
            : window.closes();
    return SeedingWindow.open(way, window.opens(), window.from(), window.to(), closes, List.of());
  }

  static boolean brassicas(Mix mix) {
    return mix.members().stream().anyMatch(m -> m.species().family() == Family.BRASSICA);
  }

  static boolean onlyRye(Mix mix) {
    return mix.members().stream().allMatch(m -> m.species().id().equals(RYE));
  }

  private SeedingWindow frostSeeding(WayIn way, CropWindow window) {
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

  /** Closes with the crop's own rule or with the cover's last day, whichever is first. */
  private SeedingWindow capped(WayIn way, CropWindow window) {
    LocalDate spring = coverSpring(crop, outlook);
    LocalDate[] closes = window.closes() == null ? null : window.closes().clone();
    List<Reason> notes = new ArrayList<>();
    for (Mix.Member member : mix.members()) {
      boolean roll = rollOnly && member.species().rollOnly().isPresent();
      LastUseful last = LastUseful.of(member.species(), roll, outlook, spring, clears);
      closes = closes == null ? last.days() : earliest(closes, last.days());
      notes.add(
          last.useful()
              .map(d -> Reason.of("last useful day for {}: {}", lower(member.species()), d))
              .orElse(Reason.of("{} is never useful here this late", lower(member.species()))));
    }
    if (way == WayIn.HIGH_CLEARANCE) {
      notes.add(Reason.of("wheels trample their tracks in the standing crop"));
    }
    return SeedingWindow.open(
        way, window.opens(), window.from(), earliest(window.to(), closes), closes, notes);
  }

  private static String lower(Species species) {
    return species.name().toLowerCase();
  }

  /** The spring to which a cover sown about a crop's harvest belongs. */
  static LocalDate coverSpring(CropCalendar crop, Outlook outlook) {
    boolean standingWheat = crop.planting().kind() == CropKind.WINTER_WHEAT;
    int year =
        crop.when(HARVEST)
            .median()
            .map(LocalDate::getYear)
            .orElse(crop.planting().planted().getYear() + (standingWheat ? 1 : 0));
    return outlook.site().springStart(outlook.site().season(year, 9, 15));
  }

  /** The earlier of both; a year in which either never comes has none. */
  static LocalDate[] earliest(LocalDate[] a, LocalDate[] b) {
    LocalDate[] first = new LocalDate[a.length];
    for (int i = 0; i < a.length; i++) {
      boolean never = a[i] == null || b[i] == null;
      first[i] = never ? null : a[i].isBefore(b[i]) ? a[i] : b[i];
    }
    return first;
  }
}
