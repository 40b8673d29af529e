package nimblefurrow.server.seed;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "seed_lot")
class SeedLot {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String species;
  String name;
  double purity;
  double germination;

  @Column(name = "hard_seed")
  double hardSeed;

  @Column(name = "tested_on")
  LocalDate testedOn;

  double pounds;

  @Column(name = "bin_run")
  boolean binRun;

  boolean untreated;
  boolean organic;
  String dealer = "";

  /** No longer in the store, but kept for its papers and for what was sown of it. */
  boolean retired;

  @Version int version;

  protected SeedLot() {}

  SeedLot(UUID farmId) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
  }
}
