package nimblefurrow.core.seeding;

import static nimblefurrow.core.cashcrop.CropStage.*;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.weather.Outlook;

/** Opens, best and closes of each way in, around the cash crop that stands in the field. */
public final class WindowRules {
  private static final int BEST_DAYS_AFTER_HARVEST = 5;
  private static final String RYE = "cereal-rye";

  private final CropCalendar crop;
  private final Mix mix;
  private final boolean rollOnly;
  private final HouseRules rules;
  private final Outlook outlook;

  public WindowRules(
      CropCalendar crop, Mix mix, boolean rollOnly, HouseRules rules, Outlook outlook) {
    this.crop = crop;
    this.mix = mix;
    this.rollOnly = rollOnly;
    this.rules = rules;
    this.outlook = outlook;
  }

  /** The window of a way in, or why there is none. */
  public SeedingWindow window(WayIn way) {
    CropKind kind = crop.planting().kind();
    return switch (way) {
      case DRILL -> afterHarvest();
      case INTERSEEDER ->
          kind.corn()
              ? between()
              : SeedingWindow.impossible(
                  way,
                  Reason.of("the interseeder runs between corn rows, and this field has none"),
                  Reason.of("choose drill, airplane or drone here"));
      case AIRPLANE, DRONE ->
          switch (kind) {
            case CORN_GRAIN -> overCorn(way);
            case CORN_SILAGE -> overSilage(way);
            case SOYBEANS -> overBeans(way);
            default ->
                SeedingWindow.impossible(
                    way,
                    Reason.of("there is no corn or soybeans standing here to seed into"),
                    Reason.of("drill after harvest: this field is bare early"));
          };
    };
  }

  private SeedingWindow afterHarvest() {
    LocalDate[] harvest = crop.each(HARVEST);
    return capped(WayIn.DRILL, harvest, harvest, plus(harvest, BEST_DAYS_AFTER_HARVEST), null);
  }

  private SeedingWindow between() {
    return SeedingWindow.open(
        WayIn.INTERSEEDER,
        crop.each(V3),
        crop.each(V4),
        crop.each(V6),
        crop.each(V7),
        List.of(
            Reason.of(
                "closes when the corn is 24 in tall, even before seven collars; keep the nitrogen band off the seed rows")));
  }

  private SeedingWindow overCorn(WayIn way) {
    boolean leaves = rules.overCorn() == HouseRules.OverCorn.HALF_LEAVES_GONE;
    LocalDate[] harvest = crop.each(HARVEST);
    return capped(
        way,
        crop.each(HALF_MILK),
        leaves ? crop.each(LEAVES_GOING) : plus(harvest, -42),
        leaves ? crop.each(LEAVES_GONE) : plus(harvest, -28),
        plus(harvest, -7));
  }

  private SeedingWindow overSilage(WayIn way) {
    LocalDate[] chop = crop.each(HARVEST);
    return capped(way, plus(chop, -14), plus(chop, -10), plus(chop, -3), chop);
  }

  private SeedingWindow overBeans(WayIn way) {
    boolean before = rules.overBeans() == HouseRules.OverBeans.BEFORE_LEAF_DROP;
    LocalDate[] drop = crop.each(LEAF_DROP);
    boolean onlyRye = mix.members().stream().allMatch(m -> m.species().id().equals(RYE));
    CropStage from = before ? FIRST_YELLOW : LEAF_DROP;
    return capped(
        way,
        crop.each(FIRST_YELLOW),
        crop.each(from),
        before ? drop : plus(drop, 4),
        plus(drop, onlyRye ? 10 : 4));
  }

  /** Closes with the crop's own rule or with the cover's last day, whichever is first. */
  private SeedingWindow capped(
      WayIn way, LocalDate[] opens, LocalDate[] from, LocalDate[] to, LocalDate[] cropCloses) {
    LocalDate spring = outlook.site().springStart(springReference());
    LocalDate[] closes = cropCloses == null ? null : cropCloses.clone();
    List<Reason> notes = new ArrayList<>();
    for (Mix.Member member : mix.members()) {
      boolean roll = rollOnly && member.species().rollOnly().isPresent();
      LastUseful last = LastUseful.of(member.species(), roll, outlook, spring);
      closes = closes == null ? last.perYear() : earliest(closes, last.perYear());
      notes.add(
          last.useful()
              .map(
                  d ->
                      Reason.of(
                          "last useful day for {}: {}", member.species().name().toLowerCase(), d))
              .orElse(
                  Reason.of(
                      "{} is never useful here this late", member.species().name().toLowerCase())));
    }
    return SeedingWindow.open(way, opens, from, earliest(to, closes), closes, notes);
  }

  private LocalDate springReference() {
    int year =
        crop.when(HARVEST)
            .median()
            .map(LocalDate::getYear)
            .orElse(crop.planting().planted().getYear());
    return outlook.site().season(year, 9, 15);
  }

  private static LocalDate[] plus(LocalDate[] dates, int days) {
    LocalDate[] moved = new LocalDate[dates.length];
    for (int i = 0; i < dates.length; i++) {
      moved[i] = dates[i] == null ? null : dates[i].plusDays(days);
    }
    return moved;
  }

  /** The earlier of both; a year in which either never comes has none. */
  private static LocalDate[] earliest(LocalDate[] a, LocalDate[] b) {
    LocalDate[] first = new LocalDate[a.length];
    for (int i = 0; i < a.length; i++) {
      boolean never = a[i] == null || b[i] == null;
      first[i] = never ? null : a[i].isBefore(b[i]) ? a[i] : b[i];
    }
    return first;
  }
}
