package nimblefurrow.server.taskdata;

import java.util.List;
import java.util.Optional;
import nimblefurrow.server.platform.files.Unpacked;
import org.locationtech.jts.geom.Geometry;

/** The fields of a terminal's task data, to be brought in like those of any other file. */
public final class TaskDataFields {
  /** A field with its outline, which may be empty. */
  public record Outline(String name, Geometry shape) {}

  private TaskDataFields() {}

  /** The fields in a zip; empty where it holds no task data. */
  public static Optional<List<Outline>> in(byte[] zip) {
    return Unpacked.of(zip, name -> name.endsWith("taskdata.xml")).isEmpty()
        ? Optional.empty()
        : Optional.of(
            TaskDataReader.read(zip).fields().stream()
                .map(f -> new Outline(f.name(), f.shape()))
                .toList());
  }
}
