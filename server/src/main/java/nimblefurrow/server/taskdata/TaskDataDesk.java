package nimblefurrow.server.taskdata;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.board.Placement;
import nimblefurrow.core.job.Job;
import nimblefurrow.core.job.Operation;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.dispatch.Board;
import nimblefurrow.server.dispatch.SheetSeed;
import nimblefurrow.server.dispatch.SheetSeeds;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.files.GeoJson;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.taskdata.TaskData.Measure;
import nimblefurrow.server.taskdata.TaskData.PartField;
import nimblefurrow.server.taskdata.TaskData.Rate;
import nimblefurrow.server.taskdata.TaskData.Task;
import org.locationtech.jts.geom.Geometry;
import org.springframework.stereotype.Service;

/** Puts the placed sowings and sprayings together as task data. */
@Service
class TaskDataDesk {
  private static final double SQUARE_METRES_A_HECTARE = 10_000;
  private static final String SPRAY_MIX = "Spray mix";

  private final SheetSeeds seeds;

  TaskDataDesk(SheetSeeds seeds) {
    this.seeds = seeds;
  }

  /**
   * The tasks of a board.
   *
   * @param machine the only machine whose tasks are wanted; empty: all
   * @throws OutOfRange where nothing is placed that is sown or sprayed
   */
  TaskData of(Board board, Optional<UUID> machine) {
    List<Placement> placed =
        board.placed().placed().stream()
            .filter(
                p -> machine.map(UUID::toString).filter(m -> !m.equals(p.machineId())).isEmpty())
            .filter(p -> told(p.jobId().operation()))
            .toList();
    if (placed.isEmpty()) {
      throw new OutOfRange("machine", "nothing is placed there that is sown or sprayed");
    }
    Map<UUID, Integer> fields = new LinkedHashMap<>();
    List<PartField> parts = new ArrayList<>();
    Map<String, Integer> products = new LinkedHashMap<>();
    List<Task> tasks = new ArrayList<>();
    for (Placement place : placed) {
      Job job = board.job(place.jobId());
      FieldSeasons season = board.fieldOf().get(job.id());
      FieldView field = season.field();
      Geometry whole = field.outline().shape();
      if (!fields.containsKey(field.id())) {
        fields.put(field.id(), parts.size());
        parts.add(
            new PartField(
                field.name(),
                Math.round(Area.ofAcres(field.acres()).hectares() * SQUARE_METRES_A_HECTARE),
                whole));
      }
      List<Rate> rates = rates(board, job, place, products);
      tasks.add(
          new Task(
              "%s %s".formatted(job.field(), job.words()),
              fields.get(field.id()),
              rates,
              worked(season)
                  .filter(part -> !rates.isEmpty())
                  .map(part -> RateGrids.of(whole, part, rates))));
    }
    return new TaskData(
        board.season().day().farm().name(), parts, List.copyOf(products.keySet()), tasks);
  }

  private static boolean told(Operation operation) {
    return operation == Operation.SEED || operation == Operation.SPRAY;
  }

  private List<Rate> rates(Board board, Job job, Placement place, Map<String, Integer> products) {
    List<Rate> rates = new ArrayList<>();
    if (job.id().operation() == Operation.SEED) {
      for (SheetSeed seed : seeds.of(board, job, job.area().acres())) {
        rates.add(
            new Rate(
                number(products, seed.name()), Measure.MASS, Measure.MASS.of(seed.bulkRate())));
      }
    } else {
      machine(board, place)
          .map(m -> m.setup().galPerAc())
          .ifPresent(
              gallons ->
                  rates.add(
                      new Rate(
                          number(products, SPRAY_MIX),
                          Measure.VOLUME,
                          Measure.VOLUME.of(gallons))));
    }
    return rates;
  }

  private static int number(Map<String, Integer> products, String name) {
    return products.computeIfAbsent(name, n -> products.size());
  }

  private static Optional<MachineView> machine(Board board, Placement place) {
    return board.machines().stream()
        .filter(m -> m.id().toString().equals(place.machineId()))
        .findFirst();
  }

  /** The part of a field that a job is of, where it is not all of it and its outline is known. */
  private static Optional<Geometry> worked(FieldSeasons season) {
    return season
        .zone()
        .flatMap(
            zone ->
                season.field().zones().stream()
                    .filter(z -> z.id().equals(zone) && z.boundary() != null)
                    .findFirst())
        .map(z -> GeoJson.shape(z.boundary()));
  }
}
