package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.Verdict;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingWindow;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.TerminationOutlook;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;

/** What core has found, in the shape in which it is told. */
public final class Answers {
  private Answers() {}

  /** A date with its range; absent parts are not reached in enough years. */
  record DateRange(@Maybe LocalDate early, @Maybe LocalDate middle, @Maybe LocalDate late) {
    public static DateRange of(DateForecast forecast) {
      return new DateRange(
          forecast.early().orElse(null),
          forecast.median().orElse(null),
          forecast.late().orElse(null));
    }
  }

  public record MatRange(int low, int middle, int high) {
    public static MatRange of(Spread spread) {
      return new MatRange(
          (int) Math.round(spread.low()),
          (int) Math.round(spread.middle()),
          (int) Math.round(spread.high()));
    }
  }

  /** A seeding window; chances in %. */
  public record WindowAnswer(
      SeedingMethod way,
      String words,
      DateRange opens,
      DateRange bestFrom,
      DateRange bestTo,
      @Maybe LocalDate lastUseful,
      @Maybe LocalDate possible,
      @Maybe LocalDate lives,
      int chance,
      Verdict.Kind verdict,
      @Maybe LocalDate by,
      String says,
      @Maybe String impossible,
      @Maybe String remedy,
      List<String> notes) {
    public static WindowAnswer of(
        SeedingWindow w, UnitSystem units, LocalDate today, Figures figures) {
      Verdict verdict = Verdict.of(w, today, figures);
      return new WindowAnswer(
          w.way(),
          w.way().words(),
          DateRange.of(w.opens()),
          DateRange.of(w.bestFrom()),
          DateRange.of(w.bestTo()),
          w.closes().lastDayWithChance(figures.of(Verdict.SURE)).orElse(null),
          w.closes().lastDayWithChance(figures.of(Verdict.HALF)).orElse(null),
          w.lives().lastDayWithChance(figures.of(Verdict.SURE)).orElse(null),
          (int) Math.round(w.chanceFrom(today).percent()),
          verdict.kind(),
          verdict.by().orElse(null),
          verdict.says().in(units),
          w.impossible().map(r -> r.in(units)).orElse(null),
          w.remedy().map(r -> r.in(units)).orElse(null),
          said(w.notes(), units));
    }
  }

  /** What a way of ending does to one member, in %; absent: no figure. */
  record MemberKillAnswer(String species, @Maybe Integer kill) {}

  /** A way of ending the cover; the kill in % as a range. */
  public record TerminationAnswer(
      TerminationMethod termination,
      String words,
      String brief,
      boolean chosen,
      DateRange opens,
      DateRange closes,
      @Maybe LocalDate aim,
      @Maybe MatRange mat,
      @Maybe Integer killLow,
      @Maybe Integer killHigh,
      List<MemberKillAnswer> members,
      List<String> reasons,
      List<String> against,
      @Maybe String impossible,
      @Maybe String remedy) {
    public static TerminationAnswer of(
        TerminationOutlook r, boolean chosen, UnitSystem units, Figures figures) {
      double range = figures.of(TerminationOutlook.KILL_RANGE);
      return new TerminationAnswer(
          r.method(),
          r.method().words(),
          r.method().brief(),
          chosen,
          DateRange.of(r.opens()),
          DateRange.of(r.closes()),
          r.aim().orElse(null),
          r.mat().map(MatRange::of).orElse(null),
          r.kill().map(k -> killPercent(k - range)).orElse(null),
          r.kill().map(k -> killPercent(k + range)).orElse(null),
          r.members().stream()
              .map(
                  m ->
                      new MemberKillAnswer(
                          m.species(), m.kill().map(TerminationAnswer::killPercent).orElse(null)))
              .toList(),
          said(r.reasons(), units),
          said(r.against(), units),
          r.impossible().map(i -> i.in(units)).orElse(null),
          r.remedy().map(i -> i.in(units)).orElse(null));
    }

    private static int killPercent(double kill) {
      return Percent.of(Math.max(0, Math.min(0.99, kill)));
    }
  }

  /** A stage of the cover with its dates, and the mat on its middle date. */
  public record StageAnswer(String code, String words, DateRange when, @Maybe MatRange mat) {}

  public static List<String> said(List<Reason> reasons, UnitSystem units) {
    return reasons.stream().map(r -> r.in(units)).toList();
  }

  public static List<StageAnswer> stages(
      FieldSeason season, java.util.function.Function<LocalDate, Spread> mat) {
    return season.stages().entrySet().stream()
        .map(
            e ->
                new StageAnswer(
                    e.getKey().name(),
                    e.getKey().words(),
                    DateRange.of(e.getValue()),
                    e.getValue().median().map(mat).map(MatRange::of).orElse(null)))
        .toList();
  }
}
