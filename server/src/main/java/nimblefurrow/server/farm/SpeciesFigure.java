package nimblefurrow.server.farm;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "species_figure")
class SpeciesFigure {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String species;
  String figure;

  @Column(name = "\"value\"")
  double value;

  protected SpeciesFigure() {}

  SpeciesFigure(UUID farmId, String species, String figure) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.species = species;
    this.figure = figure;
  }
}
