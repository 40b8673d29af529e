package nimblefurrow.server.scout;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.scouting.Pest;
import nimblefurrow.core.scouting.SoilFeel;
import nimblefurrow.core.season.look.Look;
import nimblefurrow.server.journal.EntryKind;
import nimblefurrow.server.platform.web.Maybe;

/**
 * What a person takes along to the fields: today's list, what is worth most first, and each sown
 * field with what is counted there.
 */
record ScoutView(
    LocalDate today,
    List<LookView> looks,
    List<ScoutField> fields,
    StemTestView test,
    List<LookSheetView> sheets,
    List<PestView> pests,
    List<FeelView> feels) {
  /** What is read spot by spot, how, and between which limits. */
  record LookSheetView(
      Look.Kind kind,
      EntryKind entry,
      String words,
      String asks,
      String how,
      Unit unit,
      double low,
      double high,
      int least) {}

  record PestView(
      Pest pest,
      String words,
      String finds,
      String how,
      double most,
      @Maybe Double threshold,
      String does,
      String decides) {}

  record FeelView(SoilFeel feel, String words, String says) {}

  /** Something that can be looked at in a field. */
  record OfferView(Look.Kind kind, String words) {}

  /** What is worth a look; the worth is told in %. */
  record LookView(
      UUID fieldId,
      @Maybe UUID zoneId,
      String field,
      Look.Kind kind,
      String what,
      @Maybe String species,
      String says,
      int worth) {}

  /**
   * A field or a zone with a cover of its own, and where it lies.
   *
   * @param litFull sun that its full crop lets through, 0–1; null where light tells nothing of it
   */
  record ScoutField(
      UUID fieldId,
      @Maybe UUID zoneId,
      String name,
      double acres,
      String farmstead,
      double longitude,
      double latitude,
      @Maybe String cover,
      @Maybe LocalDate sown,
      @Maybe LocalDate ended,
      List<OfferView> offers,
      @Maybe Double litFull,
      List<ScoutMember> members,
      List<ScoutZone> zones) {}

  /**
   * A species of the cover.
   *
   * @param count what a count of its stems starts from; null where it has no stages
   * @param plants marks that its stand is judged by; null where there is no figure
   * @param stems the same for stems, at green-up
   */
  record ScoutMember(
      String id,
      String name,
      boolean smallGrain,
      @Maybe CountBase count,
      @Maybe MarksView plants,
      @Maybe MarksView stems) {}

  /**
   * Where a count of stems starts from.
   *
   * @param mean of flowering, °F-days
   * @param sd how sure it is
   * @param heat gathered up to and with today, in the middle year
   * @param readyNow chance that enough stems are past by this evening, in %
   * @param ahead the same by the evening of each day to come
   */
  record CountBase(double mean, double sd, double heat, int readyNow, List<Double> ahead) {}

  record MarksView(double good, double fair, boolean stems) {}

  record ScoutZone(UUID id, String name) {}

  /** The figures of the test of stems. */
  record StemTestView(
      double ready,
      double notReady,
      double wrong,
      double likeness,
      int leastSpots,
      int mostStems,
      int stemsOfSpot,
      double scatter,
      double observer,
      double clipWide,
      double clipMoisture) {}
}
