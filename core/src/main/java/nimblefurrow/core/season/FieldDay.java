package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.JobDays;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.Outlook;

/**
 * One day of a field, read off its season: how far the stems are, what stands, how wet the topsoil
 * is, and how likely each open job can be done. Example: on 18 May half of the rye flowers, 6,100
 * (3,900–9,600) lb/ac stand, and the roller finds the window open in 64 % of the years. Not a
 * forecast of the weather itself.
 *
 * @param stages how far each overwintered member is; empty before spring and after the end
 * @param mat standing dry matter, lb/ac; empty where nothing stands
 * @param topsoil water in the top four inches, share of field capacity
 */
public record FieldDay(
    LocalDate date,
    List<StageShare> stages,
    Optional<Spread> mat,
    Spread topsoil,
    List<JobChance> jobs) {
  private static final FigureKey TOLD = FigureKey.of("season", "stage_told");

  /** The furthest stage that some stems of a member have reached, and how many have. */
  public record StageShare(String species, CoverStage stage, Share stems) {}

  /**
   * Whether a job can be done on the day.
   *
   * @param open chance that its window is open and the day fit for its work
   */
  public record JobChance(Job job, Share open) {}

  /**
   * Reads a day.
   *
   * @param jobs the field's open jobs
   */
  public static FieldDay of(
      FieldSeason season, List<Job> jobs, LocalDate date, Outlook outlook, FitDays fit) {
    Optional<CoverStand> standing =
        season.stand().filter(s -> !date.isBefore(s.seeded())).filter(s -> alive(season, date));
    FieldFacts facts = season.field().facts();
    Footing ground = facts.ground(standing.isPresent());
    return new FieldDay(
        date,
        standing.map(s -> stages(s, date, outlook)).orElse(List.of()),
        standing.flatMap(s -> season.mat()).map(mat -> mat.on(date)),
        Spread.of(fit.topsoil(ground, date)),
        jobs.stream()
            .filter(job -> job.window().chanceOpen(date) > 0)
            .map(job -> new JobChance(job, Share.of(new JobDays(fit).chanceOpen(job, date))))
            .toList());
  }

  private static boolean alive(FieldSeason season, LocalDate date) {
    return season.ridge().stream()
        .filter(point -> !point.alive())
        .findFirst()
        .map(dead -> date.isBefore(dead.date()))
        .orElse(true);
  }

  private static List<StageShare> stages(CoverStand stand, LocalDate date, Outlook outlook) {
    return stand.mix().members().stream()
        .map(Mix.Member::species)
        .flatMap(
            species ->
                furthest(new StageForecast(species, stand, outlook), date, outlook.figures())
                    .map(e -> new StageShare(species.name(), e.getKey(), Share.of(e.getValue())))
                    .stream())
        .toList();
  }

  private static Optional<Map.Entry<CoverStage, Double>> furthest(
      StageForecast forecast, LocalDate date, Figures figures) {
    if (date.isBefore(forecast.start())) {
      return Optional.empty();
    }
    double least = figures.of(TOLD);
    return forecast.sharesOn(date).entrySet().stream()
        .filter(e -> e.getValue() >= least)
        .reduce((earlier, later) -> later);
  }
}
