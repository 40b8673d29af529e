package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonAlias;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropStage;
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
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.web.Maybe;

/**
 * A fact as it is typed and as it is shown: one of its kinds, each with the figures that it has.
 * Figures that are missing are named by the fact itself.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(name = "DISCED", value = FactForm.DiscedForm.class),
  @JsonSubTypes.Type(name = "SEEDED", value = FactForm.SownForm.class),
  @JsonSubTypes.Type(name = "SLURRY_SPREAD", value = FactForm.SlurryForm.class),
  @JsonSubTypes.Type(name = "CUT", value = FactForm.ForageCutForm.class),
  @JsonSubTypes.Type(name = "ENDED", value = FactForm.TerminatedForm.class),
  @JsonSubTypes.Type(name = "HARVESTED", value = FactForm.HarvestedForm.class),
  @JsonSubTypes.Type(name = "CROP_STAGE", value = FactForm.CropStageForm.class),
  @JsonSubTypes.Type(name = "STEM_COUNT", value = FactForm.StemsForm.class),
  @JsonSubTypes.Type(name = "BIOMASS", value = FactForm.ClippedForm.class),
  @JsonSubTypes.Type(name = "STAND_COUNT", value = FactForm.StandForm.class),
  @JsonSubTypes.Type(name = "WINTERED", value = FactForm.WinteredForm.class),
  @JsonSubTypes.Type(name = "HEIGHT", value = FactForm.HeightForm.class),
  @JsonSubTypes.Type(name = "GROUND_COVER", value = FactForm.GroundCoverForm.class),
  @JsonSubTypes.Type(name = "CANOPY_LIGHT", value = FactForm.LightForm.class),
  @JsonSubTypes.Type(name = "SOIL_FEEL", value = FactForm.SoilForm.class),
  @JsonSubTypes.Type(name = "RUTS", value = FactForm.RutsForm.class),
  @JsonSubTypes.Type(name = "WEEDS", value = FactForm.WeedsForm.class),
  @JsonSubTypes.Type(name = "PESTS", value = FactForm.PestsForm.class),
  @JsonSubTypes.Type(name = "KILL_RATING", value = FactForm.KillForm.class),
  @JsonSubTypes.Type(name = "NITROGEN", value = FactForm.NitrogenForm.class)
})
@Schema(
    discriminatorProperty = "kind",
    oneOf = {
      FactForm.DiscedForm.class,
      FactForm.SownForm.class,
      FactForm.SlurryForm.class,
      FactForm.ForageCutForm.class,
      FactForm.TerminatedForm.class,
      FactForm.HarvestedForm.class,
      FactForm.CropStageForm.class,
      FactForm.StemsForm.class,
      FactForm.ClippedForm.class,
      FactForm.StandForm.class,
      FactForm.WinteredForm.class,
      FactForm.HeightForm.class,
      FactForm.GroundCoverForm.class,
      FactForm.LightForm.class,
      FactForm.SoilForm.class,
      FactForm.RutsForm.class,
      FactForm.WeedsForm.class,
      FactForm.PestsForm.class,
      FactForm.KillForm.class,
      FactForm.NitrogenForm.class
    },
    discriminatorMapping = {
      @DiscriminatorMapping(value = "DISCED", schema = FactForm.DiscedForm.class),
      @DiscriminatorMapping(value = "SEEDED", schema = FactForm.SownForm.class),
      @DiscriminatorMapping(value = "SLURRY_SPREAD", schema = FactForm.SlurryForm.class),
      @DiscriminatorMapping(value = "CUT", schema = FactForm.ForageCutForm.class),
      @DiscriminatorMapping(value = "ENDED", schema = FactForm.TerminatedForm.class),
      @DiscriminatorMapping(value = "HARVESTED", schema = FactForm.HarvestedForm.class),
      @DiscriminatorMapping(value = "CROP_STAGE", schema = FactForm.CropStageForm.class),
      @DiscriminatorMapping(value = "STEM_COUNT", schema = FactForm.StemsForm.class),
      @DiscriminatorMapping(value = "BIOMASS", schema = FactForm.ClippedForm.class),
      @DiscriminatorMapping(value = "STAND_COUNT", schema = FactForm.StandForm.class),
      @DiscriminatorMapping(value = "WINTERED", schema = FactForm.WinteredForm.class),
      @DiscriminatorMapping(value = "HEIGHT", schema = FactForm.HeightForm.class),
      @DiscriminatorMapping(value = "GROUND_COVER", schema = FactForm.GroundCoverForm.class),
      @DiscriminatorMapping(value = "CANOPY_LIGHT", schema = FactForm.LightForm.class),
      @DiscriminatorMapping(value = "SOIL_FEEL", schema = FactForm.SoilForm.class),
      @DiscriminatorMapping(value = "RUTS", schema = FactForm.RutsForm.class),
      @DiscriminatorMapping(value = "WEEDS", schema = FactForm.WeedsForm.class),
      @DiscriminatorMapping(value = "PESTS", schema = FactForm.PestsForm.class),
      @DiscriminatorMapping(value = "KILL_RATING", schema = FactForm.KillForm.class),
      @DiscriminatorMapping(value = "NITROGEN", schema = FactForm.NitrogenForm.class)
    })
public sealed interface FactForm {
  /**
   * The fact.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange naming the figure that is missing, or its limit
   */
  Fact fact();

  /** See {@link Disced}. */
  record DiscedForm() implements FactForm {
    @Override
    public Fact fact() {
      return new Disced();
    }
  }

  /** See {@link Sown}. */
  record SownForm() implements FactForm {
    @Override
    public Fact fact() {
      return new Sown();
    }
  }

  /** See {@link SlurrySpread}. */
  record SlurryForm() implements FactForm {
    @Override
    public Fact fact() {
      return new SlurrySpread();
    }
  }

  /** See {@link CutForForage}. */
  record ForageCutForm() implements FactForm {
    @Override
    public Fact fact() {
      return new CutForForage();
    }
  }

  /** See {@link Terminated}. */
  record TerminatedForm(@Maybe @JsonAlias("route") TerminationMethod termination)
      implements FactForm {
    @Override
    public Fact fact() {
      return new Terminated(Optional.ofNullable(termination));
    }
  }

  /** See {@link Harvested}. */
  record HarvestedForm(@Maybe Double yieldPerAcre) implements FactForm {
    @Override
    public Fact fact() {
      return new Harvested(Optional.ofNullable(yieldPerAcre));
    }
  }

  /** See {@link CropStageSeen}. */
  record CropStageForm(@Maybe CropStage stage) implements FactForm {
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
      implements FactForm {
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
      implements FactForm {
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
      implements FactForm {
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
      implements FactForm {
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
      implements FactForm {
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
      implements FactForm {
    @Override
    public Fact fact() {
      return new GroundCoverRead(
          SpotForm.readings("ground cover by spot", readings, where), Boolean.TRUE.equals(photo));
    }
  }

  /** See {@link LightRead}. */
  record LightForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements FactForm {
    @Override
    public Fact fact() {
      return new LightRead(SpotForm.readings("light by spot", readings, where));
    }
  }

  /** See {@link SoilFelt}. */
  record SoilForm(@Maybe SoilFeel feel) implements FactForm {
    @Override
    public Fact fact() {
      return new SoilFelt(feel);
    }
  }

  /** See {@link RutsRead}. */
  record RutsForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements FactForm {
    @Override
    public Fact fact() {
      return new RutsRead(SpotForm.readings("ruts by spot", readings, where));
    }
  }

  /** See {@link WeedsScored}. */
  record WeedsForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements FactForm {
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
      implements FactForm {
    @Override
    public Fact fact() {
      return new PestsCounted(pest, SpotForm.readings("pests by spot", readings, where));
    }
  }

  /** See {@link KillRated}. */
  record KillForm(
      @Maybe @Size(max = 100) List<Double> readings, @Maybe @Size(max = 100) List<SpotForm> where)
      implements FactForm {
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
      implements FactForm {
    @Override
    public Fact fact() {
      return new NitrogenNoted(
          SpotForm.readings("nitrogen by spot", readings, where), Boolean.TRUE.equals(tested));
    }
  }
}
