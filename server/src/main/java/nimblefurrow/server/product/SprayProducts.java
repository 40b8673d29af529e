package nimblefurrow.server.product;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The farm's own products. */
@Component
public class SprayProducts {
  private static final int MOST = 200;

  /** A product with the figures of its label, as far as they were read. */
  public record ProductView(
      UUID id,
      String name,
      String active,
      Label.Kind kind,
      @Maybe Double poundsPerGallon,
      @Maybe Double rainFreeHours,
      @Maybe Double leastCarrier,
      @Maybe Integer plantBackCorn,
      @Maybe Integer plantBackSoybeans,
      @Maybe Integer reEntryHours,
      @Maybe Integer grazingDays,
      @Maybe Double bufferFt,
      boolean conditioned,
      int version) {
    public Label label() {
      return new Label(
          active,
          kind,
          Optional.ofNullable(poundsPerGallon),
          Optional.ofNullable(rainFreeHours),
          Optional.ofNullable(leastCarrier),
          Optional.ofNullable(plantBackCorn),
          Optional.ofNullable(plantBackSoybeans),
          Optional.ofNullable(reEntryHours),
          Optional.ofNullable(grazingDays),
          Optional.ofNullable(bufferFt),
          conditioned);
    }
  }

  private final JdbcClient database;

  SprayProducts(JdbcClient database) {
    this.database = database;
  }

  @Transactional(readOnly = true)
  public List<ProductView> all(UUID farm) {
    return database
        .sql("select * from spray_product where farm_id = ? order by lower(name)")
        .param(farm)
        .query(
            (row, n) ->
                new ProductView(
                    row.getObject("id", UUID.class),
                    row.getString("name"),
                    row.getString("active"),
                    Codes.read(Label.Kind.class, row.getString("kind")),
                    row.getObject("pounds_per_gallon", Double.class),
                    row.getObject("rain_free_hours", Double.class),
                    row.getObject("least_carrier", Double.class),
                    row.getObject("plant_back_corn", Integer.class),
                    row.getObject("plant_back_soybeans", Integer.class),
                    row.getObject("re_entry_hours", Integer.class),
                    row.getObject("grazing_days", Integer.class),
                    row.getObject("buffer_ft", Double.class),
                    row.getBoolean("conditioned"),
                    row.getInt("version")))
        .list();
  }

  public ProductView one(UUID farm, UUID id) {
    return all(farm).stream()
        .filter(p -> p.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new NotOnThisFarm("product"));
  }

  /** Keeps a product; sent twice it is kept once. */
  @Transactional
  public void add(UUID farm, UUID id, String name, Label label) {
    List<ProductView> known = all(farm);
    if (known.stream().anyMatch(p -> p.id().equals(id))) {
      return;
    }
    if (known.size() >= MOST) {
      throw new OutOfRange("products", "a farm keeps at most %d products".formatted(MOST));
    }
    try {
      database
          .sql(
              "insert into spray_product (id, farm_id, name, active, kind, pounds_per_gallon,"
                  + " rain_free_hours, least_carrier, plant_back_corn, plant_back_soybeans,"
                  + " re_entry_hours, grazing_days, buffer_ft, conditioned)"
                  + " values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)")
          .params(id, farm, name, label.active(), Codes.kept(label.kind()))
          .params(figures(label))
          .update();
    } catch (DuplicateKeyException taken) {
      throw new OutOfRange("name", "another product is called “%s”".formatted(name));
    }
  }

  @Transactional
  public void change(UUID farm, UUID id, String name, Label label, Integer version) {
    Conflict.refuseStale(one(farm, id).version(), version);
    try {
      database
          .sql(
              "update spray_product set name = ?, active = ?, kind = ?, pounds_per_gallon = ?,"
                  + " rain_free_hours = ?, least_carrier = ?, plant_back_corn = ?,"
                  + " plant_back_soybeans = ?, re_entry_hours = ?, grazing_days = ?, buffer_ft = ?,"
                  + " conditioned = ?,"
                  + " version = version + 1 where farm_id = ? and id = ?")
          .params(name, label.active(), Codes.kept(label.kind()))
          .params(figures(label))
          .params(farm, id)
          .update();
    } catch (DuplicateKeyException taken) {
      throw new OutOfRange("name", "another product is called “%s”".formatted(name));
    }
  }

  private static List<Object> figures(Label l) {
    List<Object> all = new java.util.ArrayList<>();
    all.add(l.poundsPerGallon().orElse(null));
    all.add(l.rainFreeHours().orElse(null));
    all.add(l.leastCarrier().orElse(null));
    all.add(l.plantBackCorn().orElse(null));
    all.add(l.plantBackSoybeans().orElse(null));
    all.add(l.reEntryHours().orElse(null));
    all.add(l.grazingDays().orElse(null));
    all.add(l.bufferFt().orElse(null));
    all.add(l.conditioned());
    return all;
  }

  @Transactional
  public void remove(UUID farm, UUID id) {
    one(farm, id);
    database
        .sql("delete from spray_product where farm_id = ? and id = ?")
        .params(farm, id)
        .update();
  }
}
