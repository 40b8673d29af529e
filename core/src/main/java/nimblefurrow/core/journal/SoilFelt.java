package nimblefurrow.core.journal;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.scouting.SoilFeel;

/** Topsoil pressed in the hand. */
public record SoilFelt(SoilFeel feel) implements Sighting {
  public SoilFelt {
    Limits.given("how the soil feels", feel);
  }

  @Override
  public Of of() {
    return Of.GROUND;
  }

  @Override
  public void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {}

  @Override
  public Reason says(Figures figures) {
    return Reason.of("soil " + feel.words(figures));
  }

  @Override
  public String brief() {
    return "soil felt";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.soilFelt(this);
  }
}
