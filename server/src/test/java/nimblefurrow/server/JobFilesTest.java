package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.TreeSet;
import nimblefurrow.server.demo.DemoFarm;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The placed jobs as files for an office and for a tractor. */
@ExtendWith(RunningServer.class)
class JobFilesTest {
  private static Caller planner;
  private static JsonNode board;

  @BeforeAll
  static void aPlannedFarm() {
    RunningServer.bean(DemoFarm.class)
        .build("File Farm", "files@board.example", "filesop@board.example", 28);
    planner = new Caller(RunningServer.address()).signIn("files@board.example", DemoFarm.PASSWORD);
    planner.put("/api/v1/farm/day", Map.of("day", "2026-09-02"));
    board = Plans.board(planner);
  }

  @Test
  void theWorkbookHasEveryPlacedJobWithDaysAndFigures() throws IOException {
    int placed = 0;
    double acres = 0;
    for (JsonNode job : board.path("jobs")) {
      if (job.has("place")) {
        placed++;
        acres += job.path("acres").asDouble();
      }
    }
    try (XSSFWorkbook book =
        new XSSFWorkbook(new ByteArrayInputStream(planner.bytes("/api/v1/exchange/jobs.xlsx")))) {
      double told = 0;
      int rows = 0;
      for (Row row : book.getSheetAt(0)) {
        if (row.getRowNum() > 0) {
          told += row.getCell(5).getNumericCellValue();
          assertThat(row.getCell(6).getCellType()).isEqualTo(CellType.NUMERIC);
          assertThat(row.getCell(6).getLocalDateTimeCellValue().getYear()).isBetween(2026, 2027);
          rows++;
        }
      }
      assertThat(rows).isEqualTo(placed).isPositive();
      assertThat(told).isCloseTo(acres, within(1e-6));
    }
  }

  @Test
  void taskDataHasWhatIsSownAndSprayedAndComesBackAsFields() {
    TreeSet<String> fields = new TreeSet<>();
    int tasks = 0;
    int sown = 0;
    for (JsonNode job : board.path("jobs")) {
      String operation = job.path("id").path("operation").asString();
      if (job.has("place") && (operation.equals("SEED") || operation.equals("SPRAY"))) {
        tasks++;
        sown += operation.equals("SEED") ? 1 : 0;
        fields.add(job.path("fieldId").asString());
      }
    }
    byte[] zip = planner.bytes("/api/v1/exchange/taskdata.zip");
    JsonNode read = planner.upload("/api/v1/exchange/taskdata", "taskdata.zip", zip).json();
    assertThat(read.path("tasks").size()).isEqualTo(tasks).isPositive();
    assertThat(read.path("fields").size()).isEqualTo(fields.size());
    int rated = 0;
    for (JsonNode task : read.path("tasks")) {
      for (JsonNode rate : task.path("rates")) {
        assertThat(rate.path("perAcre").asDouble()).isBetween(0.5, 250.0);
        rated++;
      }
    }
    // A sowing has a rate for each seed; a spraying one where the sprayer's gallons are known.
    assertThat(rated).isGreaterThanOrEqualTo(sown);
    JsonNode brought =
        new Caller(RunningServer.address())
            .ownFarm()
            .upload("/api/v1/exchange/fields", "taskdata.zip", zip)
            .json();
    assertThat(brought.path("good").asInt()).isEqualTo(fields.size());
    assertThat(planner.upload("/api/v1/exchange/taskdata", "t.zip", new byte[] {1, 2, 3}).text())
        .contains("no TASKDATA.XML");
  }

  @Test
  void oneMachinesTaskDataIsItsOwn() {
    for (JsonNode machine : board.path("machines")) {
      int own = 0;
      for (JsonNode job : board.path("jobs")) {
        String operation = job.path("id").path("operation").asString();
        own +=
            job.path("place").path("machineId").equals(machine.path("id"))
                    && (operation.equals("SEED") || operation.equals("SPRAY"))
                ? 1
                : 0;
      }
      String path = "/api/v1/exchange/taskdata.zip?machineId=" + machine.path("id").asString();
      if (own == 0) {
        assertThat(planner.get(path).text()).contains("nothing is placed there");
      } else {
        assertThat(
                planner
                    .upload("/api/v1/exchange/taskdata", "t.zip", planner.bytes(path))
                    .json()
                    .path("tasks")
                    .size())
            .isEqualTo(own);
      }
    }
    assertThat(board.path("machines")).isNotEmpty();
  }
}
