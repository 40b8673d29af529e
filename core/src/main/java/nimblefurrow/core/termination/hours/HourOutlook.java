package nimblefurrow.core.termination.hours;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.ensemble.Ensemble;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.fitness.FitDays;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.core.weather.Hour;
import nimblefurrow.core.weather.HoursOfDays;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.WeatherTrace;

/**
 * An hour to come over all the ways the weather may run: what it is like, and how likely the roller
 * and the sprayer can work in it. Example: Thursday 14 h, 71 °F (66–75), crimping in 82 % of the
 * years, else held back by wet leaves. What lies further off than the forecast is the years' own.
 *
 * @param start solar time at which it begins
 * @param temperature °F
 * @param dewPointF in the middle year, °F
 * @param sunMj in the middle year, MJ/m²
 * @param wind mph
 * @param rain chance that it rains in it
 * @param leavesWet chance that leaves are wet
 * @param soil temperature of the topsoil, rough, °F
 * @param crimp chance that it is an hour to crimp in
 * @param crimpLimit what most often keeps the roller from it
 * @param spray chance that it is an hour to spray in
 * @param sprayLimit what most often keeps the sprayer from it; OK where nothing does
 */
public record HourOutlook(
    LocalDateTime start,
    Spread temperature,
    double dewPointF,
    double sunMj,
    Spread wind,
    Share rain,
    Share leavesWet,
    Spread soil,
    Share crimp,
    CrimpHour.Limit crimpLimit,
    Share spray,
    SprayHour sprayLimit) {
  /** Days before the first that are run through for their dew and rain. */
  private static final int RUN_UP = 3;

  private static final int HOURS_OF_A_DAY = 24;

  private record Member(List<Hour> hours, List<DailyWeather> days, List<Double> topsoil) {}

  /**
   * The hours of days on a ground.
   *
   * @param days how many, 1–16
   */
  public static List<HourOutlook> of(
      Outlook outlook, FitDays fit, Footing ground, LocalDate from, int days) {
    return of(outlook, fit, ground, from, days, List.of(SprayNeed.USUAL));
  }

  /**
   * The same for what is to be sprayed.
   *
   * @param needs of each product that goes out together
   */
  public static List<HourOutlook> of(
      Outlook outlook,
      FitDays fit,
      Footing ground,
      LocalDate from,
      int days,
      List<SprayNeed> needs) {
    Figures figures = outlook.figures();
    List<Ensemble<Double>> topsoil =
        from.datesUntil(from.plusDays(days)).map(day -> fit.topsoil(ground, day)).toList();
    // The last hours are judged by as much of the weather after them as was asked.
    int beyond = 1 + SprayNeed.longest(needs, figures) / HOURS_OF_A_DAY;
    List<Member> members = new ArrayList<>();
    for (int i = 0; i < outlook.traces().size(); i++) {
      members.add(member(outlook, topsoil, i, from, days + beyond));
    }
    List<HourOutlook> all = new ArrayList<>();
    for (int h = 0; h < 24 * days; h++) {
      all.add(hour(members, h, needs, figures));
    }
    return all;
  }

  private static Member member(
      Outlook outlook, List<Ensemble<Double>> topsoil, int year, LocalDate from, int days) {
    WeatherTrace trace = outlook.traces().get(year);
    List<DailyWeather> weather =
        from.minusDays(RUN_UP).datesUntil(from.plusDays(days)).map(trace::on).toList();
    List<Hour> hours = HoursOfDays.of(weather, outlook.site(), outlook.figures());
    return new Member(
        hours.subList(24 * RUN_UP, hours.size()),
        weather.subList(RUN_UP, weather.size()),
        topsoil.stream().map(t -> t.in(year).orElseThrow()).toList());
  }

  private static HourOutlook hour(
      List<Member> members, int h, List<SprayNeed> needs, Figures figures) {
    int crimped = 0;
    int sprayed = 0;
    Map<CrimpHour.Limit, Integer> crimpLimits = new EnumMap<>(CrimpHour.Limit.class);
    Map<SprayHour, Integer> sprayLimits = new EnumMap<>(SprayHour.class);
    for (Member member : members) {
      CrimpHour crimp = CrimpHour.of(member.hours().get(h), member.topsoil().get(h / 24), figures);
      if (crimp.good(figures)) {
        crimped++;
      } else {
        crimpLimits.merge(crimp.limit(), 1, Integer::sum);
      }
      SprayHour spray =
          SprayHour.of(member.hours(), h, member.days().get(h / HOURS_OF_A_DAY), needs, figures);
      if (spray == SprayHour.OK) {
        sprayed++;
      } else {
        sprayLimits.merge(spray, 1, Integer::sum);
      }
    }
    int years = members.size();
    return new HourOutlook(
        members.get(0).hours().get(h).start(),
        spread(members, h, Hour::temperatureF),
        spread(members, h, Hour::dewPointF).middle(),
        spread(members, h, Hour::sunMj).middle(),
        spread(members, h, Hour::windMph),
        share(members, h, hour -> hour.wet() ? 1 : 0),
        share(members, h, hour -> hour.filmMm() > 0 ? 1 : 0),
        spread(members, h, Hour::soilF),
        Share.of((double) crimped / years),
        most(crimpLimits, CrimpHour.Limit.NONE),
        Share.of((double) sprayed / years),
        most(sprayLimits, SprayHour.OK));
  }

  private static Spread spread(List<Member> members, int h, ToDoubleFunction<Hour> of) {
    return Spread.of(
        Ensemble.of(members.size(), i -> of.applyAsDouble(members.get(i).hours().get(h))));
  }

  private static Share share(List<Member> members, int h, ToDoubleFunction<Hour> of) {
    return Share.of(
        members.stream().mapToDouble(m -> of.applyAsDouble(m.hours().get(h))).average().orElse(0));
  }

  private static <L extends Enum<L>> L most(Map<L, Integer> limits, L none) {
    return limits.entrySet().stream()
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey)
        .orElse(none);
  }
}
