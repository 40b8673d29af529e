package nimblefurrow.server.catalog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Life;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figure;
import nimblefurrow.server.farm.FarmCatalogue;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cover crop species as the farm sees them, with every figure that it may change. */
@RestController
@RequestMapping("/api/species")
class CatalogueController {
  record SpeciesView(
      String id,
      String name,
      Family family,
      Life life,
      boolean winterHardy,
      double seedsPerPound,
      @Maybe Double bushelPounds,
      double rateLow,
      double rateUsual,
      double rateHigh,
      double pricePerPound,
      @Maybe Double cap,
      int changed) {}

  record FigureForm(@NotBlank String figure, @Maybe Double value) {}

  private final FarmCatalogue catalogue;
  private final CurrentFarm current;

  CatalogueController(FarmCatalogue catalogue, CurrentFarm current) {
    this.catalogue = catalogue;
    this.current = current;
  }

  @GetMapping
  List<SpeciesView> all() {
    Map<String, Map<String, Double>> changes = catalogue.changes(current.id());
    return catalogue.of(current.id()).all().stream()
        .map(s -> view(s, changes.getOrDefault(s.id(), Map.of()).size()))
        .toList();
  }

  @GetMapping("/{species}/figures")
  List<FigureView> figures(@PathVariable String species) {
    UUID farm = current.id();
    Catalogue own = catalogue.of(farm);
    Map<String, Double> changed = catalogue.changes(farm).getOrDefault(species, Map.of());
    List<FigureView> figures = new ArrayList<>();
    for (Figure figure : Figure.all().values()) {
      figures.add(
          FigureView.of(
              figure,
              own.figure(species, figure.key()),
              Catalogue.shipped().figure(species, figure.key()),
              changed.containsKey(figure.key())));
    }
    return figures;
  }

  /** Sets a figure; a null value puts the starting value back. */
  @PutMapping("/{species}/figures")
  List<FigureView> change(@PathVariable String species, @Valid @RequestBody FigureForm form) {
    catalogue.change(current.id(), species, form.figure(), form.value());
    return figures(species);
  }

  private static SpeciesView view(Species s, int changed) {
    return new SpeciesView(
        s.id(),
        s.name(),
        s.family(),
        s.life(),
        s.winterHardy(),
        s.seedsPerPound(),
        s.bushelPounds() == 0 ? null : s.bushelPounds(),
        s.low().poundsPerAcre(),
        s.usual().poundsPerAcre(),
        s.high().poundsPerAcre(),
        s.pricePerPound(),
        s.cap().orElse(null),
        changed);
  }
}
