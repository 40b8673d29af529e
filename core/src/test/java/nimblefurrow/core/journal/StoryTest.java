package nimblefurrow.core.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.noted.Noted;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Setting;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.season.look.Sightings;
import nimblefurrow.core.termination.TerminationMethod;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the facts of a cover come to. */
class StoryTest {
  private static final UUID FIELD = new UUID(1, 1);
  private static final UUID COVER = new UUID(2, 1);
  private static final UUID OTHER = new UUID(2, 2);
  private static final Figures FIGURES = Figures.shipped();
  private static final LocalDate SOWN = LocalDate.of(2026, 9, 20);
  private static final Setting RYE_AFTER_CORN =
      new Setting(true, false, false, CropKind.CORN_GRAIN);

  private static Noted on(LocalDate day, String lot) {
    return new Noted(
        day,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        lot,
        "",
        "Ada",
        Optional.empty());
  }

  private static Entry entry(int id, UUID link, LocalDate day, Fact fact) {
    return new Entry(new UUID(3, id), FIELD, link, on(day, " R-7 "), fact);
  }

  private static StemsCounted stems(int past) {
    return new StemsCounted(Optional.of("cereal-rye"), 5, 50, past, Optional.empty(), List.of());
  }

  private static List<Entry> season() {
    return List.of(
        entry(1, COVER, SOWN, new Sown()),
        entry(2, COVER, SOWN.plusDays(3), new Sown()),
        entry(3, COVER, LocalDate.of(2027, 5, 12), stems(10)),
        entry(4, COVER, LocalDate.of(2027, 5, 15), stems(30)),
        entry(5, COVER, LocalDate.of(2027, 5, 15), stems(33)),
        entry(6, COVER, LocalDate.of(2027, 5, 2), new HeightRead(Readings.of(List.of(30.0)))),
        entry(7, COVER, LocalDate.of(2027, 5, 2), new Clipped(new Quadrats(2, List.of(90.0)))),
        entry(8, COVER, LocalDate.of(2027, 4, 2), new WeedsScored(Readings.of(List.of(9.0)))),
        entry(9, COVER, LocalDate.of(2027, 5, 2), new WeedsScored(Readings.of(List.of(2.0)))),
        entry(10, COVER, LocalDate.of(2027, 5, 2), new WeedsScored(Readings.of(List.of(4.0)))),
        entry(
            11,
            COVER,
            LocalDate.of(2027, 5, 20),
            new Terminated(Optional.of(TerminationMethod.ROLL))),
        entry(12, OTHER, LocalDate.of(2026, 9, 1), new Harvested(Optional.of(188.0))));
  }

  @Test
  void itDoesNotDependOnTheOrderInWhichEntriesArrive() {
    Story told = Story.of(season());
    Random random = new Random(4);
    int tried = 0;
    for (int i = 0; i < 200; i++) {
      List<Entry> shuffled = new ArrayList<>(season());
      Collections.shuffle(shuffled, random);
      Story story = Story.of(shuffled);
      assertThat(story.all(Fact.class)).isEqualTo(told.all(Fact.class));
      assertThat(story.sown()).isEqualTo(told.sown());
      assertThat(Sightings.of(story, FIGURES))
          .usingRecursiveComparison()
          .isEqualTo(Sightings.of(told, FIGURES));
      tried++;
    }
    assertThat(tried).isEqualTo(200);
  }

  @Test
  void daysAreTheFirstOnWhichSomethingWasDone() {
    Story story = Story.of(season());
    assertThat(story.of(COVER).sown()).contains(SOWN);
    assertThat(story.of(COVER).ended()).contains(LocalDate.of(2027, 5, 20));
    assertThat(story.of(OTHER).harvested()).contains(LocalDate.of(2026, 9, 1));
    assertThat(story.of(OTHER).sown()).isEmpty();
    assertThat(story.of(COVER).harvested()).isEmpty();
    assertThat(story.of(COVER).lot()).isEqualTo("R-7");
    assertThat(story.without(Sown.class).sown()).isEmpty();
    assertThat(story.from(LocalDate.of(2027, 1, 1)).sown()).isEmpty();
  }

  @Test
  void aCutEndsACoverAsATerminationDoes() {
    Story cut = Story.of(List.of(entry(1, COVER, SOWN.plusDays(60), new CutForForage())));
    assertThat(cut.ended()).contains(SOWN.plusDays(60));
  }

  /**
   * Two people who scored weeds on one day have scored more spots; the day before counts no more.
   */
  @Test
  void whatWasReadOnTheLastDayIsTakenTogether() {
    Readings last = Story.of(season()).lastRead(WeedsScored.class).orElseThrow();
    assertThat(last.bySpot()).containsExactlyInAnyOrder(2.0, 4.0);
    assertThat(last.mean().mean()).isEqualTo(3);
    assertThat(Story.of(List.of()).lastRead(WeedsScored.class)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"0.10, 15", "-0.04, 22", ", 20", "0.90, 0"})
  void theWritersEyeIsTakenOffWhereTheCountIsRead(Double eye, int past) {
    assertThat(stems(20).by(Optional.ofNullable(eye)).count().past()).isEqualTo(past);
    assertThat(stems(20).by(Optional.ofNullable(eye)).past()).as("as written").isEqualTo(20);
  }

  @Test
  void whatCannotBeIsRefusedByItsName() {
    refused(() -> new Wintered(Optional.of("oats"), 51, 50), "plants alive");
    refused(() -> new Wintered(Optional.of("oats"), 0, 0), "plants looked at");
    refused(
        () -> new StemsCounted(Optional.empty(), 5, 50, 51, Optional.empty(), List.of()),
        "stems past flowering are 0–50, got 51");
    refused(() -> Readings.of(List.of()), "spots are 1–100, got 0");
    refused(() -> Readings.of(Collections.nCopies(101, 1.0)), "spots are 1–100, got 101");
    refused(() -> new CropStageSeen(null), "stage");
    refused(() -> new SoilFelt(null), "how the soil feels");
    refused(() -> new PestsCounted(null, Readings.of(List.of(1.0))), "pest");
  }

  @Test
  void aFactFollowsWhatHasToComeBeforeIt() {
    Story bare = Story.of(List.of());
    Story sown = Story.of(List.of(entry(1, COVER, SOWN, new Sown())));
    Story ended =
        Story.of(
            List.of(
                entry(1, COVER, SOWN, new Sown()),
                entry(
                    2,
                    COVER,
                    SOWN.plusDays(200),
                    new Terminated(Optional.of(TerminationMethod.ROLL)))));
    Setting noCover = new Setting(false, false, false, CropKind.CORN_GRAIN);
    Setting organic = new Setting(true, false, true, CropKind.CORN_GRAIN);
    Setting free = new Setting(true, false, false, CropKind.FREE_GROUND);
    follows(new Sown(), bare, RYE_AFTER_CORN);
    cannot(new Sown(), bare, noCover, "choose a cover for this field first");
    cannot(new Sown(), sown, RYE_AFTER_CORN, "sown already");
    cannot(new Disced(), sown, RYE_AFTER_CORN, "disc passes come before");
    cannot(new SlurrySpread(), bare, RYE_AFTER_CORN, "log the sowing first");
    cannot(new CutForForage(), sown, RYE_AFTER_CORN, "put it into the field's chain first");
    follows(new Terminated(Optional.of(TerminationMethod.EARLY_SPRAY)), sown, RYE_AFTER_CORN);
    cannot(
        new Terminated(Optional.of(TerminationMethod.EARLY_SPRAY)),
        sown,
        organic,
        "herbicide is ruled out");
    follows(new Terminated(Optional.of(TerminationMethod.ROLL)), sown, organic);
    cannot(new Terminated(Optional.empty()), sown, RYE_AFTER_CORN, "how it was ended");
    cannot(
        new Terminated(Optional.of(TerminationMethod.ROLL)),
        bare,
        RYE_AFTER_CORN,
        "not logged as sown");
    HeightRead tall = new HeightRead(Readings.of(List.of(40.0)));
    follows(tall, sown, RYE_AFTER_CORN);
    cannot(tall, ended, RYE_AFTER_CORN, "no living cover");
    cannot(new HeightRead(Readings.of(List.of(500.0))), sown, RYE_AFTER_CORN, "height is 0–140");
    KillRated dead = new KillRated(Readings.of(List.of(80.0)));
    cannot(dead, sown, RYE_AFTER_CORN, "not logged as ended");
    cannot(dead, ended, RYE_AFTER_CORN, "date is after the cover was ended");
    cannot(new Harvested(Optional.empty()), bare, free, "no crop stands here");
    cannot(new Harvested(Optional.of(1001.0)), bare, RYE_AFTER_CORN, "yield");
    cannot(new CropStageSeen(CropStage.SILKING), bare, free, "no crop stands here");
    cannot(new Unclear("stem_count", "stems past are 0–50"), sown, RYE_AFTER_CORN, "stems past");
  }

  @Test
  void aFactSaysItselfInTheReadersUnits() {
    HeightRead tall = new HeightRead(Readings.of(List.of(40.0, 41.0)));
    assertThat(tall.says(FIGURES).in(UnitSystem.US)).isEqualTo("height 40.5 in");
    assertThat(tall.says(FIGURES).in(UnitSystem.METRIC)).contains("cm");
    assertThat(stems(30).says(FIGURES).in(UnitSystem.US))
        .isEqualTo("30 of 50 stems past flowering at 5 spots");
    assertThat(new Terminated(Optional.of(TerminationMethod.TILLAGE)).brief())
        .isEqualTo("tilled in");
  }

  /** Twelve methods are told in twelve ways, each in its own words. */
  @Test
  void eachTerminationIsToldAsWhatItWas() {
    Set<String> said = new HashSet<>();
    Set<String> brief = new HashSet<>();
    for (TerminationMethod method : TerminationMethod.values()) {
      Terminated done = new Terminated(Optional.of(method));
      assertThat(done.says(FIGURES).in(UnitSystem.US)).contains(method.words());
      said.add(done.says(FIGURES).in(UnitSystem.US));
      brief.add(done.brief());
    }
    assertThat(said).hasSize(TerminationMethod.values().length).hasSizeGreaterThan(11);
    assertThat(brief).contains("tilled in").hasSizeGreaterThan(7);
  }

  private static void refused(
      org.assertj.core.api.ThrowableAssert.ThrowingCallable made, String why) {
    assertThatThrownBy(made).isInstanceOf(OutOfRange.class).hasMessageContaining(why);
  }

  private static void cannot(Fact fact, Story story, Setting setting, String why) {
    refused(() -> fact.mayFollow(story, setting, on(SOWN.plusDays(30), ""), FIGURES), why);
  }

  private static void follows(Fact fact, Story story, Setting setting) {
    fact.mayFollow(story, setting, on(SOWN.plusDays(30), ""), FIGURES);
  }
}
