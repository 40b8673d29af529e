package nimblefurrow.server.chain;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.annotations.OptimisticLock;
import org.hibernate.type.SqlTypes;

@Entity
@Table(name = "chain_link")
class LinkRow {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  @Column(name = "field_id")
  UUID fieldId;

  @Enumerated(EnumType.STRING)
  LinkKind kind;

  LocalDate starts;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredCrop crop;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredCover cover;

  @JdbcTypeCode(SqlTypes.JSON)
  StoredCut cut;

  /** Of a cover: the one zone that it is for; null for the whole field. */
  @Column(name = "zone_id")
  UUID zoneId;

  /** Its place in the field's chain, from 0; a link that is taken out has none. */
  @OptimisticLock(excluded = true)
  Integer place;

  /** Taken out of the chain, but kept for what was logged of it. */
  boolean retired;

  @Version int version;

  protected LinkRow() {}

  LinkRow(
      UUID farmId,
      UUID fieldId,
      LocalDate starts,
      CropDetails crop,
      CoverDetails cover,
      CutDetails cut) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.fieldId = fieldId;
    this.kind = crop != null ? LinkKind.CROP : cover != null ? LinkKind.COVER : LinkKind.CUT;
    this.starts = starts;
    this.crop = crop == null ? null : StoredCrop.of(crop);
    this.cover = cover == null ? null : StoredCover.of(cover);
    this.cut = cut == null ? null : StoredCut.of(cut);
  }

  CropDetails cropDetails() {
    return crop == null ? null : crop.details();
  }

  CoverDetails coverDetails() {
    return cover == null ? null : cover.details();
  }

  CutDetails cutDetails() {
    return cut == null ? null : cut.details();
  }
}
