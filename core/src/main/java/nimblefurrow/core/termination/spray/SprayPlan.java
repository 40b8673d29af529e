package nimblefurrow.core.termination.spray;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import nimblefurrow.core.cover.CoverStage;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageForecast;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.kill.HerbicideKill;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Outlook;

/**
 * A burndown of a cover on a day with the farm's own products: rate, tanks, what dies, what speaks
 * against it and what has still to be read off the label. Planning only: the label is the law, and
 * some actives need a licence.
 *
 * @param poundsPerAcre acid equivalent that the hardest member wants, lb/ac
 * @param kills what dies of each member by one pass of the systemic product
 * @param ways ways to bring a partner along; empty where none is wanted or chosen
 * @param tank loads; empty where the label's figure is missing
 * @param forbids what the label or the field forbids: nothing is recommended then
 * @param against what speaks against the day
 * @param mixing what goes into the tank before a product, and what is tried first
 * @param asks what has to be read off the label first
 * @param reachesSoil share of a residual that would reach the soil now, then after half an inch
 */
public record SprayPlan(
    LocalDate on,
    double poundsPerAcre,
    List<MemberKill> kills,
    List<SprayKill> ways,
    Optional<Tank> tank,
    List<Reason> forbids,
    List<Reason> against,
    List<Reason> mixing,
    List<Reason> asks,
    Share reachesSoil,
    Share reachesWashed) {
  private static final FigureKey COLD_DAY = FigureKey.of("termination", "spray_high");
  private static final FigureKey COLD_NIGHT = FigureKey.of("termination", "spray_low");
  private static final FigureKey WEATHER = FigureKey.of("spray", "weather_loss");
  private static final FigureKey ALONE = FigureKey.of("spray", "regulator_alone");
  private static final FigureKey COLD_LIKELY = FigureKey.of("spray", "cold_likely");
  private static final FigureKey COLD_SAID = FigureKey.of("spray", "cold_said");
  private static final FigureKey FLOWERS_SAID = FigureKey.of("spray", "flowers_said");
  private static final FigureKey TALL = FigureKey.of("spray", "tall_share");
  private static final double HALF_INCH = 0.5;

  /**
   * A member of the mix.
   *
   * @param partner active ingredient that is usually added; empty where none is
   */
  public record MemberKill(String species, double pounds, double kill, Optional<String> partner) {}

  /**
   * Plans a burndown.
   *
   * @param product of the farm, {@code partner} another; empty where none is meant
   * @param how carrier, spray, tank and acres
   * @throws OutOfRange on organic ground, and where nothing of the cover lives on
   */
  public static SprayPlan of(
      MatForecast mat,
      LocalDate on,
      NextCrop next,
      boolean organic,
      Label product,
      Optional<Label> partner,
      Spraying how) {
    if (organic) {
      throw new OutOfRange("field", "this field is organic: herbicide is ruled out");
    }
    Outlook outlook = mat.outlook();
    Figures figures = outlook.figures();
    Share cold = cold(outlook, on);
    double weather =
        product.kind() == Label.Kind.SYSTEMIC && cold.fraction() > figures.of(COLD_LIKELY)
            ? figures.of(WEATHER)
            : 1;
    boolean nitrogen = how.carrier() == Spraying.Carrier.LIQUID_NITROGEN;
    List<MemberKill> kills = new ArrayList<>();
    double rate = 0;
    double grass = 1;
    double broadleaf = 1;
    boolean mixed = false;
    for (Species species : mat.stand().mix().winterHardy()) {
      HerbicideKill herbicide = HerbicideKill.of(species).orElse(null);
      if (herbicide == null) {
        continue;
      }
      StageForecast stages = new StageForecast(species, mat.stand(), outlook);
      double past =
          herbicide.until().map(stage -> stages.sharesOn(on).getOrDefault(stage, 0.0)).orElse(0.0);
      double pounds = past < figures.of(TALL) ? herbicide.rateLow() : herbicide.rateHigh();
      double kill = herbicide.kill(past) * weather * (nitrogen ? herbicide.inNitrogen() : 1);
      rate = Math.max(rate, pounds);
      kills.add(new MemberKill(species.name(), pounds, kill, herbicide.partner()));
      if (species.family() == Family.GRASS) {
        grass = Math.min(grass, kill);
      } else {
        broadleaf = Math.min(broadleaf, kill);
        mixed = true;
      }
    }
    if (kills.isEmpty()) {
      throw new OutOfRange(
          "cover", "there is no figure for how a burndown kills this cover: ask your adviser");
    }
    List<SprayKill> ways =
        partner.filter(p -> p.kind() == Label.Kind.GROWTH_REGULATOR).isPresent()
            ? SprayKill.ways(grass, mixed ? figures.of(ALONE) * weather : 1, broadleaf, figures)
            : List.of();
    double wanted = rate;
    double weight = Math.max(0, mat.on(on).middle());
    return new SprayPlan(
        on,
        rate,
        kills,
        ways,
        product
            .poundsPerGallon()
            .map(
                gallon ->
                    Tank.of(wanted, gallon, how.gallonsPerAcre(), how.tankGallons(), how.acres())),
        forbids(product, partner, on, next, how.gallonsPerAcre()),
        against(kills, partner, cold, mat, on, nitrogen),
        mixing(product, partner, nitrogen),
        asks(product, partner, next.kind().corn()),
        Share.of(ResidualOnMat.reaches(weight, 0, figures)),
        Share.of(ResidualOnMat.reaches(weight, HALF_INCH, figures)));
  }

  /** Chance that the day or its night is too cold for a systemic product. */
  private static Share cold(Outlook outlook, LocalDate on) {
    Figures figures = outlook.figures();
    Ensemble<Double> cold =
        outlook.each(
            trace -> {
              DailyWeather day = trace.on(on);
              boolean chilly =
                  day.maxF() < figures.of(COLD_DAY) || day.minF() < figures.of(COLD_NIGHT);
              return chilly ? 1.0 : 0.0;
            });
    return cold.chance(c -> c > 0);
  }

  private static List<Reason> forbids(
      Label product, Optional<Label> partner, LocalDate on, NextCrop next, double carrier) {
    List<Reason> all = new ArrayList<>();
    List<Label> both = new ArrayList<>(List.of(product));
    partner.ifPresent(both::add);
    for (Label label : both) {
      long days = ChronoUnit.DAYS.between(on, next.planned());
      label
          .plantBack(next.kind().corn())
          .filter(back -> days < back)
          .ifPresent(
              back ->
                  all.add(
                      Reason.of(
                          "{}: its label wants {} days to planting, planned is {}",
                          label.active(),
                          back,
                          next.planned())));
      label
          .leastCarrier()
          .filter(least -> carrier < least)
          .ifPresent(
              least ->
                  all.add(
                      Reason.of(
                          "{}: its label wants {} at least",
                          label.active(),
                          Measure.of(least, Unit.GALLON_PER_ACRE))));
    }
    return all;
  }

  private static List<Reason> against(
      List<MemberKill> kills,
      Optional<Label> partner,
      Share cold,
      MatForecast mat,
      LocalDate on,
      boolean nitrogen) {
    List<Reason> all = new ArrayList<>();
    if (nitrogen) {
      mat.stand().mix().winterHardy().stream()
          .filter(s -> HerbicideKill.of(s).filter(h -> h.inNitrogen() < 1).isPresent())
          .forEach(
              s ->
                  all.add(
                      Reason.of(
                          "{} dies less surely in liquid nitrogen: spray it in water",
                          s.name().toLowerCase(Locale.ROOT))));
    }
    if (cold.fraction() > mat.outlook().figures().of(COLD_SAID)) {
      all.add(
          Reason.of(
              "{} that the day or its night is too cold for a systemic product: it works slower and less",
              cold));
    }
    kills.stream()
        .filter(k -> k.partner().isPresent() && partner.isEmpty())
        .forEach(
            k ->
                all.add(
                    Reason.of(
                        "{} usually wants a partner: " + k.partner().get(),
                        k.species().toLowerCase(Locale.ROOT))));
    double said = mat.outlook().figures().of(FLOWERS_SAID);
    boolean flowers =
        mat.stand().mix().winterHardy().stream()
            .map(s -> new StageForecast(s, mat.stand(), mat.outlook()).sharesOn(on))
            .anyMatch(s -> s.getOrDefault(CoverStage.FLOWERING, 0.0) > said);
    if (flowers) {
      all.add(Reason.of("it flowers: bees may be in it, spray out of their hours"));
    }
    return all;
  }

  private static List<Reason> mixing(Label product, Optional<Label> partner, boolean nitrogen) {
    List<Reason> all = new ArrayList<>();
    Stream.concat(Stream.of(product), partner.stream())
        .filter(Label::conditioned)
        .forEach(
            label ->
                all.add(
                    Reason.of(
                        "condition the water before {} goes in, as its label says",
                        label.active())));
    if (nitrogen) {
      all.add(
          Reason.of(
              "try it in a jar first: not every product mixes with liquid nitrogen, and some labels"
                  + " forbid it"));
    }
    return all;
  }

  private static List<Reason> asks(Label product, Optional<Label> partner, boolean corn) {
    List<Reason> all = new ArrayList<>();
    List<Label> both = new ArrayList<>(List.of(product));
    partner.ifPresent(both::add);
    for (Label label : both) {
      List<String> missing = label.missing(corn);
      if (!missing.isEmpty()) {
        all.add(Reason.of("{}: read off the label " + String.join(", ", missing), label.active()));
      }
    }
    return all;
  }
}
