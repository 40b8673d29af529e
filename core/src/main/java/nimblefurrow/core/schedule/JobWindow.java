package nimblefurrow.core.schedule;

import java.time.LocalDate;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.weather.DateForecast;

/** When a job can be done: it may start when the one has come, and must be over with the other. */
public record JobWindow(DateForecast opens, DateForecast closes) {
  public JobWindow {
    Limits.given("window", opens);
    Limits.given("window end", closes);
  }

  /** Chance that the window is open on a date. */
  public double chanceOpen(LocalDate date) {
    return opens.chanceBy(date).fraction() * closes.chanceOnOrAfter(date).fraction();
  }

  /** The day by which the planner must be done: open with a chance of 80 %, else of 50 %. */
  public LocalDate end() {
    return closes.lastDayWithChance(0.8).or(closes::median).orElse(LocalDate.MIN);
  }
}
