package nimblefurrow.core.quantity;

import java.time.Duration;

/**
 * Parts of an hour as {@link Duration}: {@code Durations.minutes(2.5)} is two and a half minutes.
 * Not for days: those are counted on the calendar.
 */
public final class Durations {
  private static final double NANOS = 1e9;

  private Durations() {}

  /** So many seconds. */
  public static Duration seconds(double seconds) {
    return Duration.ofNanos(
        Math.round(Limits.within("time", seconds, 0, 1e8, Unit.SECOND) * NANOS));
  }

  /** So many minutes. */
  public static Duration minutes(double minutes) {
    return seconds(minutes * 60);
  }

  /** So many hours. */
  public static Duration hours(double hours) {
    return seconds(hours * 3600);
  }

  /** A duration in seconds. */
  public static double inSeconds(Duration duration) {
    return duration.toNanos() / NANOS;
  }

  /** A duration in minutes. */
  public static double inMinutes(Duration duration) {
    return inSeconds(duration) / 60;
  }

  /** A duration in hours. */
  public static double inHours(Duration duration) {
    return inSeconds(duration) / 3600;
  }
}
