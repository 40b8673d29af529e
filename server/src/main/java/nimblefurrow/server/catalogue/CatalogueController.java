package nimblefurrow.server.catalogue;

import java.util.List;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Life;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.seeding.RateBuilder;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cover crop species as the farm sees them. */
@RestController
@RequestMapping("/api/v1/species")
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
      double shareInMix,
      int changed) {}

  private final FarmFigures figures;
  private final CurrentFarm current;

  CatalogueController(FarmFigures figures, CurrentFarm current) {
    this.figures = figures;
    this.current = current;
  }

  @GetMapping
  List<SpeciesView> all() {
    Figures own = figures.of(current.id());
    return figures.catalogue(own).all().stream().map(s -> view(s, changed(own, s))).toList();
  }

  private static int changed(Figures own, Species species) {
    return (int)
        own.changes().keySet().stream().filter(id -> id.row().equals(species.id())).count();
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
        RateBuilder.shareInMix(s),
        changed);
  }
}
