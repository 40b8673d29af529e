package nimblefurrow.core.journal;

import java.util.Locale;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.Measure;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.scouting.LookSheet;
import nimblefurrow.core.scouting.SampleMean;

/**
 * Something read spot by spot in one unit: heights, light, ruts. Example: {@link HeightRead}. Its
 * limits stand in the sheet of what can be read.
 */
public sealed interface ReadBySpot extends Sighting
    permits HeightRead,
        GroundCoverRead,
        LightRead,
        RutsRead,
        WeedsScored,
        KillRated,
        NitrogenNoted {
  /** What was read, by spot, in the unit of the sheet. */
  Readings readings();

  /** The sheet that says how it is read, and between which limits. */
  LookSheet.Kind sheet();

  /** The mean of the spots and how sure it is, in the unit of the sheet. */
  default SampleMean mean() {
    return readings().mean();
  }

  @Override
  default void mayFollow(Story story, Setting setting, Noted noted, Figures figures) {
    LookSheet.of(sheet(), figures).checked(readings().bySpot());
  }

  @Override
  default Reason says(Figures figures) {
    LookSheet sheet = LookSheet.of(sheet(), figures);
    return Reason.of(
        sheet.words().toLowerCase(Locale.ROOT) + " {}",
        Measure.of(Math.round(10 * mean().mean()) / 10.0, sheet.unit()));
  }
}
