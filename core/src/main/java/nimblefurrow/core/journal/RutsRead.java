package nimblefurrow.core.journal;

import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.scouting.RutDepth;

/** How deep ruts are, in, by spot. */
public record RutsRead(Readings readings) implements ReadBySpot {

  @Override
  public Of of() {
    return Of.GROUND;
  }

  @Override
  public String brief() {
    return "ruts measured";
  }

  @Override
  public <T> T to(FactReader<T> reader) {
    return reader.rutsRead(this);
  }

  @Override
  public LookSheet.Kind sheet() {
    return LookSheet.Kind.RUTS;
  }

  /** Their depth, by which a roller is hindered or not. */
  public RutDepth depth() {
    return new RutDepth(mean());
  }
}
