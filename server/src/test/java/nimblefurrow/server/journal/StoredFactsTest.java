package nimblefurrow.server.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
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
import nimblefurrow.core.journal.Unclear;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.core.journal.noted.Readings;
import nimblefurrow.core.journal.noted.Spot;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.termination.TerminationMethod;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** Every kind of fact is kept, read back and shown as it was written. */
class StoredFactsTest {
  private static final JsonMapper JSON = new JsonMapper();
  private static final List<Spot> PLACES =
      List.of(
          new Spot(
              Optional.of(-97.1),
              Optional.of(40.2),
              Optional.of(new UUID(1, 2)),
              Optional.of(10),
              Optional.of(6)));
  private static final Readings READ = new Readings(List.of(3.0, 4.5), PLACES);

  static Stream<Fact> facts() {
    return Stream.of(
        new Disced(),
        new Sown(),
        new SlurrySpread(),
        new CutForForage(),
        new Terminated(Optional.of(TerminationMethod.ROLL)),
        new Terminated(Optional.empty()),
        new Harvested(Optional.of(188.5)),
        new CropStageSeen(CropStage.SILKING),
        new StemsCounted(Optional.of("cereal-rye"), 5, 50, 30, Optional.of(0.04), PLACES),
        new StemsCounted(Optional.empty(), 5, 50, 30, Optional.empty(), List.of()),
        new Clipped(new Quadrats(2.25, List.of(118.0, 96.5))),
        new StandCounted(
            Optional.of("oats"), new StandCount(List.of(20, 24), 1.9, Optional.of(2.0)), PLACES),
        new Wintered(Optional.of("hairy-vetch"), 12, 50),
        new HeightRead(READ),
        new GroundCoverRead(READ, true),
        new GroundCoverRead(READ, false),
        new LightRead(READ),
        new SoilFelt(SoilFeel.BREAKS),
        new RutsRead(READ),
        new WeedsScored(READ),
        new PestsCounted(Pest.SLUGS, READ),
        new KillRated(READ),
        new NitrogenNoted(READ, true),
        new NitrogenNoted(READ, false));
  }

  @ParameterizedTest
  @MethodSource("facts")
  void isReadBackFromItsRow(Fact fact) {
    StoredEntry row = StoredEntry.of(fact, null, Optional.empty());
    StoredEntry back = JSON.readValue(JSON.writeValueAsString(row), StoredEntry.class);
    assertThat(back.fact(EntryKind.of(fact))).isEqualTo(fact);
  }

  /** The eye is the server's to add: nobody types it. */
  @ParameterizedTest
  @MethodSource("facts")
  void isShownAsItIsTyped(Fact fact) {
    FactForm form = fact.to(new FactForms());
    String sent = JSON.writeValueAsString(form);
    assertThat(JSON.readTree(sent).path("kind").asString()).isEqualTo(EntryKind.of(fact).name());
    Fact back = JSON.readValue(sent, FactForm.class).fact();
    assertThat(back)
        .isEqualTo(fact instanceof StemsCounted stems ? stems.by(Optional.empty()) : fact);
  }

  @Test
  void everyKindOfFactHasALastingName() {
    Set<Class<?>> kept = new HashSet<>();
    Arrays.stream(EntryKind.values()).forEach(kind -> kept.add(kind.fact()));
    List<Class<?>> kinds = new ArrayList<>(List.of(Fact.class));
    for (int i = 0; i < kinds.size(); i++) {
      if (kinds.get(i).isSealed()) {
        kinds.addAll(List.of(kinds.get(i).getPermittedSubclasses()));
      }
    }
    kinds.removeIf(Class::isSealed);
    kinds.remove(Unclear.class);
    assertThat(kinds).hasSize(20);
    assertThat(kept).containsExactlyInAnyOrderElementsOf(kinds);
    assertThat(facts().map(Object::getClass)).containsAll(kinds);
  }

  /** Rows from before such figures were refused are listed, and count for nothing. */
  @Test
  void aRowThatCannotBeIsUnclear() {
    StoredEntry row =
        JSON.readValue(
            "{\"species\":\"oats\",\"spots\":5,\"stems\":50,\"past\":51}", StoredEntry.class);
    Fact fact = row.fact(EntryKind.STEM_COUNT);
    assertThat(fact).isInstanceOf(Unclear.class);
    assertThat(((Unclear) fact).why()).contains("got 51");
    assertThat(EntryKind.of(fact)).isEqualTo(EntryKind.STEM_COUNT);
    assertThat(fact.to(new FactForms())).isNull();
    assertThat(JSON.readValue("{}", StoredEntry.class).fact(EntryKind.HEIGHT))
        .isInstanceOf(Unclear.class);
  }
}
