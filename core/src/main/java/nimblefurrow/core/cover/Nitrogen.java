package nimblefurrow.core.cover;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.weather.Outlook;

/**
 * Nitrogen in a dead cover: what it holds, and what the next crop gets of it or loses to it.
 *
 * @param carbonToNitrogen of the whole mat
 * @param contentLbAc nitrogen in the mat, lb/ac
 * @param availableLbAc plant-available of it in the first season, lb/ac; negative where the mat
 *     ties nitrogen up
 */
public record Nitrogen(double carbonToNitrogen, double contentLbAc, double availableLbAc) {
  private static final FigureKey RELEASE_MOST = FigureKey.of("cover", "nitrogen_most");
  private static final FigureKey RELEASE_ZERO = FigureKey.of("cover", "nitrogen_zero");
  private static final FigureKey RELEASE_SLOPE = FigureKey.of("cover", "nitrogen_slope");
  private static final FigureKey CARBON_PERCENT = FigureKey.of("cover", "carbon");
  private static final double POUNDS_PER_TON = 2000;

  /** Nitrogen of dry matter in percent. */
  public static double percent(double carbonToNitrogen, Figures figures) {
    return figures.of(CARBON_PERCENT) / carbonToNitrogen;
  }

  /**
   * Plant-available nitrogen of a ton of dry matter, lb: vetch at 3.8 % gives 41, rye at 0.9 % −11.
   */
  public static double availablePerTon(double nitrogenPercent, Figures figures) {
    return Math.min(
        figures.of(RELEASE_SLOPE) * (nitrogenPercent - figures.of(RELEASE_ZERO)),
        figures.of(RELEASE_MOST) * nitrogenPercent);
  }

  /** Corn after what ties nitrogen up goes short without a starter; soybeans find their own. */
  public boolean starterWanted(boolean cornFollows) {
    return cornFollows && availableLbAc < 0;
  }

  /**
   * What a mat holds and gives, or ties up.
   *
   * @param carbonToNitrogen of the whole mat, 5–150
   */
  public static Nitrogen of(DryMatter mat, double carbonToNitrogen, Figures figures) {
    double percent = percent(carbonToNitrogen, figures);
    return new Nitrogen(
        carbonToNitrogen,
        mat.poundsPerAcre() * percent / 100,
        mat.poundsPerAcre() / POUNDS_PER_TON * availablePerTon(percent, figures));
  }

  /** Nitrogen of a standing mix on a date in the middle year. */
  public static Nitrogen of(MatForecast mat, LocalDate date) {
    double pounds = mat.on(date).middle();
    return of(DryMatter.poundsPerAcre(pounds), carbonOfMix(mat, date), mat.outlook().figures());
  }

  /**
   * Carbon to nitrogen of a whole mix on a date in the middle year. Members weigh by the dry matter
   * they stand with, so ten pounds of vetch among rye hardly change it.
   */
  public static double carbonOfMix(MatForecast mat, LocalDate date) {
    CoverStand stand = mat.stand();
    double[] weights = mat.membersOn(date);
    double whole = java.util.Arrays.stream(weights).sum();
    double nitrogenToCarbon = 0;
    for (int m = 0; m < weights.length; m++) {
      Mix.Member member = stand.mix().members().get(m);
      double weight = whole > 0 ? weights[m] / whole : member.share() / stand.mix().totalShare();
      nitrogenToCarbon += weight / carbonOn(member.species(), stand, mat.outlook(), date);
    }
    return 1 / nitrogenToCarbon;
  }

  /** Carbon to nitrogen of a species on a date in the middle year, between its stages by heat. */
  public static double carbonOn(
      Species species, CoverStand stand, Outlook outlook, LocalDate date) {
    GrowthFigures g = species.growth();
    StageForecast stages = new StageForecast(species, stand, outlook);
    Optional<Double> boot = stages.mean(CoverStage.BOOT);
    Optional<Double> flower = stages.mean(CoverStage.FLOWERING);
    Optional<Double> dough = stages.mean(CoverStage.DOUGH);
    if (!species.winterHardy() || boot.isEmpty() || flower.isEmpty() || dough.isEmpty()) {
      return g.cnVegetative();
    }
    double now = stages.middleHeatOn(date);
    double start = stages.mean(CoverStage.JOINTING).orElse(boot.get() / 2);
    double[] at = {start, boot.get(), flower.get(), dough.get()};
    double[] carbon = {g.cnVegetative(), g.cnBoot(), g.cnFlower(), g.cnDough()};
    if (now <= at[0]) {
      return carbon[0];
    }
    for (int i = 1; i < at.length; i++) {
      if (now <= at[i]) {
        return carbon[i - 1]
            + (carbon[i] - carbon[i - 1]) * (now - at[i - 1]) / (at[i] - at[i - 1]);
      }
    }
    return carbon[3];
  }
}
