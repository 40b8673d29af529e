package nimblefurrow.server.farm;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The catalogue as a farm sees it: starting values with its own figures over them. */
@Service
public class FarmCatalogue {
  private final SpeciesFigures figures;
  // Worked out from its key alone: a shortcut, not a state.
  private final Cache<Map<String, Map<String, Double>>, Catalogue> built =
      Caffeine.newBuilder().maximumSize(200).build();

  FarmCatalogue(SpeciesFigures figures) {
    this.figures = figures;
  }

  @Transactional(readOnly = true)
  public Catalogue of(UUID farmId) {
    return built.get(changes(farmId), Catalogue.shipped()::with);
  }

  /** The farm's own figures, by species and figure. */
  @Transactional(readOnly = true)
  public Map<String, Map<String, Double>> changes(UUID farmId) {
    Map<String, Map<String, Double>> changes = new TreeMap<>();
    figures
        .findByFarmId(farmId)
        .forEach(
            f -> changes.computeIfAbsent(f.species, s -> new TreeMap<>()).put(f.figure, f.value));
    return changes;
  }

  /** Sets a figure, or puts the starting value back with null; refuses what cannot be. */
  @Transactional
  public void change(UUID farmId, String species, String figure, Double value) {
    Map<String, Map<String, Double>> wanted = changes(farmId);
    Map<String, Double> own = wanted.computeIfAbsent(species, s -> new TreeMap<>());
    var kept = figures.findByFarmIdAndSpeciesAndFigure(farmId, species, figure);
    if (value == null) {
      own.remove(figure);
      Catalogue.shipped().with(wanted);
      kept.ifPresent(figures::delete);
      return;
    }
    own.put(figure, value);
    Catalogue.shipped().with(wanted);
    SpeciesFigure row = kept.orElseGet(() -> new SpeciesFigure(farmId, species, figure));
    row.value = value;
    figures.save(row);
  }
}
