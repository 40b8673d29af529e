package nimblefurrow.core.chain;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.chain.ChainLink.Kind;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.weather.Site;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StretchTest {
  private static final Site NORTH = new Site(40.5, -97);
  private static final Site SOUTH = new Site(-33.0, 148);
  private static final LocalDate TODAY = LocalDate.of(2026, 9, 1);
  private static final ChainLink BEANS = link(Kind.CROP, "2026-05-12");
  private static final ChainLink RYE = link(Kind.COVER, "2026-09-20");
  private static final ChainLink CUT = link(Kind.CUT, "2027-05-14");
  private static final ChainLink SORGHUM = link(Kind.COVER, "2027-05-20");
  private static final ChainLink CORN = link(Kind.CROP, "2028-05-03");

  private static ChainLink link(Kind kind, String day) {
    return new ChainLink(
        UUID.randomUUID(), kind, LocalDate.parse(day), Optional.empty(), Optional.empty());
  }

  private static ChainLink gone(ChainLink cover, String day) {
    return new ChainLink(
        cover.id(),
        cover.kind(),
        cover.starts(),
        Optional.empty(),
        Optional.of(LocalDate.parse(day)));
  }

  @Test
  void aCoverStandsBetweenItsCropAndTheNext() {
    List<Stretch> stretches = Stretch.of(List.of(BEANS, RYE, CORN), TODAY);
    assertThat(stretches).hasSize(2);
    assertThat(stretches.get(0).cover()).contains(RYE.id());
    assertThat(stretches.get(0).next().orElseThrow().link()).isEqualTo(CORN.id());
    assertThat(stretches.get(1).ground().link()).isEqualTo(CORN.id());
    assertThat(stretches.get(1).next()).isEmpty();
    assertThat(stretches.get(0).withoutCover().cover()).isEmpty();
  }

  @Test
  void aZonesOwnCoverStandsInPlaceOfTheFieldsThereAndNowhereElse() {
    UUID bottom = UUID.randomUUID();
    ChainLink barley =
        new ChainLink(
            UUID.randomUUID(), Kind.COVER, RYE.starts(), Optional.of(bottom), Optional.empty());
    for (List<ChainLink> chain :
        List.of(List.of(BEANS, RYE, barley, CORN), List.of(BEANS, barley, RYE, CORN))) {
      assertThat(Stretch.of(chain, TODAY).get(0).cover()).contains(RYE.id());
      assertThat(Stretch.of(chain, Optional.of(bottom), TODAY).get(0).cover())
          .contains(barley.id());
      assertThat(Stretch.of(chain, Optional.of(UUID.randomUUID()), TODAY).get(0).cover())
          .contains(RYE.id());
    }
  }

  @Test
  void aCutOfTheCoverFreesGroundForAnother() {
    List<Stretch> stretches = Stretch.of(List.of(BEANS, RYE, CUT, SORGHUM, CORN), TODAY);
    assertThat(stretches).hasSize(3);
    Ground freed = stretches.get(1).ground();
    assertThat(freed.freed()).isTrue();
    assertThat(freed.starts()).as("as it is meant").isEqualTo(CUT.starts());
    assertThat(stretches.get(1).cover()).contains(SORGHUM.id());
  }

  /** Meant for 14 May; on 20 May it is still not written down, so the ground is not free. */
  @Test
  void groundIsNotFreeBeforeTheCutIsWrittenDown() {
    LocalDate late = LocalDate.of(2027, 5, 20);
    List<ChainLink> chain = List.of(BEANS, RYE, CUT, SORGHUM);
    assertThat(Stretch.of(chain, late).get(1).ground().starts()).isEqualTo(late.plusDays(1));
    List<ChainLink> cut = List.of(BEANS, gone(RYE, "2027-05-17"), CUT, SORGHUM);
    assertThat(Stretch.of(cut, late).get(1).ground().starts()).isEqualTo(LocalDate.of(2027, 5, 17));
  }

  @Test
  void aCutOfTheCropIsItsHarvest() {
    List<Stretch> stretches = Stretch.of(List.of(BEANS, CUT, CORN), TODAY);
    assertThat(stretches.get(0).ground().cropCut()).contains(CUT.starts());
    assertThat(stretches.get(0).ground().freed()).isFalse();
    assertThat(stretches).hasSize(2);
  }

  @Test
  void whatStandsFirstMayBeACoverOrACut() {
    assertThat(Stretch.of(List.of(), TODAY)).isEmpty();
    assertThat(Stretch.of(List.of(RYE), TODAY)).isEmpty();
    assertThat(Stretch.of(List.of(CUT, BEANS), TODAY)).hasSize(1);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-06-04,2025-06-05,2025",
    "2026-06-05,2026-06-05,2026",
    "2026-12-31,2026-06-05,2026",
    "2027-01-01,2026-06-05,2026"
  })
  void theSheetTurnsOnceAYear(LocalDate day, LocalDate turned, int season) {
    SheetTurn turn = SheetTurn.before(day, NORTH, Figures.shipped());
    assertThat(turn.last()).isEqualTo(turned);
    assertThat(turn.season()).isEqualTo(season);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-12-04,2025-12-05,2025",
    "2026-12-05,2026-12-05,2026",
    "2027-03-01,2026-12-05,2026",
    "2027-06-05,2026-12-05,2026"
  })
  void inTheSouthItTurnsHalfAYearLater(LocalDate day, LocalDate turned, int season) {
    SheetTurn turn = SheetTurn.before(day, SOUTH, Figures.shipped());
    assertThat(turn.last()).isEqualTo(turned);
    assertThat(turn.season()).isEqualTo(season);
  }

  @ParameterizedTest
  @CsvSource({"2027-05-01,0", "2028-05-20,0", "2028-06-05,1", "2028-12-01,1"})
  void theNextCropRunsFromTheTurnOn(LocalDate today, int running) {
    List<Stretch> stretches = Stretch.of(List.of(BEANS, RYE, CORN), today);
    assertThat(SheetTurn.before(today, NORTH, Figures.shipped()).running(stretches, today))
        .isEqualTo(running);
  }

  /** Beans after the turn still belong to the season begun; those of mid-July to the next. */
  @ParameterizedTest
  @CsvSource({"2026-07-10,1", "2026-07-11,0"})
  void aLatePlantingIsHeldToItsLimit(String planted, int running) {
    List<Stretch> stretches =
        Stretch.of(List.of(link(Kind.CROP, "2025-10-01"), link(Kind.CROP, planted)), TODAY);
    assertThat(SheetTurn.before(TODAY, NORTH, Figures.shipped()).running(stretches, TODAY))
        .isEqualTo(running);
  }

  @Test
  void freedGroundRunsFromItsCut() {
    LocalDate cut = LocalDate.of(2027, 5, 17);
    List<ChainLink> chain = List.of(BEANS, gone(RYE, "2027-05-17"), CUT, SORGHUM);
    for (LocalDate today : List.of(cut, cut.plusDays(40))) {
      List<Stretch> stretches = Stretch.of(chain, today);
      assertThat(SheetTurn.before(today, NORTH, Figures.shipped()).running(stretches, today))
          .isEqualTo(1);
    }
    List<Stretch> before = Stretch.of(List.of(BEANS, RYE, CUT, SORGHUM), cut.minusDays(1));
    assertThat(SheetTurn.before(cut, NORTH, Figures.shipped()).running(before, cut.minusDays(1)))
        .isZero();
  }

  @Test
  void aFarmMayTurnItsSheetOnAnotherDay() {
    Figures own = Figures.shipped().with(Map.of(new FigureId("chain", "turn_month", "value"), 7.0));
    assertThat(SheetTurn.before(LocalDate.of(2026, 6, 20), NORTH, own).season()).isEqualTo(2025);
  }
}
