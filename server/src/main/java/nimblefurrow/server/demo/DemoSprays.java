package nimblefurrow.server.demo;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.server.product.SprayProducts;
import org.springframework.stereotype.Component;

/**
 * Products in the demo farm's store, by active ingredient, with made-up label figures; one of them
 * is not read to its end.
 */
@Component
class DemoSprays {
  private final SprayProducts products;

  DemoSprays(SprayProducts products) {
    this.products = products;
  }

  void stock(UUID farm) {
    products.add(
        farm,
        UUID.randomUUID(),
        "Store glyphosate",
        new Label(
            "glyphosate",
            Label.Kind.SYSTEMIC,
            Optional.of(3.75),
            Optional.of(6.0),
            Optional.of(10.0),
            Optional.of(0),
            Optional.of(0),
            Optional.of(12),
            Optional.of(14),
            Optional.of(33.0),
            true));
    products.add(
        farm,
        UUID.randomUUID(),
        "Store 2,4-D",
        new Label(
            "2,4-D",
            Label.Kind.GROWTH_REGULATOR,
            Optional.of(3.8),
            Optional.empty(),
            Optional.of(10.0),
            Optional.of(7),
            Optional.of(15),
            Optional.of(48),
            Optional.empty(),
            Optional.of(66.0),
            false));
  }
}
