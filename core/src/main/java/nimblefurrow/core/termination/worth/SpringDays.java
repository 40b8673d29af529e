package nimblefurrow.core.termination.worth;

import java.time.LocalDate;
import java.util.Arrays;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.cover.Nitrogen;
import nimblefurrow.core.cover.RootZone;
import nimblefurrow.core.weather.GroundSeen;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.weather.Sunlight;
import nimblefurrow.core.weather.WeatherTrace;

/** What a cover is made of, and what it has drunk, on each day of a spring: worked out once. */
final class SpringDays {
  private final MatForecast mat;
  private final LocalDate first;
  private final double[] carbon;
  private final double[] grass;
  private final double[][] drawn;

  SpringDays(MatForecast mat, SoilTexture soil, GroundSeen seen, LocalDate first, LocalDate last) {
    this.mat = mat;
    this.first = first;
    int days = (int) Math.max(0, last.toEpochDay() - first.toEpochDay() + 1);
    this.carbon = new double[days];
    this.grass = new double[days];
    for (int d = 0; d < days; d++) {
      carbon[d] = Nitrogen.carbonOfMix(mat, first.plusDays(d));
      grass[d] = grassShare(first.plusDays(d));
    }
    this.drawn = new double[mat.outlook().traces().size()][];
    for (int year = 0; year < drawn.length; year++) {
      drawn[year] = drawn(year, days, soil, seen);
    }
  }

  /** Carbon to nitrogen of the mix. */
  double carbon(LocalDate date) {
    return carbon[index(date)];
  }

  /** Share of the mix that is grass, by weight. */
  double grass(LocalDate date) {
    return grass[index(date)];
  }

  /** Inches drawn from the root zone by then beyond what bare ground loses. */
  double drawn(int year, LocalDate date) {
    return drawn[year][index(date)];
  }

  private int index(LocalDate date) {
    return (int) Math.max(0, Math.min(carbon.length - 1L, date.toEpochDay() - first.toEpochDay()));
  }

  private double grassShare(LocalDate date) {
    double[] members = mat.membersOn(date);
    double whole = Arrays.stream(members).sum();
    double sum = 0;
    for (int m = 0; m < members.length; m++) {
      if (mat.stand().mix().members().get(m).species().family() == Family.GRASS) {
        sum += members[m];
      }
    }
    return whole <= 0 ? 0 : sum / whole;
  }

  private double[] drawn(int year, int days, SoilTexture soil, GroundSeen seen) {
    double[] inches = new double[days];
    Outlook outlook = mat.outlook();
    WeatherTrace trace = outlook.traces().get(year);
    Sunlight.Pull asked = new Sunlight.Pull(outlook.site().latitude());
    double[] pull = trace.daily(asked, asked);
    double full = RootZone.capacity(soil, outlook.figures());
    RootZone green = new RootZone(soil, full, outlook.figures());
    RootZone open = new RootZone(soil, full, outlook.figures());
    int from = (int) (mat.stand().spring(outlook.site()).toEpochDay() - trace.first().toEpochDay());
    int shown = (int) (first.toEpochDay() - trace.first().toEpochDay());
    for (int i = Math.max(0, from); i < Math.min(pull.length, shown + days); i++) {
      LocalDate day = trace.first().plusDays(i);
      double rain = seen.rainOn(day, trace.on(day).rainIn());
      green.day(pull[i], rain, mat.groundCoverInYear(year, day), 1);
      open.day(pull[i], rain, 0, 1);
      if (i >= shown) {
        inches[i - shown] = Math.max(0, open.inches() - green.inches());
      }
    }
    return inches;
  }
}
