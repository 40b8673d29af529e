package nimblefurrow.server.chain;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.cashcrop.CropKind;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.server.platform.codes.Codes;

/**
 * A cash crop as its row keeps it.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 * @param dates days by the codes of stages
 */
record StoredCrop(
    Integer v,
    String kind,
    double maturity,
    double harvestMoisture,
    Map<String, LocalDate> dates,
    String name) {
  static StoredCrop of(CropDetails c) {
    Map<String, LocalDate> dates = new TreeMap<>();
    c.dates().forEach((stage, day) -> dates.put(Codes.kept(stage), day));
    return new StoredCrop(
        1, Codes.kept(c.kind()), c.maturity(), c.harvestMoisture(), dates, c.name());
  }

  CropDetails details() {
    Map<CropStage, LocalDate> known = new EnumMap<>(CropStage.class);
    if (dates != null) {
      dates.forEach((stage, day) -> known.put(Codes.read(CropStage.class, stage), day));
    }
    return new CropDetails(
        Codes.read(CropKind.class, kind), maturity, harvestMoisture, known, name);
  }
}
