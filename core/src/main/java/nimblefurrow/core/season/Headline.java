package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.LeastMat;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.weather.Outlook;

/**
 * A field's season in one sentence, part by part: what goes in and when, what ends it and when, and
 * what that leaves. Example: "Drill cereal rye 26 Sep to 2 Oct", "roll 16 May to 28 May", "29 %
 * that the mat reaches 8,000 lb/ac". The reasons stand elsewhere, with the route and the window.
 */
public final class Headline {

  private final FieldSeason season;
  private final Outlook outlook;

  private Headline(FieldSeason season, Outlook outlook) {
    this.season = season;
    this.outlook = outlook;
  }

  /**
   * The parts of the sentence, in the order in which they are said; never empty.
   *
   * @param bulk what is sown of all members together; empty where that is not to be said
   */
  public static List<Reason> of(FieldSeason season, Outlook outlook, Optional<SeedRate> bulk) {
    return new Headline(season, outlook).parts(bulk);
  }

  private List<Reason> parts(Optional<SeedRate> bulk) {
    Optional<CoverPlan> plan = season.field().cover();
    if (plan.isEmpty()) {
      return List.of(
          season
              .crop()
              .when(CropStage.HARVEST)
              .median()
              .map(day -> Reason.of("No cover is chosen; the ground comes free about {}", day))
              .orElse(Reason.of("No cover is chosen")));
    }
    List<Reason> parts = new ArrayList<>();
    CoverPlan cover = plan.get();
    parts.add(
        cover.seeded() == null
            ? toSow(cover)
            : Reason.of("{} was sown {}", cover.mix().name(), cover.seeded()));
    bulk.ifPresent(rate -> parts.add(Reason.of("{} bulk", rate)));
    if (cover.ended() != null) {
      parts.add(Reason.of("ended {}", cover.ended()));
    } else if (cover.clearing() != null) {
      parts.add(Reason.of(cover.clearing().how().words() + " about {}", cover.clearing().day()));
    } else {
      season.termination().ifPresent(termination -> parts.addAll(end(termination)));
    }
    return parts;
  }

  private Reason toSow(CoverPlan cover) {
    var window = season.window().orElseThrow();
    if (window.impossible().isPresent()) {
      return window.impossible().get();
    }
    String sow = verb(cover.way()).formatted(cover.mix().name().toLowerCase(Locale.ROOT));
    Verdict verdict = season.verdict().orElseThrow();
    LocalDate opens = window.opens().median().orElse(outlook.today());
    LocalDate from = opens.isBefore(outlook.today()) ? outlook.today() : opens;
    return switch (verdict.kind()) {
      case NOT_YET, OPEN ->
          verdict
              .by()
              .filter(by -> by.isAfter(from))
              .map(by -> Reason.of(sow + " {} to {}", from, by))
              .orElse(Reason.of(sow + " {}", from));
      default -> Reason.of(sow + ": " + verdict.says().text(), verdict.says().figures().toArray());
    };
  }

  private List<Reason> end(TerminationOutlook termination) {
    if (termination.impossible().isPresent()) {
      return List.of(termination.impossible().get());
    }
    List<Reason> parts = new ArrayList<>();
    Optional<LocalDate> opens = termination.opens().median();
    Optional<LocalDate> closes = termination.closes().median();
    if (termination.method() == TerminationMethod.WINTER_KILL) {
      parts.add(Reason.of("the winter ends it"));
    } else if (opens.isPresent() && closes.isPresent()) {
      parts.add(Reason.of(termination.method().act() + " {} to {}", opens.get(), closes.get()));
    } else {
      termination
          .aim()
          .ifPresent(day -> parts.add(Reason.of(termination.method().act() + " about {}", day)));
    }
    Optional<DryMatter> least = LeastMat.of(termination.method(), outlook.figures());
    if (least.isPresent()) {
      DryMatter wanted = least.get();
      termination
          .aim()
          .flatMap(day -> season.mat().map(mat -> mat.chanceOfAtLeast(wanted, day)))
          .ifPresent(
              chance ->
                  parts.add(Reason.of("{} that the mat reaches {}", Share.of(chance), wanted)));
    } else {
      termination.mat().filter(m -> m.middle() > 0).ifPresent(mat -> parts.add(left(mat)));
    }
    return parts;
  }

  private static Reason left(Spread mat) {
    return Reason.of(
        "it leaves about {}, {} to {}",
        DryMatter.poundsPerAcre(mat.middle()),
        DryMatter.poundsPerAcre(mat.low()),
        DryMatter.poundsPerAcre(mat.high()));
  }

  private static String verb(SeedingMethod way) {
    return switch (way) {
      case DRILL -> "drill %s";
      case PRECISION_PLANTER -> "sow %s with the planter";
      case BROADCAST_TILLAGE -> "broadcast %s and till it in";
      case DISC_PASSES -> "spread %s and disc it in";
      case BROADCAST -> "broadcast %s";
      case SLURRY -> "sow %s in slurry";
      case COMBINE_SEEDER -> "sow %s from the combine";
      case HARVEST_SPREADER -> "spread %s behind the combine";
      case INTERSEEDER -> "interseed %s";
      case ROW_AIR_SEEDER -> "air-seed %s between the rows";
      case AIRPLANE -> "fly %s on by airplane";
      case HELICOPTER -> "fly %s on by helicopter";
      case DRONE -> "fly %s on by drone";
      case HIGH_CLEARANCE -> "spread %s over the crop";
      case FROST_SEEDING -> "frost-seed %s";
    };
  }
}
