package nimblefurrow.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cashcrop.CropCalendar;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropPlanting;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.Restriction;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.NextCrop;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.SoilTexture;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class AdviceTest {
  private static final SeasonLore LORE =
      new SeasonLore(TestWeather.outlook(LocalDate.of(2026, 6, 1)));
  private static final Set<SeedingMethod> ALL = EnumSet.allOf(SeedingMethod.class);

  private static CropCalendar crop(CropKind kind, LocalDate planted, double maturity) {
    return CropCalendar.of(
        new CropPlanting(kind, planted, maturity, 20, Map.of(), List.of()), LORE.outlook());
  }

  private static final CropCalendar BEANS = crop(CropKind.SOYBEANS, LocalDate.of(2026, 5, 10), 2.5);
  private static final CropCalendar OATS = crop(CropKind.OATS, LocalDate.of(2026, 4, 1), 0);

  private static Ask ask(
      CropCalendar crop,
      Map<Goal, Double> goals,
      Set<SeedingMethod> ways,
      TerminationMethod termination,
      boolean organic) {
    return new Ask(
        crop,
        goals,
        ways,
        termination,
        new NextCrop(CropKind.CORN_GRAIN, LocalDate.of(2027, 5, 1)),
        SoilTexture.SILT_LOAM,
        organic,
        List.of(),
        Map.of(),
        HouseRules.usual(Figures.shipped()),
        3,
        Optional.empty());
  }

  private static Advice advice(Ask ask) {
    return Advice.of(ask, Catalogue.shipped(), LORE);
  }

  private static WhyNot whyNot(Advice advice, String species) {
    return advice.whyNot().stream()
        .filter(w -> w.species().id().equals(species))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void lateAfterCornRyeLeadsAndTheWarmSpeciesAreTooLate() {
    CropCalendar corn = crop(CropKind.CORN_GRAIN, LocalDate.of(2026, 5, 8), 112);
    Advice advice =
        advice(
            ask(
                corn,
                Map.of(Goal.KEEP_NITROGEN, 1.0),
                Set.of(SeedingMethod.DRILL),
                TerminationMethod.EARLY_SPRAY,
                false));
    assertThat(advice.ranked().get(0).mix().name()).contains("cereal rye");
    assertThat(whyNot(advice, "sorghum-sudangrass").kind()).isEqualTo(WhyNot.Kind.TOO_LATE);
    assertThat(whyNot(advice, "sorghum-sudangrass").reason().in(UnitSystem.US))
        .contains("must be sown by");
  }

  @Test
  void aLittleCoverIsOfferedAndCalledSo() {
    Advice advice =
        advice(
            ask(
                BEANS,
                Map.of(Goal.FEED_CATTLE, 1.0),
                Set.of(SeedingMethod.DRILL),
                TerminationMethod.EARLY_SPRAY,
                false));
    assertThat(advice.whyNot()).noneMatch(w -> w.species().id().equals("berseem-clover"));
    advice.ranked().stream()
        .filter(o -> o.mix().name().contains("berseem"))
        .forEach(
            o ->
                assertThat(o.reasons().stream().map(r -> r.in(UnitSystem.US)))
                    .anyMatch(r -> r.contains("late, little cover")));
  }

  @Test
  void whatOnlyGivesALittleCoverStandsAloneAndLast() {
    Advice advice =
        advice(
            ask(
                BEANS,
                Map.of(Goal.HOLD_SOIL, 1.0),
                Set.of(SeedingMethod.DRILL, SeedingMethod.AIRPLANE),
                TerminationMethod.WINTER_KILL,
                false));
    List<Boolean> late =
        advice.ranked().stream()
            .map(
                o ->
                    o.reasons().stream()
                        .anyMatch(r -> r.in(UnitSystem.US).contains("late, little cover")))
            .toList();
    assertThat(late).contains(true, false);
    assertThat(late).as("in time first").isSorted();
    for (int i = late.indexOf(true); i < late.size(); i++) {
      assertThat(advice.ranked().get(i).mix().members()).hasSize(1);
    }
  }

  @Test
  void everySpeciesIsEitherOfferedAloneSomewhereOrToldWhyNot() {
    Advice advice =
        advice(ask(OATS, Map.of(Goal.HOLD_SOIL, 1.0), ALL, TerminationMethod.EARLY_SPRAY, false));
    assertThat(advice.whyNot().stream().map(WhyNot::species)).doesNotHaveDuplicates();
    assertThat(advice.whyNot().size()).isLessThan(10);
    assertThat(advice.ranked()).hasSize(12);
    assertThat(advice.ranked()).noneMatch(o -> o.chance() < 0.5);
    for (int i = 1; i < advice.ranked().size(); i++) {
      assertThat(advice.ranked().get(i).score())
          .isLessThanOrEqualTo(advice.ranked().get(i - 1).score());
    }
  }

  @Test
  void goalsThatPullApartBringPartners() {
    Advice advice =
        advice(
            ask(
                OATS,
                Map.of(Goal.FIX_NITROGEN, 1.0, Goal.HOLD_SOIL, 1.0),
                Set.of(SeedingMethod.DRILL),
                TerminationMethod.PLANT_GREEN,
                false));
    var best = advice.ranked().get(0);
    assertThat(best.mix().members()).hasSizeGreaterThan(1);
    assertThat(best.mix().members().stream().map(m -> m.species().family()))
        .contains(Family.LEGUME);
    assertThat(best.reasons().stream().map(r -> r.in(UnitSystem.US)))
        .anyMatch(r -> r.startsWith("fix nitrogen: "));
  }

  @Test
  void aPartnerServesAGoalOrStaysOut() {
    Advice advice =
        advice(
            ask(OATS, Map.of(Goal.FIX_NITROGEN, 2.0), ALL, TerminationMethod.PLANT_GREEN, false));
    for (Option option : advice.ranked()) {
      if (option.mix().members().size() > 1) {
        assertThat(option.mix().members())
            .allSatisfy(
                m ->
                    assertThat(Goal.FIX_NITROGEN.servedBy(m.species()))
                        .isGreaterThanOrEqualTo(0.66));
      }
    }
  }

  @Test
  void aHardierSpeciesOfTheSameServiceLeads() {
    Advice advice =
        advice(
            ask(
                BEANS,
                Map.of(Goal.HOLD_SOIL, 1.0),
                Set.of(SeedingMethod.DRILL),
                TerminationMethod.EARLY_SPRAY,
                false));
    List<String> names = advice.ranked().stream().map(o -> o.mix().name()).toList();
    assertThat(names.indexOf("cereal rye")).isNotNegative();
    assertThat(names.indexOf("cereal rye"))
        .isLessThan(
            names.contains("winter barley") ? names.indexOf("winter barley") : names.size());
  }

  @Test
  void aBullyIsHeldToItsCapBesideSlowerPartners() {
    for (Option option :
        advice(
                ask(
                    OATS,
                    Map.of(Goal.FIX_NITROGEN, 1.0, Goal.LOOSEN, 1.0),
                    ALL,
                    TerminationMethod.WINTER_KILL,
                    false))
            .ranked()) {
      boolean slow = option.mix().members().stream().anyMatch(m -> m.species().slow());
      option.mix().members().stream()
          .filter(m -> slow && option.mix().members().size() > 1 && !m.species().slow())
          .forEach(m -> assertThat(m.share()).isLessThanOrEqualTo(m.species().cap().orElse(1.0)));
    }
  }

  @Test
  void restrictionsOrganicGroundAndTheRollerRefuseByName() {
    Ask plain =
        ask(
            OATS,
            Map.of(Goal.LOOSEN, 1.0),
            Set.of(SeedingMethod.DRILL),
            TerminationMethod.EARLY_SPRAY,
            false);
    Ask residual =
        new Ask(
            plain.crop(),
            plain.goals(),
            plain.ways(),
            plain.termination(),
            plain.next(),
            plain.soil(),
            false,
            List.of(
                new Restriction(
                    "imazethapyr",
                    LocalDate.of(2026, 6, 1),
                    300,
                    Set.of(Family.BRASSICA),
                    Set.of())),
            Map.of(),
            plain.rules(),
            3,
            Optional.empty());
    assertThat(whyNot(advice(residual), "radish").kind()).isEqualTo(WhyNot.Kind.RESTRICTION);
    assertThat(whyNot(advice(residual), "radish").reason().in(UnitSystem.US))
        .contains("imazethapyr")
        .contains("28 Mar");
    Advice organic =
        advice(ask(OATS, Map.of(Goal.LOOSEN, 1.0), ALL, TerminationMethod.EARLY_SPRAY, true));
    assertThat(organic.ranked()).isEmpty();
    assertThat(organic.whyNot()).hasSize(26).allMatch(w -> w.kind() == WhyNot.Kind.ORGANIC);
    Advice roll =
        advice(
            ask(
                OATS,
                Map.of(Goal.SMOTHER_WEEDS, 1.0),
                Set.of(SeedingMethod.DRILL),
                TerminationMethod.ROLL,
                false));
    assertThat(whyNot(roll, "annual-ryegrass").kind()).isEqualTo(WhyNot.Kind.HOW_IT_DIES);
    assertThat(whyNot(roll, "annual-ryegrass").reason().in(UnitSystem.US)).contains("30 %");
    Advice cold =
        advice(
            ask(
                OATS,
                Map.of(Goal.HOLD_SOIL, 1.0),
                Set.of(SeedingMethod.DRILL),
                TerminationMethod.WINTER_KILL,
                false));
    assertThat(whyNot(cold, "cereal-rye").kind()).isEqualTo(WhyNot.Kind.HOW_IT_DIES);
  }

  @Test
  void methodMeteringAndNextCropRefuseByName() {
    Advice air =
        advice(
            ask(
                BEANS,
                Map.of(Goal.HOLD_SOIL, 1.0),
                Set.of(SeedingMethod.DRONE),
                TerminationMethod.EARLY_SPRAY,
                false));
    assertThat(whyNot(air, "winter-pea").kind()).isEqualTo(WhyNot.Kind.METHOD);
    CropCalendar corn = crop(CropKind.CORN_GRAIN, LocalDate.of(2026, 5, 1), 104);
    Advice between =
        advice(
            ask(
                corn,
                Map.of(Goal.HOLD_SOIL, 1.0),
                Set.of(SeedingMethod.INTERSEEDER),
                TerminationMethod.EARLY_SPRAY,
                false));
    assertThat(whyNot(between, "rapeseed").reason().in(UnitSystem.US)).contains("shaded out");
    Ask plain =
        ask(
            OATS,
            Map.of(Goal.LOOSEN, 1.0),
            Set.of(SeedingMethod.DRILL),
            TerminationMethod.EARLY_SPRAY,
            false);
    Ask coarse =
        new Ask(
            plain.crop(),
            plain.goals(),
            plain.ways(),
            plain.termination(),
            new NextCrop(CropKind.WINTER_WHEAT, LocalDate.of(2027, 9, 25)),
            plain.soil(),
            false,
            List.of(),
            Map.of(SeedingMethod.DRILL, 8.0),
            plain.rules(),
            1,
            Optional.empty());
    assertThat(whyNot(advice(coarse), "turnip").kind()).isEqualTo(WhyNot.Kind.METERING);
    assertThat(whyNot(advice(coarse), "cereal-rye").kind()).isEqualTo(WhyNot.Kind.NEXT_CROP);
    assertThat(advice(coarse).ranked()).allMatch(o -> o.mix().members().size() == 1);
  }

  @ParameterizedTest
  @EnumSource(TerminationMethod.class)
  void noCombinationBreaks(TerminationMethod termination) {
    for (CropKind kind : List.of(CropKind.CORN_GRAIN, CropKind.CORN_SILAGE, CropKind.SOYBEANS)) {
      Advice advice =
          advice(
              ask(
                  crop(kind, LocalDate.of(2026, 5, 5), kind == CropKind.SOYBEANS ? 2.8 : 105),
                  Map.of(Goal.HOLD_SOIL, 2.0, Goal.FIX_NITROGEN, 1.0),
                  ALL,
                  termination,
                  false));
      assertThat(advice.ranked().size() + advice.whyNot().size()).isPositive();
      assertThat(advice.ranked()).allSatisfy(o -> assertThat(o.score()).isBetween(0.0, 100.0));
    }
  }

  @Test
  void askingForNothingIsRefused() {
    assertThatThrownBy(() -> ask(BEANS, Map.of(), ALL, TerminationMethod.ROLL, false))
        .hasMessageContaining("at least one thing");
    assertThatThrownBy(
            () -> ask(BEANS, Map.of(Goal.LOOSEN, 1.0), Set.of(), TerminationMethod.ROLL, false))
        .hasMessageContaining("at least one way in");
  }

  @Test
  void aSmallGrainOpensWhatSoybeansDoNot() {
    CoverOpenings openings = new CoverOpenings(Catalogue.shipped(), LORE);
    var after =
        openings.after(
            new CropPlanting(
                CropKind.SOYBEANS, LocalDate.of(2026, 5, 10), 2.5, 20, Map.of(), List.of()));
    assertThat(after.opening().heatMiddle()).isBetween(300.0, 1100.0);
    assertThat(after.smallGrain().heatMiddle()).isGreaterThan(after.opening().heatMiddle() + 1000);
    assertThat(after.opening().useful()).extracting("id").contains("cereal-rye");
    assertThat(after.gained()).extracting("id").contains("crimson-clover", "radish");
    assertThat(after.opening().heatLow()).isLessThanOrEqualTo(after.opening().heatMiddle());
  }
}
