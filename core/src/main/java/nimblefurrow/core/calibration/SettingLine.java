package nimblefurrow.core.calibration;

import java.util.List;
import java.util.Optional;
import nimblefurrow.core.calibration.NextSetting.Tried;
import nimblefurrow.core.quantity.Reason;

/**
 * Rate against setting as a least-squares line that rises; where the tests cannot give one (a
 * single test, all at one setting, or a line that falls) the rate goes in proportion to the
 * setting.
 */
record SettingLine(double slope, double intercept, Optional<Double> error, List<Reason> notes) {

  static SettingLine through(List<Tried> tests) {
    int n = tests.size();
    double meanX = tests.stream().mapToDouble(Tried::setting).average().orElseThrow();
    double meanY =
        tests.stream().mapToDouble(t -> t.rate().poundsPerAcre()).average().orElseThrow();
    double xx = 0;
    double xy = 0;
    for (Tried t : tests) {
      xx += (t.setting() - meanX) * (t.setting() - meanX);
      xy += (t.setting() - meanX) * (t.rate().poundsPerAcre() - meanY);
    }
    if (n < 2 || xx < 1e-9 || xy <= 0) {
      return new SettingLine(
          meanY / meanX,
          0,
          Optional.empty(),
          n < 2
              ? List.of(Reason.of("from one test, in proportion: test again at the new setting"))
              : List.of(Reason.of("these tests do not rise together: taken in proportion")));
    }
    double slope = xy / xx;
    double intercept = meanY - slope * meanX;
    double squares = 0;
    for (Tried t : tests) {
      double off = t.rate().poundsPerAcre() - (intercept + slope * t.setting());
      squares += off * off;
    }
    return new SettingLine(
        slope,
        intercept,
        n > 2 ? Optional.of(Math.sqrt(squares / (n - 2))) : Optional.empty(),
        List.of());
  }

  double settingFor(double rate) {
    return (rate - intercept) / slope;
  }

  double rateAt(double setting) {
    return intercept + slope * setting;
  }
}
