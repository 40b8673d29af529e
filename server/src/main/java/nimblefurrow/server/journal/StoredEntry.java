package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import io.soabase.recordbuilder.core.RecordBuilder;
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
import nimblefurrow.core.journal.Unclear;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.core.journal.noted.Noted.DayWeather;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.scouting.StandCount;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.codes.Codes;

/**
 * An entry's figures as its row keeps them; written once, never again.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 * @param operation the code of the job that it settled; older entries do not say
 */
@RecordBuilder
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredEntry(
    Integer v,
    String operation,
    String route,
    String stage,
    String species,
    Integer spots,
    Integer stems,
    Integer past,
    Double frameSquareFeet,
    List<Double> dryGrams,
    Double yieldPerAcre,
    StoredLook look,
    Double eye,
    Weather weather) {
  record Weather(double maxF, double minF, double rainIn, double windMph) {}

  /** A row of a fact. */
  static StoredEntry of(Fact fact, String operation, Optional<DayWeather> weather) {
    return fact.to(new StoredFacts())
        .v(1)
        .operation(operation)
        .weather(
            weather.map(w -> new Weather(w.maxF(), w.minF(), w.rainIn(), w.windMph())).orElse(null))
        .build();
  }

  Optional<DayWeather> sky() {
    return Optional.ofNullable(weather)
        .map(w -> new DayWeather(w.maxF(), w.minF(), w.rainIn(), w.windMph()));
  }

  /** What a row of a kind says; a fact that counts for nothing where its figures cannot be. */
  Fact fact(EntryKind kind) {
    try {
      return read(kind);
    } catch (OutOfRange cannotBe) {
      return new Unclear(kind.code(), cannotBe.getMessage());
    }
  }

  private Fact read(EntryKind kind) {
    return switch (kind) {
      case DISCED -> new Disced();
      case SEEDED -> new Sown();
      case SLURRY_SPREAD -> new SlurrySpread();
      case CUT -> new CutForForage();
      case ENDED -> new Terminated(Optional.ofNullable(Codes.read(TerminationMethod.class, route)));
      case HARVESTED -> new Harvested(Optional.ofNullable(yieldPerAcre));
      case CROP_STAGE -> new CropStageSeen(Codes.read(CropStage.class, stage));
      case STEM_COUNT ->
          new StemsCounted(
              whose(),
              Limits.given("spots", spots),
              Limits.given("stems", stems),
              Limits.given("stems past flowering", past),
              Optional.ofNullable(eye),
              look == null ? List.of() : look.where());
      case BIOMASS ->
          new Clipped(
              new Quadrats(
                  Limits.given("frame", frameSquareFeet), Limits.given("dry grams", dryGrams)));
      case STAND_COUNT ->
          new StandCounted(
              whose(),
              new StandCount(
                  Limits.given("plants by spot", seen().plants()),
                  Limits.given("ground of a spot", seen().squareFeet()),
                  Optional.ofNullable(seen().stemsPerPlant())),
              seen().where());
      case WINTERED ->
          new Wintered(
              whose(),
              Limits.given("plants alive", seen().alive()),
              Limits.given("plants looked at", seen().looked()));
      case HEIGHT -> new HeightRead(seen().read());
      case GROUND_COVER -> new GroundCoverRead(seen().read(), Boolean.TRUE.equals(seen().photo()));
      case CANOPY_LIGHT -> new LightRead(seen().read());
      case SOIL_FEEL -> new SoilFelt(Codes.read(SoilFeel.class, seen().feel()));
      case RUTS -> new RutsRead(seen().read());
      case WEEDS -> new WeedsScored(seen().read());
      case PESTS -> new PestsCounted(Codes.read(Pest.class, seen().pest()), seen().read());
      case KILL_RATING -> new KillRated(seen().read());
      case NITROGEN -> new NitrogenNoted(seen().read(), Boolean.TRUE.equals(seen().tested()));
    };
  }

  private Optional<String> whose() {
    return Optional.ofNullable(species);
  }

  private StoredLook seen() {
    return Limits.given("what was read", look);
  }
}
