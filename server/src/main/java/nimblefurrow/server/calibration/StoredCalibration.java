package nimblefurrow.server.calibration;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;
import java.util.List;
import nimblefurrow.core.calibration.PanTest;
import nimblefurrow.server.platform.codes.Codes;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.factory.Mappers;

/**
 * What was measured, as its row keeps it.
 *
 * @param v how it is written down: 1; null in rows from before there was a number, which are the
 *     same
 */
@JsonIgnoreProperties(ignoreUnknown = true)
record StoredCalibration(
    Integer v,
    Double targetLbAc,
    Double setting,
    Double mph,
    String sprocket,
    Double grams,
    Integer outlets,
    Double rowSpacingIn,
    Integer outletsPerGap,
    Double gapIn,
    Double distanceFt,
    Double wheelTurns,
    Double wheelFt,
    Double slip,
    Double panSpacingFt,
    List<Double> panGrams,
    String driving,
    Double swathFt,
    Double expectedLbAc,
    Double usedLb,
    Double acres) {
  /** From and to what the rest of the program knows, figure by figure. */
  @Mapper
  interface Figures {
    Figures MAP = Mappers.getMapper(Figures.class);

    @Mapping(target = "v", constant = "1")
    StoredCalibration kept(CalibrationDetails details);

    CalibrationDetails known(StoredCalibration kept);

    default String kept(PanTest.Driving driving) {
      return Codes.kept(driving);
    }

    default PanTest.Driving driving(String kept) {
      return Codes.read(PanTest.Driving.class, kept);
    }
  }

  static StoredCalibration of(CalibrationDetails details) {
    return Figures.MAP.kept(details);
  }

  CalibrationDetails details() {
    return Figures.MAP.known(this);
  }
}
