package nimblefurrow.server.order;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;

@Entity
@Table(name = "seed_offer")
class SeedOffer {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String species;
  String dealer = "";

  @Column(name = "pack_pounds")
  double packPounds;

  @Column(name = "price_per_pound")
  double pricePerPound;

  protected SeedOffer() {}

  SeedOffer(UUID farmId, String species) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.species = species;
  }
}
