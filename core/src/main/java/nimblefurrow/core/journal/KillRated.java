package nimblefurrow.core.journal;

import java.time.LocalDate;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.LookSheet;

/** How much of an ended cover is dead, percent, by spot. */
public record KillRated(Readings readings) implements ReadBySpot {

  @Override
  public Of of() {
    return Of.COVER;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    LocalDate ended =
        story
            .ended()
            .orElseThrow(
                () -> new OutOfRange("cover", "this cover is not logged as ended: log that first"));
    if (noted.day().isBefore(ended)) {
      throw new OutOfRange(
          "date", "date is after the cover was ended on %s, got %s".formatted(ended, noted.day()));
    }
    ReadBySpot.super.mayFollow(story, setting, noted, figures);
  }

  @Override
  public String brief() {
    return "kill rated";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.killRated(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.KILL;
  }

  /** Mean share that is dead, 0–1. */
  public double dead() {
    return mean().mean() / 100;
  }
}
