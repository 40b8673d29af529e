package nimblefurrow.server.journal;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.journal.Clipped;
import nimblefurrow.core.journal.CropStageSeen;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.GroundCoverRead;
import nimblefurrow.core.journal.HeightRead;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.LightRead;
import nimblefurrow.core.journal.NitrogenNoted;
import nimblefurrow.core.journal.PestsCounted;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.SoilFelt;
import nimblefurrow.core.journal.StandCounted;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.server.platform.web.Maybe;

/** What was seen, as it is typed and as it is shown. */
public sealed interface SightingForm extends FactForm {
  /** See {@link CropStageSeen}. */
  record CropStageForm(@Maybe CropStage stage) implements SightingForm {
    @Override
    public Fact fact() {
      return new CropStageSeen(stage);
    }
  }

  /** See {@link StemsCounted}. */
  record StemsForm(
      @Maybe String species,
      @Maybe Integer spots,
      @Maybe Integer stems,
      @Maybe Integer past,
      @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new StemsCounted(
          Optional.ofNullable(species),
          Limits.given("spots", spots),
          Limits.given("stems", stems),
          Limits.given("stems past flowering", past),
          Optional.empty(),
          SpotForm.spots(where));
    }
  }

  /** See {@link Clipped}. */
  record ClippedForm(@Maybe Double frameSquareFeet, @Maybe @Size(max = 60) List<Double> dryGrams)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new Clipped(
          new Quadrats(
              Limits.given("frame", frameSquareFeet), Limits.given("dry grams", dryGrams)));
    }
  }

  /** See {@link StandCounted}. */
  record StandForm(
      @Maybe String species,
      @Maybe @Size(max = 100) List<Integer> plants,
      @Maybe Double squareFeet,
      @Maybe Double stemsPerPlant,
      @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new StandCounted(
          Optional.ofNullable(species),
          new StandCount(
              Limits.given("plants by spot", plants),
              Limits.given("ground of a spot", squareFeet),
              Optional.ofNullable(stemsPerPlant)),
          SpotForm.spots(where));
    }
  }

  /** See {@link Wintered}. */
  record WinteredForm(@Maybe String species, @Maybe Integer alive, @Maybe Integer looked)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new Wintered(
          Optional.ofNullable(species),
          Limits.given("plants alive", alive),
          Limits.given("plants looked at", looked));
    }
  }

  /** See {@link HeightRead}. */
  record HeightForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new HeightRead(SpotForm.readings("height by spot", readings, where));
    }
  }

  /** See {@link GroundCoverRead}. */
  record GroundCoverForm(
      @Maybe @Size(max = 100) List<Double> readings,
      @Maybe @Size(max = 100) List<SpotForm> where,
      @Maybe Boolean photo)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new GroundCoverRead(
          SpotForm.readings("ground cover by spot", readings, where), Boolean.TRUE.equals(photo));
    }
  }

  /** See {@link LightRead}. */
  record LightForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new LightRead(SpotForm.readings("light by spot", readings, where));
    }
  }

  /** See {@link SoilFelt}. */
  record SoilForm(@Maybe SoilFeel feel) implements SightingForm {
    @Override
    public Fact fact() {
      return new SoilFelt(feel);
    }
  }

  /** See {@link RutsRead}. */
  record RutsForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new RutsRead(SpotForm.readings("ruts by spot", readings, where));
    }
  }

  /** See {@link WeedsScored}. */
  record WeedsForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new WeedsScored(SpotForm.readings("weeds by spot", readings, where));
    }
  }

  /** See {@link PestsCounted}. */
  record PestsForm(
      @Maybe Pest pest,
      @Maybe @Size(max = 100) List<Double> readings,
      @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new PestsCounted(pest, SpotForm.readings("pests by spot", readings, where));
    }
  }

  /** See {@link KillRated}. */
  record KillForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new KillRated(SpotForm.readings("kill by spot", readings, where));
    }
  }

  /** See {@link NitrogenNoted}. */
  record NitrogenForm(
      @Maybe @Size(max = 100) List<Double> readings,
      @Maybe @Size(max = 100) List<SpotForm> where,
      @Maybe Boolean tested)
      implements SightingForm {
    @Override
    public Fact fact() {
      return new NitrogenNoted(
          SpotForm.readings("nitrogen by spot", readings, where), Boolean.TRUE.equals(tested));
    }
  }
}
