package nimblefurrow.core.season.call;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.Clearing;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

/** Calls follow from the season and go when their cause goes. */
class CallBoardTest {
  private static final Mix RYE = Mix.of(Catalogue.shipped().species("cereal-rye"));
  private static final CropPlanting BEANS = CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0);
  private static final NextCrop NEXT = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
  // Group 3.0 planted on 12 May at 40.5°N: first yellow leaf on 29 August, harvest on 26 September.
  private static final LocalDate BEFORE_YELLOW = LocalDate.of(2026, 8, 20);
  private static final LocalDate SPRING = LocalDate.of(2027, 5, 8);

  private static CallBoard.Lane lane(
      String key, LocalDate today, CoverPlan plan, Map<Operation, LocalDate> placed) {
    return lane(key, today, plan, placed, Optional.empty(), false);
  }

  private static CallBoard.Lane lane(
      String key,
      LocalDate today,
      CoverPlan plan,
      Map<Operation, LocalDate> placed,
      Optional<LocalDate> counted,
      boolean organic) {
    FieldFacts land = new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, organic);
    FieldCase field = new FieldCase(land, BEANS, Optional.ofNullable(plan), NEXT);
    FieldSeason season =
        new SeasonComposer(outlook(today), HouseRules.usual(Figures.shipped())).compose(field);
    return new CallBoard.Lane(key(key), "Field " + key, season, placed, counted);
  }

  private static UUID key(String name) {
    return UUID.nameUUIDFromBytes(name.getBytes());
  }

  private static Outlook outlook(LocalDate today) {
    return TestWeather.outlook(today);
  }

  private static List<Call> calls(LocalDate today, CallBoard.Lane... lanes) {
    return new CallBoard(outlook(today)).calls(List.of(lanes));
  }

  @Test
  void aCoverThatIsToMakeRoomIsCalledTenDaysBefore() {
    LocalDate cut = LocalDate.of(2027, 5, 12);
    CoverPlan rye =
        plan(SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY)
            .sown(LocalDate.of(2026, 9, 28))
            .with(new Clearing(Clearing.How.FORAGE_CUT, cut));
    assertThat(calls(cut.minusDays(11), lane("a", cut.minusDays(11), rye, Map.of()))).isEmpty();
    assertThat(calls(SPRING, lane("a", SPRING, rye, Map.of())))
        .singleElement()
        .satisfies(
            c -> {
              assertThat(c.says().in(UnitSystem.US)).contains("to be cut for forage about 12 May");
              assertThat(c.by()).isEqualTo(cut);
            });
    assertThat(calls(SPRING, lane("a", SPRING, rye.ended(SPRING), Map.of()))).isEmpty();
  }

  private static CoverPlan plan(SeedingMethod way, TerminationMethod termination) {
    return CoverPlan.of(RYE, Goal.KEEP_NITROGEN, way, termination);
  }

  private static String said(Call call) {
    return call.says().in(UnitSystem.US) + " " + call.detail().in(UnitSystem.US);
  }

  @Test
  void fieldsThatOpenAlikeAreOneCall() {
    CoverPlan drone = plan(SeedingMethod.DRONE, TerminationMethod.PLANT_GREEN);
    List<Call> calls =
        calls(
            BEFORE_YELLOW,
            lane("a", BEFORE_YELLOW, drone, Map.of()),
            lane("b", BEFORE_YELLOW, drone, Map.of()));
    assertThat(calls).hasSize(1);
    assertThat(calls.get(0).kind()).isEqualTo(Call.Kind.PLACE_SEEDING);
    assertThat(calls.get(0).fields()).containsExactly(key("a"), key("b"));
    assertThat(said(calls.get(0)))
        .startsWith("2 soybean fields reach first yellow about 29 Aug")
        .contains("of rain within a week of 29 Aug");
  }

  @Test
  void aCallGoesWhenTheJobIsPlacedOrDone() {
    CoverPlan drone = plan(SeedingMethod.DRONE, TerminationMethod.PLANT_GREEN);
    LocalDate later = BEFORE_YELLOW.plusDays(12);
    assertThat(calls(BEFORE_YELLOW, lane("a", BEFORE_YELLOW, drone, Map.of(Operation.SEED, later))))
        .isEmpty();
    assertThat(calls(BEFORE_YELLOW, lane("a", BEFORE_YELLOW, drone.sown(BEFORE_YELLOW), Map.of())))
        .isEmpty();
  }

  @Test
  void nothingIsCalledLongBeforeItMatters() {
    LocalDate june = LocalDate.of(2026, 6, 1);
    assertThat(
            calls(
                june,
                lane(
                    "a", june, plan(SeedingMethod.DRILL, TerminationMethod.PLANT_GREEN), Map.of())))
        .isEmpty();
    assertThat(calls(june, lane("a", june, null, Map.of()))).isEmpty();
  }

  @Test
  void aBareFieldAsksForACoverBeforeItsHarvest() {
    List<Call> calls = calls(BEFORE_YELLOW, lane("a", BEFORE_YELLOW, null, Map.of()));
    assertThat(calls.get(0).kind()).isEqualTo(Call.Kind.CHOOSE_COVER);
    assertThat(said(calls.get(0))).contains("1 field has no cover chosen").contains("26 Sep");
  }

  @Test
  void workThatShouldBeDoneIsAskedFor() {
    CoverPlan drone = plan(SeedingMethod.DRONE, TerminationMethod.PLANT_GREEN);
    List<Call> calls =
        calls(
            BEFORE_YELLOW, lane("a", BEFORE_YELLOW, drone, Map.of(Operation.SEED, BEFORE_YELLOW)));
    assertThat(calls.get(0).kind()).isEqualTo(Call.Kind.LOG_WORK);
    assertThat(said(calls.get(0))).startsWith("1 job is planned for today or before");
  }

  @Test
  void whatHasBecomeImpossibleAsksForAnotherPlanAndNamesOne() {
    List<Call> calls =
        calls(
            BEFORE_YELLOW,
            lane(
                "a",
                BEFORE_YELLOW,
                plan(SeedingMethod.INTERSEEDER, TerminationMethod.ROLL),
                Map.of()));
    assertThat(calls.get(0).kind()).isEqualTo(Call.Kind.CHANGE_PLAN);
    assertThat(said(calls.get(0)))
        .contains("Field a needs another plan")
        .contains("Choose drill, airplane or drone here.");
    LocalDate november = LocalDate.of(2026, 11, 20);
    assertThat(
            calls(
                    november,
                    lane(
                        "a", november, plan(SeedingMethod.DRILL, TerminationMethod.ROLL), Map.of()))
                .get(0)
                .kind())
        .isEqualTo(Call.Kind.CHANGE_PLAN);
  }

  @Test
  void organicLandPlannedForSprayNeedsAnotherPlan() {
    CoverPlan spray =
        plan(SeedingMethod.DRILL, TerminationMethod.EARLY_SPRAY).sown(LocalDate.of(2026, 9, 28));
    Call call = calls(SPRING, lane("a", SPRING, spray, Map.of(), Optional.empty(), true)).get(0);
    assertThat(call.kind()).isEqualTo(Call.Kind.CHANGE_PLAN);
    assertThat(said(call)).contains("organic");
  }

  @Test
  void rollingAsksForDaysAndForACountUntilThereIsOne() {
    CoverPlan roll =
        plan(SeedingMethod.DRILL, TerminationMethod.ROLL).sown(LocalDate.of(2026, 9, 28));
    LocalDate today = LocalDate.of(2027, 5, 12);
    List<Call> calls = calls(today, lane("a", today, roll, Map.of()));
    assertThat(calls).extracting(Call::kind).contains(Call.Kind.PLACE_END, Call.Kind.COUNT_STEMS);
    CallBoard.Lane counted =
        lane(
            "a",
            today,
            roll,
            Map.of(Operation.ROLL, today.plusDays(6)),
            Optional.of(today.minusDays(1)),
            false);
    assertThat(calls(today, counted))
        .as("what is left is whether the mat will do")
        .extracting(Call::kind)
        .containsExactly(Call.Kind.LOOK);
  }

  @Test
  void theMostPressingStandsFirst() {
    CoverPlan drone = plan(SeedingMethod.DRONE, TerminationMethod.PLANT_GREEN);
    List<Call> calls =
        calls(
            BEFORE_YELLOW,
            lane("a", BEFORE_YELLOW, null, Map.of()),
            lane("b", BEFORE_YELLOW, drone, Map.of()),
            lane(
                "c",
                BEFORE_YELLOW,
                plan(SeedingMethod.INTERSEEDER, TerminationMethod.ROLL),
                Map.of()));
    assertThat(calls).extracting(Call::by).isSorted();
    assertThat(calls.get(0).kind()).isEqualTo(Call.Kind.CHANGE_PLAN);
  }
}
