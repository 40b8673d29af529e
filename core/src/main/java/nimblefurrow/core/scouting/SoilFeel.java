package nimblefurrow.core.scouting;

import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.figures.Row;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.weather.GroundSeen;

/**
 * Topsoil pressed to a ball and a ribbon: what it does tells its water. A ball that breaks clean
 * stands for 78 % of field capacity. Not a measurement: how far such a feel is off comes with it.
 */
public enum SoilFeel implements Coded {
  CRUMBLES("crumbles"),
  BREAKS("breaks"),
  DENTS("dents"),
  RIBBONS("ribbons");

  private final String code;

  SoilFeel(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }

  private Row row(Figures figures) {
    return figures.sheet("feels").row(code);
  }

  /** What the ball does, in words. */
  public String words(Figures figures) {
    return row(figures).text("words");
  }

  /** What it means for work. */
  public String says(Figures figures) {
    return row(figures).text("says");
  }

  /** The water that it stands for. */
  public GroundSeen.Felt felt(Figures figures) {
    return new GroundSeen.Felt(row(figures).number("share"), row(figures).number("sd"));
  }
}
