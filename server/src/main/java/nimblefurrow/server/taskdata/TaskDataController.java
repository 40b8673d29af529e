package nimblefurrow.server.taskdata;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.server.dispatch.Dispatch;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.files.HeavyWork;
import nimblefurrow.server.platform.web.Download;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Task data for a terminal, and what is in a file of it. */
@RestController
@RequestMapping("/api/v1/exchange")
class TaskDataController {
  /** What is in a file of task data; nothing of it is kept. */
  record TaskFileView(
      String farm, List<PartFieldView> fields, List<String> products, List<TaskView> tasks) {
    static TaskFileView of(TaskData data) {
      return new TaskFileView(
          data.farm(),
          data.fields().stream()
              .map(f -> new PartFieldView(f.name(), Area.ofSquareMetres(f.squareMetres()).acres()))
              .toList(),
          data.products(),
          data.tasks().stream().map(t -> TaskView.of(data, t)).toList());
    }
  }

  record PartFieldView(String name, double acres) {}

  /**
   * @param cells of its grid; 0: one rate all over
   */
  record TaskView(String name, @Maybe String field, List<TaskRateView> rates, int cells) {
    static TaskView of(TaskData data, TaskData.Task task) {
      return new TaskView(
          task.name(),
          task.field() < 0 ? null : data.fields().get(task.field()).name(),
          task.rates().stream()
              .map(
                  r ->
                      new TaskRateView(
                          data.products().get(r.product()),
                          r.measure().perAcre(r.value()),
                          r.measure() == TaskData.Measure.VOLUME))
              .toList(),
          task.grid().map(g -> g.rows() * g.columns()).orElse(0));
    }
  }

  /**
   * @param perAcre lb/ac, or gal/ac where it is {@code liquid}
   */
  record TaskRateView(String product, double perAcre, boolean liquid) {}

  private final TaskDataDesk desk;
  private final Dispatch dispatch;
  private final CurrentFarm current;
  private final HeavyWork heavy;

  TaskDataController(TaskDataDesk desk, Dispatch dispatch, CurrentFarm current, HeavyWork heavy) {
    this.desk = desk;
    this.dispatch = dispatch;
    this.current = current;
    this.heavy = heavy;
  }

  /** The placed sowings and sprayings, of one machine or of all. */
  @GetMapping(path = "/taskdata.zip", produces = "application/zip")
  ResponseEntity<byte[]> write(@RequestParam(required = false) UUID machineId) {
    TaskData data = desk.of(dispatch.board(current.id()), Optional.ofNullable(machineId));
    return Download.of("taskdata.zip", "application/zip", TaskDataWriter.zip(data));
  }

  /** Reads a file and tells what is in it. */
  @PostMapping(path = "/taskdata", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
  TaskFileView read(@RequestPart("file") MultipartFile file) throws IOException {
    byte[] zip = file.getBytes();
    return TaskFileView.of(heavy.run(() -> TaskDataReader.read(zip)));
  }
}
