package nimblefurrow.server.journal;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.journal.Clipped;
import nimblefurrow.core.journal.CropStageSeen;
import nimblefurrow.core.journal.CutForForage;
import nimblefurrow.core.journal.Disced;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.GroundCoverRead;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.journal.HeightRead;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.LightRead;
import nimblefurrow.core.journal.NitrogenNoted;
import nimblefurrow.core.journal.PestsCounted;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.SlurrySpread;
import nimblefurrow.core.journal.SoilFelt;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.StandCounted;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.Terminated;
import nimblefurrow.core.journal.Unclear;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.scouting.LookSheet;

/** The lasting name of each kind of fact, where it is kept and where it is asked for. */
public enum EntryKind implements Coded {
  DISCED("disced", Disced.class),
  SEEDED("seeded", Sown.class),
  SLURRY_SPREAD("slurry_spread", SlurrySpread.class),
  CUT("cut", CutForForage.class),
  ENDED("ended", Terminated.class),
  HARVESTED("harvested", Harvested.class),
  CROP_STAGE("crop_stage", CropStageSeen.class),
  STEM_COUNT("stem_count", StemsCounted.class),
  BIOMASS("biomass", Clipped.class),
  STAND_COUNT("stand_count", StandCounted.class),
  WINTERED("wintered", Wintered.class),
  HEIGHT("height", HeightRead.class, LookSheet.Kind.HEIGHT),
  GROUND_COVER("ground_cover", GroundCoverRead.class, LookSheet.Kind.GROUND_COVER),
  CANOPY_LIGHT("canopy_light", LightRead.class, LookSheet.Kind.CANOPY_LIGHT),
  SOIL_FEEL("soil_feel", SoilFelt.class),
  RUTS("ruts", RutsRead.class, LookSheet.Kind.RUTS),
  WEEDS("weeds", WeedsScored.class, LookSheet.Kind.WEEDS),
  PESTS("pests", PestsCounted.class),
  KILL_RATING("kill_rating", KillRated.class, LookSheet.Kind.KILL),
  NITROGEN("nitrogen", NitrogenNoted.class, LookSheet.Kind.NITROGEN);

  private final String code;
  private final Class<? extends Fact> fact;
  private final LookSheet.Kind read;

  EntryKind(String code, Class<? extends Fact> fact) {
    this(code, fact, null);
  }

  EntryKind(String code, Class<? extends Fact> fact, LookSheet.Kind read) {
    this.code = code;
    this.fact = fact;
    this.read = read;
  }

  /** What is read spot by spot; empty where it is something else. */
  public Optional<LookSheet.Kind> read() {
    return Optional.ofNullable(read);
  }

  @Override
  public String code() {
    return code;
  }

  /** The type of its facts. */
  public Class<? extends Fact> fact() {
    return fact;
  }

  /** The kind under which a fact is kept. */
  public static EntryKind of(Fact fact) {
    return Arrays.stream(values())
        .filter(
            kind ->
                fact instanceof Unclear unclear
                    ? kind.code.equals(unclear.kind())
                    : kind.fact.isInstance(fact))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no kind keeps " + fact));
  }

  /**
   * The kind of entry that settles a job; planting the crop is none of the cover's, and other work
   * is written down nowhere else.
   */
  public static Optional<EntryKind> settling(Operation operation) {
    return switch (operation) {
      case FIRST_DISC, SECOND_DISC -> Optional.of(DISCED);
      case SEED -> Optional.of(SEEDED);
      case SLURRY -> Optional.of(SLURRY_SPREAD);
      case SPRAY, ROLL, TILL, MOW -> Optional.of(ENDED);
      case HARVEST -> Optional.of(HARVESTED);
      case PLANT, OTHER -> Optional.empty();
    };
  }
}
