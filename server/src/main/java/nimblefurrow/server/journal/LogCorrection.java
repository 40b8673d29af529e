package nimblefurrow.server.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A word on an entry, written after it; the last one holds. */
@Entity
@Table(name = "log_correction")
class LogCorrection implements Persistable<UUID> {
  @Id UUID id;

  /** The order in which corrections were written, counted by the database. */
  @Column(insertable = false, updatable = false)
  Long seq;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "entry_id")
  UUID entryId;

  String kind;
  String reason;

  @Column(name = "by_name")
  String byName;

  protected LogCorrection() {}

  LogCorrection(UUID farmId, UUID entryId, Journal.NewCorrection said) {
    this.id = said.id();
    this.farmId = farmId;
    this.entryId = entryId;
    this.kind = said.kind().code();
    this.reason = said.reason() == null ? "" : said.reason().strip();
    this.byName = said.by();
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return seq == null;
  }
}
