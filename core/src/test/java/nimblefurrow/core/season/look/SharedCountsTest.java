package nimblefurrow.core.season.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.TestWeather;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.cover.StageBelief;
import nimblefurrow.core.cover.StandConditions;
import nimblefurrow.core.scouting.StemCount;
import nimblefurrow.core.season.CoverPlan;
import nimblefurrow.core.seeding.Goal;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.weather.Outlook;
import org.junit.jupiter.api.Test;

/** A count speaks for its neighbours of the same seed, by half, and for nobody else. */
class SharedCountsTest {
  private static final Catalogue CATALOGUE = Catalogue.shipped();
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 20);
  private static final LocalDate TODAY = LocalDate.of(2027, 5, 16);
  private static final Outlook OUTLOOK = TestWeather.outlook(TODAY);
  private static final UUID COUNTED = UUID.randomUUID();
  private static final Sightings.Stems STEMS =
      new Sightings.Stems(TODAY, "cereal-rye", new StemCount(5, 50, 12));
  private static final SharedCounts SHARED =
      SharedCounts.of(
          List.of(new SharedCounts.Counted(COUNTED, "cereal-rye", SOWN, "R-7", List.of(STEMS))),
          CATALOGUE,
          OUTLOOK);

  private static CoverPlan plan(String species, LocalDate sown) {
    return CoverPlan.of(
            Mix.of(CATALOGUE.species(species)),
            Goal.HOLD_SOIL,
            SeedingMethod.DRILL,
            TerminationMethod.ROLL)
        .sown(sown);
  }

  private static StageBelief held(CoverPlan plan, UUID cover, String lot) {
    return SHARED.over(plan, cover, lot, OUTLOOK).seen().stages().get("cereal-rye");
  }

  @Test
  void aNeighbourOfTheSameSeedMovesAboutHalfTheWay() {
    StageBelief own =
        new Sightings(List.of(STEMS), List.of())
            .anchor(plan("cereal-rye", SOWN), StandConditions.ENOUGH, OUTLOOK)
            .seen()
            .stages()
            .get("cereal-rye");
    StageBelief other = held(plan("cereal-rye", SOWN.plusDays(9)), UUID.randomUUID(), "R-7");
    assertThat(other.laterBy() / own.laterBy()).isCloseTo(0.54, within(1e-9));
    double before = 90;
    double after = before * before - 0.54 * 0.54 * (before * before - own.sd() * own.sd());
    assertThat(other.sd()).isCloseTo(Math.sqrt(after), within(1e-9)).isLessThan(before);
  }

  @Test
  void otherSeedSpeciesAndSpringsAreLeftAsTheyAre() {
    UUID other = UUID.randomUUID();
    assertThat(held(plan("cereal-rye", SOWN), other, "R-8")).isNull();
    assertThat(held(plan("cereal-rye", SOWN), COUNTED, "R-7")).as("its own count").isNull();
    assertThat(held(plan("winter-triticale", SOWN), other, "R-7")).isNull();
    assertThat(held(plan("cereal-rye", SOWN.minusYears(1)), other, "R-7")).isNull();
    CoverPlan unsown = plan("cereal-rye", null);
    assertThat(SHARED.over(unsown, other, "R-7", OUTLOOK)).isEqualTo(unsown);
    CoverPlan sown = plan("cereal-rye", SOWN);
    assertThat(SharedCounts.of(List.of(), CATALOGUE, OUTLOOK).over(sown, other, "R-7", OUTLOOK))
        .isEqualTo(sown);
  }

  /** A handful of stems beside a long count: what both say is as sure as the long one alone. */
  @Test
  void severalCountsAreAsSureAsTheSurest() {
    SharedCounts.Counted hasty = counted(1, new StemCount(5, 5, 1));
    SharedCounts.Counted thorough = counted(2, new StemCount(5, 200, 48));
    double sure = sd(List.of(thorough));
    assertThat(sd(List.of(hasty))).isGreaterThan(sure + 1);
    assertThat(sd(List.of(hasty, thorough))).isCloseTo(sure, within(1e-9));
    assertThat(sd(List.of(thorough, hasty))).isCloseTo(sure, within(1e-9));
  }

  private static SharedCounts.Counted counted(int cover, StemCount count) {
    return new SharedCounts.Counted(
        new UUID(0, cover),
        "cereal-rye",
        SOWN,
        "R-7",
        List.of(new Sightings.Stems(TODAY, "cereal-rye", count)));
  }

  private static double sd(List<SharedCounts.Counted> counted) {
    return SharedCounts.of(counted, CATALOGUE, OUTLOOK)
        .over(plan("cereal-rye", SOWN), UUID.randomUUID(), "R-7", OUTLOOK)
        .seen()
        .stages()
        .get("cereal-rye")
        .sd();
  }
}
