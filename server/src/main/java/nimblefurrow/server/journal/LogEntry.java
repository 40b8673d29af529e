package nimblefurrow.server.journal;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.journal.Entry;
import nimblefurrow.core.journal.noted.Noted;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "log_entry")
class LogEntry implements Persistable<UUID> {
  @Id UUID id;

  /** The order in which entries were written, counted by the database. */
  @Column(insertable = false, updatable = false)
  Long seq;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "field_id")
  UUID fieldId;

  @Column(name = "link_id")
  UUID linkId;

  /** The one zone that was looked at or worked; null for the whole field. */
  @Column(name = "zone_id")
  UUID zoneId;

  EntryKind kind;

  @Column(name = "happened_on")
  LocalDate happenedOn;

  @Column(name = "machine_id")
  UUID machineId;

  Double acres;
  Double pounds;
  String lot = "";
  String note = "";

  @Column(name = "by_name")
  String byName = "";

  @Column(name = "by_user")
  UUID byUser;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredEntry details;

  protected LogEntry() {}

  LogEntry(UUID farmId, Journal.NewEntry e) {
    Noted noted = e.noted();
    this.id = e.id();
    this.farmId = farmId;
    this.fieldId = e.fieldId();
    this.linkId = e.linkId();
    this.zoneId = noted.part().orElse(null);
    this.kind = e.kind();
    this.happenedOn = noted.day();
    this.machineId = noted.machine().orElse(null);
    this.acres = noted.acres().orElse(null);
    this.pounds = noted.pounds().orElse(null);
    this.lot = noted.lot();
    this.note = noted.note();
    this.byName = noted.by();
    this.byUser = e.byUser();
    this.details = StoredEntry.of(e.fact(), e.settles(), noted.weather());
  }

  Entry entry() {
    return new Entry(
        id,
        fieldId,
        linkId,
        new Noted(
            happenedOn,
            Optional.ofNullable(zoneId),
            Optional.ofNullable(machineId),
            Optional.ofNullable(acres),
            Optional.ofNullable(pounds),
            lot == null ? "" : lot,
            note == null ? "" : note,
            byName,
            details.sky()),
        details.fact(kind));
  }

  @Override
  public UUID getId() {
    return id;
  }

  /** A row that the database has not numbered is written anew, never over another. */
  @Override
  public boolean isNew() {
    return seq == null;
  }
}
