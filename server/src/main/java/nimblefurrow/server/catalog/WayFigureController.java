package nimblefurrow.server.catalog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.seeding.WayFigures;
import nimblefurrow.core.seeding.WayIn;
import nimblefurrow.server.farm.Farms;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The ways in as the farm knows them: what comes up, and the rate against drilling. */
@RestController
@RequestMapping("/api/ways")
class WayFigureController {
  record KnownWay(WayIn way, String words, int changed, List<FigureView> figures) {}

  record WayFigureForm(@NotBlank String figure, @Maybe Double value) {}

  private final Farms farms;
  private final CurrentFarm current;

  WayFigureController(Farms farms, CurrentFarm current) {
    this.farms = farms;
    this.current = current;
  }

  @GetMapping
  List<KnownWay> all() {
    UUID farm = current.id();
    WayFigures own = farms.view(farm).rules().ways();
    Map<WayIn, Map<String, Double>> changes = farms.wayFigures(farm);
    return Arrays.stream(WayIn.values())
        .map(way -> view(way, own, changes.getOrDefault(way, Map.of())))
        .toList();
  }

  /** Sets a figure; a null value puts the starting value back. */
  @PutMapping("/{way}/figures")
  List<KnownWay> change(@PathVariable WayIn way, @Valid @RequestBody WayFigureForm form) {
    farms.wayFigure(current.id(), way, form.figure(), form.value());
    return all();
  }

  private static KnownWay view(WayIn way, WayFigures own, Map<String, Double> changed) {
    List<FigureView> figures =
        WayFigures.figures().values().stream()
            .map(
                f ->
                    FigureView.of(
                        f,
                        own.figure(way, f.key()),
                        WayFigures.shipped().figure(way, f.key()),
                        changed.containsKey(f.key())))
            .toList();
    return new KnownWay(way, way.words(), changed.size(), figures);
  }
}
