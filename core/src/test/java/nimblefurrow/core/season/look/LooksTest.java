package nimblefurrow.core.season.look;

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
import nimblefurrow.core.cover.CoverSeen;
import nimblefurrow.core.cover.MatBelief;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.season.FieldCase;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.season.SeasonComposer;
import nimblefurrow.core.season.call.CallBoard;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;

/** What is worth a walk on a day, and what it is worth. */
class LooksTest {
  private static final Species RYE = Catalogue.shipped().species("cereal-rye");
  private static final Species CLOVER = Catalogue.shipped().species("crimson-clover");
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 25);
  private static final CoverPlan ROLLED =
      CoverPlan.of(Mix.of(RYE), Goal.SMOTHER_WEEDS, SeedingMethod.DRILL, TerminationMethod.ROLL)
          .sown(SOWN);

  private static FieldSeason on(LocalDate today, CoverPlan plan) {
    FieldFacts land = new FieldFacts(Area.ofAcres(80), SoilTexture.SILT_LOAM, false, false);
    CropPlanting beans = CropPlanting.soybeans(LocalDate.of(2026, 5, 12), 3.0);
    NextCrop next = new NextCrop(CropKind.SOYBEANS, LocalDate.of(2027, 5, 12));
    return new SeasonComposer(TestWeather.outlook(today), HouseRules.usual(Figures.shipped()))
        .compose(new FieldCase(land, beans, Optional.of(plan), next));
  }

  private static List<Look.Kind> kinds(LocalDate today, CoverPlan plan) {
    return Looks.of(on(today, plan)).stream().map(Look::kind).toList();
  }

  @Test
  void stemsAreWorthCountingAboutFloweringOfWhatIsRolled() {
    LocalDate may = LocalDate.of(2027, 5, 16);
    Look stems =
        Looks.of(on(may, ROLLED)).stream()
            .filter(l -> l.kind() == Look.Kind.STEMS)
            .findFirst()
            .orElseThrow();
    assertThat(stems.says().in(UnitSystem.US))
        .matches("a count of cereal rye can move the roller by [2-9] days");
    assertThat(kinds(LocalDate.of(2027, 3, 10), ROLLED)).doesNotContain(Look.Kind.STEMS);
    CoverPlan counted =
        ROLLED.with(
            new CoverSeen(
                Map.of(RYE.id(), new StageBelief(0, 16, Optional.of(900.0))),
                MatBelief.UNSEEN,
                Map.of()));
    assertThat(kinds(may, counted)).as("known well enough").doesNotContain(Look.Kind.STEMS);
    CoverPlan sprayed =
        CoverPlan.of(
            Mix.of(RYE), Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.PLANT_GREEN);
    assertThat(kinds(may, sprayed.sown(SOWN))).doesNotContain(Look.Kind.STEMS);
  }

  @Test
  void aStandIsCountedThreeToSixWeeksOnAndTheWinterSeenInSpring() {
    assertThat(kinds(SOWN.plusDays(25), ROLLED)).contains(Look.Kind.STAND);
    assertThat(kinds(SOWN.plusDays(10), ROLLED)).doesNotContain(Look.Kind.STAND);
    assertThat(kinds(SOWN.plusDays(60), ROLLED)).doesNotContain(Look.Kind.STAND);
    CoverPlan clover =
        CoverPlan.of(Mix.of(CLOVER), Goal.FIX_NITROGEN, SeedingMethod.DRILL, TerminationMethod.ROLL)
            .sown(SOWN);
    LocalDate april = LocalDate.of(2027, 4, 12);
    assertThat(kinds(april, clover)).contains(Look.Kind.WINTER);
    assertThat(kinds(april, ROLLED)).as("rye lives").doesNotContain(Look.Kind.WINTER);
  }

  @Test
  void whatIsWorthMostComesFirstAndUnsownCoversAskForNothing() {
    List<Look> looks = Looks.of(on(LocalDate.of(2027, 5, 2), ROLLED));
    assertThat(looks).isNotEmpty();
    double before = 1;
    for (Look look : looks) {
      assertThat(look.worth()).isBetween(0.0, before);
      before = look.worth();
    }
    CoverPlan unsown =
        CoverPlan.of(Mix.of(RYE), Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.ROLL);
    assertThat(kinds(LocalDate.of(2026, 8, 1), unsown)).isEmpty();
    assertThat(kinds(LocalDate.of(2027, 5, 20), ROLLED.ended(LocalDate.of(2027, 5, 18)))).isEmpty();
  }

  private static List<String> calls(LocalDate today, CoverPlan plan) {
    CallBoard.Lane lane =
        new CallBoard.Lane(
            UUID.randomUUID(), "Far Eighty", on(today, plan), Map.of(), Optional.empty());
    return new CallBoard(TestWeather.outlook(today))
        .calls(List.of(lane)).stream().map(c -> c.says().in(UnitSystem.US)).toList();
  }

  @Test
  void aThinStandIsCalledWhileItCanStillBeSownAgain() {
    CoverPlan green =
        CoverPlan.of(
                Mix.of(RYE), Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.PLANT_GREEN)
            .sown(LocalDate.of(2026, 9, 1));
    CoverPlan thin = ROLLED.with(new CoverSeen(Map.of(), MatBelief.UNSEEN, Map.of(RYE.id(), 4.0)));
    assertThat(calls(LocalDate.of(2026, 9, 28), thin))
        .anyMatch(
            c -> c.matches("Far Eighty: the stand of cereal rye is thin, \\d+ days? left .*"));
    assertThat(calls(LocalDate.of(2027, 1, 10), thin)).noneMatch(c -> c.contains("is thin"));
    assertThat(calls(LocalDate.of(2026, 9, 28), green)).noneMatch(c -> c.contains("is thin"));
  }

  @Test
  void threeWeeksBeforeTheRollerItIsGoOrNoGo() {
    CoverPlan late = ROLLED.sown(LocalDate.of(2026, 11, 5));
    assertThat(calls(LocalDate.of(2027, 5, 12), late))
        .anyMatch(c -> c.startsWith("Far Eighty: "))
        .anyMatch(c -> c.contains("for a mat of 7,000 lb/ac"));
    assertThat(calls(LocalDate.of(2027, 3, 1), late)).noneMatch(c -> c.contains("7,000 lb/ac"));
    CoverPlan sprayed =
        CoverPlan.of(
                Mix.of(RYE), Goal.HOLD_SOIL, SeedingMethod.DRILL, TerminationMethod.ROLL_AND_SPRAY)
            .sown(LocalDate.of(2026, 11, 25));
    assertThat(calls(LocalDate.of(2027, 5, 12), sprayed))
        .as("with a spray it needs less")
        .anyMatch(c -> c.contains("for a mat of 4,000 lb/ac"))
        .noneMatch(c -> c.contains("7,000 lb/ac"));
  }
}
