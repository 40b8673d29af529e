package nimblefurrow.core.season.look;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.scouting.KillRating;
import nimblefurrow.core.scouting.LeavesLost;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.yard.MachineKind;

/**
 * What is worth a look beside the cover itself: the soil before work that is in doubt, light under
 * a crop that seed is to be flown over, a kill some days on, what eats the crop out of the residue.
 */
public final class GroundLooks {
  private static final FigureKey LIGHT_FROM = FigureKey.of("scouting", "light_from");
  private static final FigureKey FEEL_DOUBT = FigureKey.of("scouting", "feel_doubt");
  private static final FigureKey PEST_DAYS = FigureKey.of("scouting", "pest_days");
  private static final FigureKey KILL_LAST = FigureKey.of("scouting", "kill_last_look");
  private static final int WEEK = 7;
  private static final int SOON = 3;

  private final FieldSeason season;
  private final FitDays fit;
  private final Figures figures;
  private final LocalDate today;

  private GroundLooks(FieldSeason season, Outlook outlook, FitDays fit) {
    this.season = season;
    this.fit = fit;
    this.figures = outlook.figures();
    this.today = outlook.today();
  }

  /**
   * What is worth a look, most first.
   *
   * @param rated the day on which the kill was last rated; empty: never
   */
  public static List<Look> of(
      FieldSeason season, Optional<LocalDate> rated, Outlook outlook, FitDays fit) {
    GroundLooks looks = new GroundLooks(season, outlook, fit);
    List<Look> all = new ArrayList<>();
    season
        .field()
        .cover()
        .ifPresent(
            plan -> {
              looks.light(plan).ifPresent(all::add);
              looks.soil(plan).ifPresent(all::add);
              looks.kill(plan, rated).ifPresent(all::add);
              looks.pests(plan).ifPresent(all::add);
            });
    return all.stream().sorted(Comparator.comparingDouble(Look::worth).reversed()).toList();
  }

  private static Look look(Look.Kind kind, Reason says, double worth) {
    return new Look(kind, Optional.empty(), says, worth);
  }

  private Optional<Look> light(CoverPlan plan) {
    boolean told = LeavesLost.full(season.field().crop().kind(), figures).isPresent();
    if (plan.seeded() != null || !plan.way().overTheTop() || !told || season.window().isEmpty()) {
      return Optional.empty();
    }
    Optional<LocalDate> best = season.window().get().bestFrom().median();
    Optional<LocalDate> shut = season.window().get().closes().median();
    boolean near =
        best.filter(d -> !today.isBefore(d.minusDays(figures.whole(LIGHT_FROM)))).isPresent()
            && shut.filter(today::isBefore).isPresent();
    return near
        ? Optional.of(
            look(
                Look.Kind.LIGHT,
                Reason.of(
                    "light under the crop tells how many leaves are lost: best from {} so far",
                    best.get()),
                0.3))
        : Optional.empty();
  }

  private Optional<Look> soil(CoverPlan plan) {
    if (plan.ended() != null) {
      return Optional.empty();
    }
    boolean sown = plan.seeded() != null;
    Optional<LocalDate> opens =
        sown
            ? season.termination().flatMap(TerminationOutlook::aim)
            : season.window().flatMap(w -> w.opens().median());
    Optional<MachineKind> kind =
        sown
            ? Optional.of(plan.termination())
                .filter(r -> r == TerminationMethod.ROLL)
                .map(r -> MachineKind.ROLLER)
            : Optional.of(plan.way()).filter(w -> !w.overTheTop()).map(w -> w.machine());
    if (kind.isEmpty()
        || opens.isEmpty()
        || opens.get().isAfter(today.plusDays(SOON))
        || season.closes().filter(c -> c.isBefore(today)).isPresent()
        || season.field().facts().seen().felt().containsKey(today)) {
      return Optional.empty();
    }
    LocalDate tomorrow = today.plusDays(1);
    double chance =
        fit.chance(season.field().facts().ground(sown), kind.get(), tomorrow).fraction();
    double doubt = figures.of(FEEL_DOUBT);
    return chance >= doubt && chance <= 1 - doubt
        ? Optional.of(
            look(
                Look.Kind.SOIL,
                Reason.of(
                    "{} that tomorrow is fit to " + kind.get().words() + ": a ball of soil tells",
                    Share.of(chance)),
                4 * chance * (1 - chance) * 0.4))
        : Optional.empty();
  }

  private Optional<Look> kill(CoverPlan plan, Optional<LocalDate> rated) {
    if (plan.ended() == null || plan.termination() == TerminationMethod.WINTER_KILL) {
      return Optional.empty();
    }
    long days = ChronoUnit.DAYS.between(plan.ended(), today);
    long due = days / WEEK * WEEK;
    if (due < WEEK
        || days > figures.of(KILL_LAST) + WEEK
        || rated.filter(d -> !d.isBefore(plan.ended().plusDays(due - 1))).isPresent()) {
      return Optional.empty();
    }
    double shows = KillRating.shows((int) days, figures);
    return Optional.of(
        look(
            Look.Kind.KILL,
            Reason.of(
                "{} days since it was ended: about {} of what dies should be dead by now",
                days,
                Share.of(shows)),
            0.5));
  }

  private Optional<Look> pests(CoverPlan plan) {
    LocalDate planted = season.field().next().planned();
    boolean after =
        plan.ended() != null
            && ChronoUnit.DAYS.between(plan.ended(), today) <= figures.of(PEST_DAYS);
    boolean green = plan.ended() == null && plan.seeded() != null && today.isAfter(planted);
    return (after || green) && !today.isBefore(planted)
        ? Optional.of(
            look(
                Look.Kind.PESTS,
                Reason.of("armyworms and slugs come out of the cover into the young crop"),
                0.25))
        : Optional.empty();
  }
}
