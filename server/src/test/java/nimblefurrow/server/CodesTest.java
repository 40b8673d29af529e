package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import nimblefurrow.core.calibration.PanTest;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.job.ReportKind;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.core.practice.Exercise;
import nimblefurrow.core.quantity.Coded;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationDate;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.termination.spray.Spraying;
import nimblefurrow.core.weather.SoilTexture;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.chain.RateUnit;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.platform.codes.Codes;
import org.junit.jupiter.api.Test;

/** Rows are read for years: what they say is written down here a second time. */
class CodesTest {
  @Test
  void everyConstantIsKeptUnderTheNameItHadInTheFirstRows() {
    kept(
        TerminationMethod.class,
        "EARLY_SPRAY PLANT_GREEN ROLL ROLL_AFTER ROLL_AND_SPRAY WINTER_KILL TILLAGE"
            + " MOWING BETWEEN_ROWS GRAZING HAY STRIPS");
    kept(
        Goal.class,
        "HOLD_SOIL KEEP_NITROGEN FIX_NITROGEN LOOSEN SMOTHER_WEEDS STOP_CRUSTING"
            + " CARRY_TRAFFIC FEED_CATTLE BUILD_ORGANIC BREAK_PESTS COST_SHARE BREAK_RESIDUE"
            + " REPLACE_CARBON");
    kept(
        SeedingMethod.class,
        "DRILL PRECISION_PLANTER BROADCAST_TILLAGE DISC_PASSES BROADCAST SLURRY"
            + " COMBINE_SEEDER HARVEST_SPREADER INTERSEEDER ROW_AIR_SEEDER AIRPLANE HELICOPTER DRONE"
            + " HIGH_CLEARANCE FROST_SEEDING");
    kept(CropKind.class, "CORN_GRAIN CORN_SILAGE SOYBEANS WINTER_WHEAT OATS OTHER FREE_GROUND");
    kept(
        CropStage.class,
        "PLANTED EMERGED V3 V4 V6 V7 JOINTING BOOT HEADING FLOWERING SILKING R5"
            + " R6_SEED HALF_MILK FIRST_YELLOW BLACK_LAYER LEAVES_GOING HALF_LEAVES LEAVES_GONE"
            + " LEAF_DROP BROWN_PODS RIPE CANOPY_CLOSED CANOPY_OPEN HARVEST");
    kept(
        EntryKind.class,
        "DISCED SEEDED SLURRY_SPREAD CUT ENDED HARVESTED CROP_STAGE STEM_COUNT"
            + " BIOMASS STAND_COUNT WINTERED HEIGHT GROUND_COVER CANOPY_LIGHT SOIL_FEEL RUTS WEEDS"
            + " PESTS KILL_RATING NITROGEN");
    kept(TerminationDate.Kind.class, "DEAD_BY ALIVE_UNTIL");
    kept(Exercise.class, "HEADS STEMS STAND QUADRAT MAT SKY");
    kept(ReportKind.class, "ACCEPTED PROPOSED STARTED STOPPED PROBLEM");
    kept(Pest.class, "ARMYWORM SLUGS VOLES");
    kept(Spraying.Carrier.class, "WATER LIQUID_NITROGEN");
    kept(Label.Kind.class, "SYSTEMIC CONTACT GROWTH_REGULATOR RESIDUAL");
    kept(SoilFeel.class, "CRUMBLES BREAKS DENTS RIBBONS");
    kept(
        MachineKind.class,
        "DRILL PRECISION_PLANTER BROADCAST_TILLAGE DISC_PASSES BROADCAST SLURRY"
            + " COMBINE_SEEDER HARVEST_SPREADER INTERSEEDER ROW_AIR_SEEDER AIRPLANE HELICOPTER DRONE"
            + " HIGH_CLEARANCE FROST_SEEDING ROLLER SPRAYER PLANTER TILLAGE MOWER COMBINE CHOPPER OTHER");
    kept(
        Operation.class,
        "HARVEST FIRST_DISC SECOND_DISC SEED SLURRY PLANT SPRAY ROLL TILL MOW OTHER");
    kept(SoilTexture.class, "SAND LOAM SILT_LOAM CLAY");
    kept(
        MarkKind.class,
        "WIRE TOWER HOUSE OPEN_WATER BEES SENSITIVE_CROP TREES ROAD ACCESS FILLING_PLACE"
            + " SOFT_SPOT RUTS");
    kept(RateUnit.class, "LB_AC BU_AC KG_HA SEEDS_FT2");
    kept(Clearing.How.class, "FORAGE_CUT ENDED");
    kept(Family.class, "GRASS LEGUME BRASSICA BROADLEAF");
    kept(PanTest.Driving.class, "BACK_AND_FORTH ONE_WAY");
  }

  private static <E extends Enum<E> & Coded> void kept(Class<E> kind, String words) {
    assertThat(kind.getEnumConstants()).extracting(Codes::kept).containsExactly(words.split(" "));
    for (String word : words.split(" ")) {
      assertThat(Codes.kept(Codes.read(kind, word))).isEqualTo(word);
    }
  }

  @Test
  void nothingIsNothingAndTheUnknownIsSaid() {
    assertThat(Codes.kept(null)).isNull();
    assertThat(Codes.read(TerminationMethod.class, null)).isNull();
    assertThatThrownBy(() -> Codes.read(TerminationMethod.class, "BURNING"))
        .hasMessageContaining("BURNING");
  }
}
