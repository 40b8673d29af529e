package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.SampleMean;

/** What eats the crop out of the residue, counted by spot. */
public record PestsCounted(Pest pest, Readings readings) implements Sighting {
  public PestsCounted {
    Limits.given("pest", pest);
  }

  @Override
  public Of of() {
    return Of.GROUND;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    pest.checked(readings.bySpot(), figures);
  }

  @Override
  public Reason says(Figures figures) {
    return Reason.of(pest.words(figures) + " {} by spot", Math.round(10 * mean().mean()) / 10.0);
  }

  @Override
  public String brief() {
    return "pests counted";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.pestsCounted(this);
  }

  /** Mean and error of the spots. */
  public SampleMean mean() {
    return readings.mean();
  }
}
