package nimblefurrow.core.season.call;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.CoverStand;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.DryMatter;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.core.termination.worth.NitrogenWorth;
import nimblefurrow.core.termination.worth.WeedWorth;

/**
 * Whether a thin stand is worth sowing again: what the mat of a new stand would save in weeds and
 * nitrogen beyond that of the stand there is, less seed and drill. A mat of 6,200 in the place of
 * 4,900 lb/ac does not pay for $18 of seed and $16 of drilling: it leaves −$23.
 *
 * @param by last day on which it can still be sown
 * @param now mat of the stand there is on the day it is to die, lb/ac dry
 * @param then mat of a new stand on that day
 * @param seed price of its seed, $/ac, {@code drill} of drilling it
 * @param gain what is left of it, $/ac; below 0 the stand is better left
 */
public record Reseed(
    LocalDate by, double now, double then, double seed, double drill, double gain) {
  private static final FigureKey DRILL = FigureKey.of("scouting", "drill_again");
  private static final FigureKey IN_TIME = FigureKey.of("season", "reseed_chance");
  private static final FigureKey STARTER = FigureKey.of("termination", "starter");

  /** Whether it pays. */
  public boolean pays() {
    return gain > 0;
  }

  /** As it is said. */
  public Reason says() {
    Measure money = Measure.of(Math.round(Math.abs(gain)), Unit.DOLLAR_PER_ACRE);
    return pays()
        ? Reason.of(
            "Sowing again by {} pays about {}: a mat of {} in the place of {}, less seed and drill.",
            by,
            money,
            DryMatter.poundsPerAcre(Math.max(0, then)),
            DryMatter.poundsPerAcre(Math.max(0, now)))
        : Reason.of(
            "Sowing again by {} would cost about {} more than it brings: leave it.", by, money);
  }

  /**
   * What is left of sowing again.
   *
   * @param now mats that are set against each other, with their nitrogen
   * @param share of the field's area that is sown again, 0–1
   */
  public static double gain(
      Nitrogen nitrogenNow,
      double now,
      Nitrogen nitrogenThen,
      double then,
      Weeds weeds,
      boolean organic,
      boolean corn,
      double seed,
      double drill,
      double share,
      Figures figures) {
    double before = worth(now, nitrogenNow, weeds, organic, corn, figures);
    double after = worth(then, nitrogenThen, weeds, organic, corn, figures);
    return share * (after - before - seed - drill);
  }

  private static double worth(
      double mat, Nitrogen n, Weeds weeds, boolean organic, boolean corn, Figures figures) {
    double weedy = WeedWorth.of(mat, n.carbonToNitrogen(), weeds, organic, figures).dollars();
    return weedy + (corn ? NitrogenWorth.of(n, figures.of(STARTER), figures) : 0);
  }

  /** Of a field whose stand was counted, while its window is open; empty elsewhere. */
  public static Optional<Reseed> of(FieldSeason season) {
    CoverPlan plan = season.field().cover().filter(p -> p.ended() == null).orElse(null);
    MatForecast mat = season.mat().orElse(null);
    if (plan == null || plan.seeded() == null || mat == null || plan.seen().plants().isEmpty()) {
      return Optional.empty();
    }
    Figures figures = mat.outlook().figures();
    LocalDate today = mat.outlook().today();
    Optional<LocalDate> aim = season.termination().flatMap(TerminationOutlook::aim);
    Optional<LocalDate> by =
        season
            .window()
            .flatMap(w -> w.closes().lastDayWithChance(figures.of(IN_TIME)))
            .filter(day -> day.isAfter(today));
    if (aim.isEmpty() || by.isEmpty() || !aim.get().isAfter(today)) {
      return Optional.empty();
    }
    MatForecast again =
        new MatForecast(
            new CoverStand(
                plan.mix(),
                today.plusDays(1),
                mat.stand().conditions(),
                new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of())),
            mat.outlook());
    double now = mat.on(aim.get()).middle();
    double then = again.on(aim.get()).middle();
    double seed = plan.mix().members().stream().mapToDouble(Reseed::price).sum();
    double drill = figures.of(DRILL);
    double gain =
        gain(
            nitrogen(mat, now, aim.get()),
            now,
            nitrogen(again, then, aim.get()),
            then,
            season.field().facts().weeds(),
            season.field().facts().organic(),
            season.field().next().kind().corn(),
            seed,
            drill,
            plan.seen().thin().fraction(),
            figures);
    return Optional.of(new Reseed(by.get(), now, then, seed, drill, gain));
  }

  private static Nitrogen nitrogen(MatForecast mat, double pounds, LocalDate date) {
    return Nitrogen.of(
        DryMatter.poundsPerAcre(Math.max(0, pounds)),
        Nitrogen.carbonOfMix(mat, date),
        mat.outlook().figures());
  }

  private static double price(Mix.Member member) {
    Species species = member.species();
    return member.share() * species.usual().poundsPerAcre() * species.pricePerPound();
  }
}
