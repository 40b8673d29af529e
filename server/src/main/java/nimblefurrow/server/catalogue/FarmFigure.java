package nimblefurrow.server.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import nimblefurrow.core.figures.FigureId;

/** One figure that a farm has changed. */
@Entity
@Table(name = "farm_figure")
class FarmFigure {
  @Id UUID id;

  @Column(name = "farm_id")
  UUID farmId;

  String sheet;
  String line;

  @Column(name = "\"column\"")
  String column;

  @Column(name = "\"value\"")
  double value;

  protected FarmFigure() {}

  FarmFigure(UUID farmId, FigureId figure) {
    this.id = UUID.randomUUID();
    this.farmId = farmId;
    this.sheet = figure.sheet();
    this.line = figure.row();
    this.column = figure.column();
  }

  FigureId figure() {
    return new FigureId(sheet, line, column);
  }
}
