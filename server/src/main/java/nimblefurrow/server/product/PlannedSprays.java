package nimblefurrow.server.product;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblefurrow.core.termination.hours.SprayNeed;
import nimblefurrow.core.termination.spray.TankLabels;
import nimblefurrow.server.product.SprayProducts.ProductView;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a cover is to be sprayed with: chosen once, asked by whoever tells of hours, papers or the
 * day's work, so that nobody types a label's figures twice.
 */
@Component
public class PlannedSprays {
  /** Products of a cover, one or two. */
  public record Planned(ProductView product, Optional<ProductView> partner) {
    private Stream<ProductView> all() {
      return Stream.concat(Stream.of(product), partner.stream());
    }

    /** What they want of an hour. */
    public List<SprayNeed> needs() {
      return all().map(p -> SprayNeed.of(p.label())).toList();
    }

    /** As they are called: "Clearfield, with Burnwell". */
    public String words() {
      return all().map(ProductView::name).collect(Collectors.joining(", with "));
    }

    /** Their labels, of which the strictest binds. */
    public TankLabels labels() {
      return new TankLabels(all().map(ProductView::label).toList());
    }
  }

  private final JdbcClient database;
  private final SprayProducts products;

  PlannedSprays(JdbcClient database, SprayProducts products) {
    this.database = database;
    this.products = products;
  }

  /** What is planned on a farm, by cover. */
  @Transactional(readOnly = true)
  public Map<UUID, Planned> all(UUID farm) {
    Map<UUID, ProductView> known =
        products.all(farm).stream().collect(Collectors.toMap(ProductView::id, p -> p));
    Map<UUID, Planned> all = new HashMap<>();
    database
        .sql("select link_id, product_id, partner_id from planned_spray where farm_id = ?")
        .param(farm)
        .query(
            row -> {
              all.put(
                  row.getObject(1, UUID.class),
                  new Planned(
                      known.get(row.getObject(2, UUID.class)),
                      Optional.ofNullable(row.getObject(3, UUID.class)).map(known::get)));
            });
    return all;
  }

  /**
   * Plans a cover's spray.
   *
   * @param partner null: none
   */
  @Transactional
  public void plan(UUID farm, UUID cover, UUID product, UUID partner) {
    products.one(farm, product);
    if (partner != null) {
      products.one(farm, partner);
    }
    database
        .sql(
            "insert into planned_spray (farm_id, link_id, product_id, partner_id) values (?, ?, ?, ?)"
                + " on conflict (link_id) do update set product_id = excluded.product_id,"
                + " partner_id = excluded.partner_id where planned_spray.farm_id = excluded.farm_id")
        .params(farm, cover, product, partner)
        .update();
  }
}
