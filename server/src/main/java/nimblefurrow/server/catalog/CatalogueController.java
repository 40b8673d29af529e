package nimblefurrow.server.catalog;

import java.util.List;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Cover crop species with their starting values. */
@RestController
@RequestMapping("/api/species")
class CatalogueController {
  record SpeciesView(
      String id,
      String name,
      Family family,
      boolean winterHardy,
      double seedsPerPound,
      double rateLow,
      double rateUsual,
      double rateHigh,
      double pricePerPound) {}

  @GetMapping
  List<SpeciesView> all() {
    return Catalogue.shipped().all().stream().map(CatalogueController::view).toList();
  }

  private static SpeciesView view(Species s) {
    return new SpeciesView(
        s.id(),
        s.name(),
        s.family(),
        s.winterHardy(),
        s.seedsPerPound(),
        s.low().poundsPerAcre(),
        s.usual().poundsPerAcre(),
        s.high().poundsPerAcre(),
        s.pricePerPound());
  }
}
