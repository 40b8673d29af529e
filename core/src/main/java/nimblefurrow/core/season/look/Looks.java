package nimblefurrow.core.season.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.CoverHeight;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.cover.Winter;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.LeastMat;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.kill.Conditions;
import nimblefurrow.core.weather.Outlook;

/**
 * What is worth looking at in a field today: each look is tried out on the field's own forecast, as
 * it would most likely turn out, and weighed by how far it would move what is decided.
 */
public final class Looks {
  private static final FigureKey SPOTS = FigureKey.of("scouting", "least_spots");
  private static final FigureKey STEMS_OF_SPOT = FigureKey.of("scouting", "stems_of_spot");
  private static final FigureKey MOVES = FigureKey.of("scouting", "look_moves");
  private static final FigureKey CLIP_MOVES = FigureKey.of("scouting", "clip_moves");
  private static final FigureKey CLIP_SCATTER = FigureKey.of("scouting", "clip_scatter");
  private static final FigureKey STAND_FROM = FigureKey.of("scouting", "stand_from");
  private static final FigureKey STAND_TO = FigureKey.of("scouting", "stand_to");
  private static final FigureKey WINTER_FROM = FigureKey.of("scouting", "winter_from");
  private static final FigureKey WINTER_TO = FigureKey.of("scouting", "winter_to");
  private static final FigureKey WINTER_DOUBT = FigureKey.of("scouting", "winter_doubt");
  private static final FigureKey HEIGHT_DAYS = FigureKey.of("scouting", "height_days");
  private static final FigureKey HEIGHT_NEAR = FigureKey.of("scouting", "height_near");
  private static final double ONE_IN_TEN = 1.2816;
  private static final int NEXT_DAYS = 14;

  private final FieldSeason season;
  private final CoverPlan plan;
  private final MatForecast mat;
  private final Outlook outlook;
  private final Figures figures;
  private final LocalDate today;

  private Looks(FieldSeason season, CoverPlan plan, MatForecast mat) {
    this.season = season;
    this.plan = plan;
    this.mat = mat;
    this.outlook = mat.outlook();
    this.figures = outlook.figures();
    this.today = outlook.today();
  }

  /** What is worth a look, most first; empty where nothing is sown or all is over. */
  public static List<Look> of(FieldSeason season) {
    Optional<CoverPlan> plan =
        season.field().cover().filter(p -> p.seeded() != null && p.ended() == null);
    if (plan.isEmpty() || season.mat().isEmpty()) {
      return List.of();
    }
    Looks looks = new Looks(season, plan.get(), season.mat().get());
    List<Look> all = new ArrayList<>();
    looks.stems(all);
    looks.clip().ifPresent(all::add);
    looks.stand().ifPresent(all::add);
    looks.winter(all);
    looks.height().ifPresent(all::add);
    return all.stream().sorted(Comparator.comparingDouble(Look::worth).reversed()).toList();
  }

  /** A count, tried as it would most likely turn out. */
  private void stems(List<Look> into) {
    if (plan.termination() != TerminationMethod.ROLL) {
      return;
    }
    for (Species species : plan.mix().winterHardy()) {
      StageForecast stages = new StageForecast(species, mat.stand(), outlook);
      Optional<Double> mean = stages.mean(CoverStage.FLOWERING);
      if (mean.isEmpty() || today.isBefore(stages.start())) {
        continue;
      }
      double heat = stages.middleHeatOn(today);
      int stems = figures.whole(SPOTS) * figures.whole(STEMS_OF_SPOT);
      int past = (int) Math.round(stems * stages.sharePast(heat, mean.get()));
      if (past == 0 || past == stems) {
        continue;
      }
      StageBelief before = stages.belief();
      double sdBefore = before.sdOf(mean.get(), figures);
      double sdAfter =
          new StemCount(figures.whole(SPOTS), stems, past)
              .anchored(before, mean.get(), heat, figures)
              .sd();
      double moved = Math.sqrt(Math.max(0, sdBefore * sdBefore - sdAfter * sdAfter));
      double perDay = (stages.middleHeatOn(today.plusDays(NEXT_DAYS)) - heat) / NEXT_DAYS;
      double days = ONE_IN_TEN * moved / Math.max(1, perDay);
      if (days >= figures.of(MOVES)) {
        into.add(
            new Look(
                Look.Kind.STEMS,
                Optional.of(species),
                Reason.of(
                    "a count of %s can move the roller by %d days"
                        .formatted(name(species), Math.round(days))),
                days / (days + NEXT_DAYS / 4.0)));
      }
    }
  }

  private Optional<Look> clip() {
    Optional<LocalDate> aim =
        season.termination().flatMap(TerminationOutlook::aim).filter(d -> d.isAfter(today));
    double curve = mat.curveOn(today).poundsPerAcre();
    boolean winter = today.isBefore(mat.stand().spring(outlook.site()));
    if (winter
        || aim.isEmpty()
        || curve <= 0
        || plan.termination() == TerminationMethod.WINTER_KILL) {
      return Optional.empty();
    }
    MatBelief now = plan.seen().mat();
    double cover = mat.groundCoverOn(today);
    MatBelief then =
        now.after(
                today,
                DryMatter.poundsPerAcre(curve),
                cover,
                DryMatter.poundsPerAcre(curve),
                figures.of(CLIP_SCATTER),
                figures)
            .on(aim.get(), figures);
    double before = now.on(aim.get(), figures).variance();
    double moved = Math.sqrt(Math.max(0, before - then.variance()));
    double middle = mat.on(aim.get()).middle();
    double error = MatBelief.error(mat.groundCoverOn(aim.get()), figures);
    double pounds = middle * Math.expm1(ONE_IN_TEN * error * moved);
    if (pounds < figures.of(CLIP_MOVES)) {
      return Optional.empty();
    }
    double enough = mat.chanceOfAtLeast(LeastMat.orThin(plan.termination(), figures), aim.get());
    return Optional.of(
        new Look(
            Look.Kind.CLIP,
            Optional.empty(),
            Reason.of(
                "a clipping can move the mat of {} by {}",
                aim.get(),
                DryMatter.poundsPerAcre(pounds)),
            doubt(enough) * moved));
  }

  /** A stand that nobody has counted, set against a poor one. */
  private Optional<Look> stand() {
    long days = ChronoUnit.DAYS.between(plan.seeded(), today);
    Species first = plan.mix().members().get(0).species();
    if (days < figures.of(STAND_FROM)
        || days > figures.of(STAND_TO)
        || first.poorStand().isEmpty()
        || !plan.seen().plants().isEmpty()) {
      return Optional.empty();
    }
    LocalDate weighed =
        season
            .termination()
            .flatMap(TerminationOutlook::aim)
            .orElse(plan.seeded().plusDays(NEXT_DAYS * 6L));
    CoverSeen poor =
        new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of(first.id(), first.poorStand().get()));
    double usual = mat.on(weighed).middle();
    double thin = mat.otherwise(poor).on(weighed).middle();
    if (usual <= 0) {
      return Optional.empty();
    }
    double lost = Math.max(0, 1 - thin / usual);
    return Optional.of(
        new Look(
            Look.Kind.STAND,
            Optional.of(first),
            Reason.of(
                "a poor stand of %s would weigh {} less on {}".formatted(name(first)),
                DryMatter.poundsPerAcre(usual - thin),
                weighed),
            lost));
  }

  private void winter(List<Look> into) {
    for (Species species : plan.mix().winterHardy()) {
      StageForecast stages = new StageForecast(species, mat.stand(), outlook);
      if (today.isBefore(stages.start()) || plan.seen().plants().containsKey(species.id())) {
        continue;
      }
      double heat = stages.middleHeatOn(today);
      double killed = Winter.killChance(species, outlook, plan.seeded()).fraction();
      boolean inDoubt =
          killed >= figures.of(WINTER_DOUBT) && killed <= 1 - figures.of(WINTER_DOUBT);
      if (inDoubt && heat >= figures.of(WINTER_FROM) && heat <= figures.of(WINTER_TO)) {
        into.add(
            new Look(
                Look.Kind.WINTER,
                Optional.of(species),
                Reason.of("{} that the winter took %s".formatted(name(species)), Share.of(killed)),
                doubt(killed)));
      }
    }
  }

  /** A stand that may be too low for the roller. */
  private Optional<Look> height() {
    Optional<LocalDate> aim =
        season.termination().flatMap(TerminationOutlook::aim).filter(d -> d.isAfter(today));
    if (plan.termination() != TerminationMethod.ROLL
        || aim.isEmpty()
        || aim.get().isAfter(today.plusDays(figures.whole(HEIGHT_DAYS)))
        || plan.seen().tall() != 1) {
      return Optional.empty();
    }
    Length then = CoverHeight.on(mat, aim.get());
    Length low = Length.ofInches(figures.of(Conditions.LOW));
    return then.inches() > figures.of(HEIGHT_NEAR) * low.inches()
        ? Optional.empty()
        : Optional.of(
            new Look(
                Look.Kind.HEIGHT,
                Optional.empty(),
                Reason.of(
                    "about {} high on {}: under {} the roller kills less", then, aim.get(), low),
                doubt(Math.min(1, low.inches() / (2 * Math.max(1, then.inches()))))));
  }

  private static double doubt(double chance) {
    return 4 * chance * (1 - chance);
  }

  private static String name(Species species) {
    return species.name().toLowerCase(Locale.ROOT);
  }
}
