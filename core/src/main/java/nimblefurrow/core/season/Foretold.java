package nimblefurrow.core.season;

import java.time.LocalDate;
import java.util.Optional;
import nimblefurrow.core.cashcrop.CropStage;
import nimblefurrow.core.ensemble.DateForecast;
import nimblefurrow.core.ensemble.Spread;
import nimblefurrow.core.quantity.DryMatter;

/**
 * What was told of a field on a day, and what came of it: a harvest told for 24 September (18–30)
 * that came on the 27th held. Eight of ten are to hold; if nearly all do, the ranges are too wide.
 * Not a mark for the field or for whoever works it.
 *
 * @param what was told
 * @param on the day on which it was told
 * @param range 10, 50 and 90 % marks: epoch days, or lb/ac dry
 * @param came the same for what came
 */
public record Foretold(What what, LocalDate on, Spread range, double came) {
  /** What can be told and is written down later. */
  public enum What {
    HARVEST("harvest", true),
    CROP_STAGE("stage of the crop", true),
    MAT("mat when it was clipped", false);

    private final String words;
    private final boolean day;

    What(String words, boolean day) {
      this.words = words;
      this.day = day;
    }

    /** As it is said. */
    public String words() {
      return words;
    }

    /** Whether it is a day; else a weight. */
    public boolean day() {
      return day;
    }
  }

  /** A day of a crop's stage that was told; empty where too few years reach it. */
  public static Optional<Foretold> day(
      What what, FieldSeason then, CropStage stage, LocalDate on, LocalDate came) {
    if (!then.crop().has(stage)) {
      return Optional.empty();
    }
    DateForecast told = then.crop().when(stage);
    return told.early()
        .flatMap(
            low ->
                told.median()
                    .flatMap(
                        middle ->
                            told.late()
                                .map(
                                    high ->
                                        new Foretold(
                                            what,
                                            on,
                                            new Spread(
                                                low.toEpochDay(),
                                                middle.toEpochDay(),
                                                high.toEpochDay()),
                                            came.toEpochDay()))));
  }

  /** A weight that was told for the day on which it was clipped later. */
  public static Optional<Foretold> mat(
      FieldSeason then, LocalDate on, LocalDate clipped, DryMatter came) {
    return then.mat().map(mat -> new Foretold(What.MAT, on, mat.on(clipped), came.poundsPerAcre()));
  }

  /** Whether what came lay between the marks. */
  public boolean held() {
    return came >= range.low() && came <= range.high();
  }
}
