package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import io.swagger.v3.oas.annotations.media.DiscriminatorMapping;
import io.swagger.v3.oas.annotations.media.Schema;
import nimblefurrow.core.journal.Fact;

/**
 * A fact as it is typed and as it is shown: one of its kinds, each with the figures that it has.
 * Figures that are missing are named by the fact itself.
 */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(name = "DISCED", value = ActForm.DiscedForm.class),
  @JsonSubTypes.Type(name = "SEEDED", value = ActForm.SownForm.class),
  @JsonSubTypes.Type(name = "SLURRY_SPREAD", value = ActForm.SlurryForm.class),
  @JsonSubTypes.Type(name = "CUT", value = ActForm.ForageCutForm.class),
  @JsonSubTypes.Type(name = "ENDED", value = ActForm.TerminatedForm.class),
  @JsonSubTypes.Type(name = "HARVESTED", value = ActForm.HarvestedForm.class),
  @JsonSubTypes.Type(name = "CROP_STAGE", value = SightingForm.CropStageForm.class),
  @JsonSubTypes.Type(name = "STEM_COUNT", value = SightingForm.StemsForm.class),
  @JsonSubTypes.Type(name = "BIOMASS", value = SightingForm.ClippedForm.class),
  @JsonSubTypes.Type(name = "STAND_COUNT", value = SightingForm.StandForm.class),
  @JsonSubTypes.Type(name = "WINTERED", value = SightingForm.WinteredForm.class),
  @JsonSubTypes.Type(name = "HEIGHT", value = SightingForm.HeightForm.class),
  @JsonSubTypes.Type(name = "GROUND_COVER", value = SightingForm.GroundCoverForm.class),
  @JsonSubTypes.Type(name = "CANOPY_LIGHT", value = SightingForm.LightForm.class),
  @JsonSubTypes.Type(name = "SOIL_FEEL", value = SightingForm.SoilForm.class),
  @JsonSubTypes.Type(name = "RUTS", value = SightingForm.RutsForm.class),
  @JsonSubTypes.Type(name = "WEEDS", value = SightingForm.WeedsForm.class),
  @JsonSubTypes.Type(name = "PESTS", value = SightingForm.PestsForm.class),
  @JsonSubTypes.Type(name = "KILL_RATING", value = SightingForm.KillForm.class),
  @JsonSubTypes.Type(name = "NITROGEN", value = SightingForm.NitrogenForm.class)
})
@Schema(
    discriminatorProperty = "kind",
    oneOf = {
      ActForm.DiscedForm.class,
      ActForm.SownForm.class,
      ActForm.SlurryForm.class,
      ActForm.ForageCutForm.class,
      ActForm.TerminatedForm.class,
      ActForm.HarvestedForm.class,
      SightingForm.CropStageForm.class,
      SightingForm.StemsForm.class,
      SightingForm.ClippedForm.class,
      SightingForm.StandForm.class,
      SightingForm.WinteredForm.class,
      SightingForm.HeightForm.class,
      SightingForm.GroundCoverForm.class,
      SightingForm.LightForm.class,
      SightingForm.SoilForm.class,
      SightingForm.RutsForm.class,
      SightingForm.WeedsForm.class,
      SightingForm.PestsForm.class,
      SightingForm.KillForm.class,
      SightingForm.NitrogenForm.class
    },
    discriminatorMapping = {
      @DiscriminatorMapping(value = "DISCED", schema = ActForm.DiscedForm.class),
      @DiscriminatorMapping(value = "SEEDED", schema = ActForm.SownForm.class),
      @DiscriminatorMapping(value = "SLURRY_SPREAD", schema = ActForm.SlurryForm.class),
      @DiscriminatorMapping(value = "CUT", schema = ActForm.ForageCutForm.class),
      @DiscriminatorMapping(value = "ENDED", schema = ActForm.TerminatedForm.class),
      @DiscriminatorMapping(value = "HARVESTED", schema = ActForm.HarvestedForm.class),
      @DiscriminatorMapping(value = "CROP_STAGE", schema = SightingForm.CropStageForm.class),
      @DiscriminatorMapping(value = "STEM_COUNT", schema = SightingForm.StemsForm.class),
      @DiscriminatorMapping(value = "BIOMASS", schema = SightingForm.ClippedForm.class),
      @DiscriminatorMapping(value = "STAND_COUNT", schema = SightingForm.StandForm.class),
      @DiscriminatorMapping(value = "WINTERED", schema = SightingForm.WinteredForm.class),
      @DiscriminatorMapping(value = "HEIGHT", schema = SightingForm.HeightForm.class),
      @DiscriminatorMapping(value = "GROUND_COVER", schema = SightingForm.GroundCoverForm.class),
      @DiscriminatorMapping(value = "CANOPY_LIGHT", schema = SightingForm.LightForm.class),
      @DiscriminatorMapping(value = "SOIL_FEEL", schema = SightingForm.SoilForm.class),
      @DiscriminatorMapping(value = "RUTS", schema = SightingForm.RutsForm.class),
      @DiscriminatorMapping(value = "WEEDS", schema = SightingForm.WeedsForm.class),
      @DiscriminatorMapping(value = "PESTS", schema = SightingForm.PestsForm.class),
      @DiscriminatorMapping(value = "KILL_RATING", schema = SightingForm.KillForm.class),
      @DiscriminatorMapping(value = "NITROGEN", schema = SightingForm.NitrogenForm.class)
    })
public sealed interface FactForm permits ActForm, SightingForm {
  /**
   * The fact.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange naming the figure that is missing, or its limit
   */
  Fact fact();
}
