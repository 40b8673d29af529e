package nimblefurrow.server.applied;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nimblefurrow.core.coverage.AppliedPoint;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AppliedCsvTest {
  @Test
  void whatIsWrittenIsRead() {
    List<AppliedPoint> points =
        List.of(
            new AppliedPoint(-97.0000001, 40.0000001, 0, 0, Length.ofFeet(15)),
            new AppliedPoint(-97.0001, 40.0002, 1.5, 0.1234, Length.ofFeet(15)));
    assertThat(AppliedCsv.read(AppliedCsv.write(points))).isEqualTo(points);
  }

  @Test
  void columnsStandInAnyOrderAndOthersArePassedOver() {
    String text = "Width_ft, speed, POUNDS,seconds,latitude,longitude\n30,5,0.2,1,40,-97\n";
    assertThat(AppliedCsv.read(text))
        .containsExactly(new AppliedPoint(-97, 40, 1, 0.2, Length.ofFeet(30)));
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "longitude,latitude,seconds,pounds|the file has no column width_ft",
        "longitude,latitude,seconds,pounds,width_ft|there are no points in this file"
      })
  void aFileWithoutItsColumnsIsRefusedByName(String header, String said) {
    assertThatThrownBy(() -> AppliedCsv.read(header + "\n"))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(said);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "-197,40,1,1,15|line 2: longitude is -180 to 180, got “-197”",
        "-97,40,1,-1,15|line 2: pounds is 0 to 5000, got “-1”",
        "-97,40,1,1,0|line 2: width_ft is 0.1 to 300, got “0”",
        "-97,40,soon,1,15|line 2: seconds is 0 to 10000000, got “soon”",
        "-97,40|line 2: seconds is 0 to 10000000, got “”"
      })
  void aFigureThatCannotBeIsRefusedByLine(String row, String said) {
    assertThatThrownBy(
            () -> AppliedCsv.read("longitude,latitude,seconds,pounds,width_ft\n" + row + "\n"))
        .hasMessageContaining(said);
  }
}
