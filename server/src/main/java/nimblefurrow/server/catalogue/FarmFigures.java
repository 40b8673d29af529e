package nimblefurrow.server.catalogue;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.figures.FigureId;
import nimblefurrow.core.figures.Figures;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a farm takes as true: the starting values with the farm's own figures over them. */
@Service
public class FarmFigures {
  private static final int KEPT = 200;

  private final FarmFigureRows rows;

  // Worked out from their keys alone: shortcuts, not states.
  private final Cache<Map<FigureId, Double>, Figures> figures =
      Caffeine.newBuilder().maximumSize(KEPT).build();
  private final Cache<Figures, Catalogue> catalogues =
      Caffeine.newBuilder().maximumSize(KEPT).build();

  FarmFigures(FarmFigureRows rows) {
    this.rows = rows;
  }

  /** The farm's figures. */
  @Transactional(readOnly = true)
  public Figures of(UUID farmId) {
    return figures.get(changes(farmId), Figures.shipped()::with);
  }

  /** The species with a farm's figures; the same object as long as they are the same. */
  public Catalogue catalogue(Figures of) {
    return catalogues.get(of, Catalogue::of);
  }

  /**
   * Sets figures, or puts starting values back where the value is empty; all of them or none.
   *
   * @throws nimblefurrow.core.quantity.OutOfRange naming the figure that leaves its limits, or
   *     contradicts another
   */
  @Transactional
  public Figures change(UUID farmId, Map<FigureId, Optional<Double>> wanted) {
    Map<FigureId, Double> own = new LinkedHashMap<>(changes(farmId));
    wanted.forEach(
        (id, value) ->
            value.ifPresentOrElse(
                v -> own.put(id, v), () -> own.remove(Figures.shipped().figure(id).id())));
    Figures changed = Figures.shipped().with(own);
    catalogue(changed);
    Map<FigureId, FarmFigure> kept = new LinkedHashMap<>();
    rows.findByFarmIdOrderBySheetAscLineAscColumnAsc(farmId)
        .forEach(row -> kept.put(row.figure(), row));
    wanted.forEach((id, value) -> store(farmId, id, value, Optional.ofNullable(kept.get(id))));
    return changed;
  }

  private void store(UUID farmId, FigureId id, Optional<Double> value, Optional<FarmFigure> kept) {
    if (value.isEmpty()) {
      kept.ifPresent(rows::delete);
      return;
    }
    FarmFigure row = kept.orElseGet(() -> new FarmFigure(farmId, id));
    row.value = value.get();
    rows.save(row);
  }

  private Map<FigureId, Double> changes(UUID farmId) {
    Map<FigureId, Double> changes = new LinkedHashMap<>();
    rows.findByFarmIdOrderBySheetAscLineAscColumnAsc(farmId)
        .forEach(row -> changes.put(row.figure(), row.value));
    return changes;
  }
}
