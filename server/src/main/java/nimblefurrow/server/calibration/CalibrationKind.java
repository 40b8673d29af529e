package nimblefurrow.server.calibration;

/** A catch test, a pan test, or the first acres checked. */
public enum CalibrationKind {
  CATCH,
  PANS,
  CHECK
}
