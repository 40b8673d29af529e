package nimblefurrow.server.land;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.land.MarkKind;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.land.Marks.MarkView;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The map: all fields, farmsteads and marks at once; fields drawn, redrawn, cut and joined. */
@RestController
@RequestMapping("/api/v1/land")
class LandController {
  record LandMap(
      List<FieldView> fields,
      List<Fields.Stead> farmsteads,
      List<MarkView> marks,
      List<KindView> kinds,
      @Maybe String undo) {}

  record KindView(MarkKind kind, String words, double keepAwayFt, MarkKind.Drawn drawn) {}

  record Draw(@NotBlank @Size(max = 80) String name, @NotBlank @Size(max = 900_000) String shape) {}

  record Shape(@NotBlank @Size(max = 900_000) String shape, @Maybe Integer version) {}

  record Split(@NotBlank @Size(max = 200_000) String line, @NotBlank @Size(max = 80) String name) {}

  record Join(@NotNull UUID other) {}

  record Undone(@Maybe String said) {}

  private final LandDesk desk;
  private final Fields fields;
  private final Marks marks;
  private final FarmFigures figures;
  private final CurrentFarm current;

  LandController(
      LandDesk desk, Fields fields, Marks marks, FarmFigures figures, CurrentFarm current) {
    this.figures = figures;
    this.desk = desk;
    this.fields = fields;
    this.marks = marks;
    this.current = current;
  }

  @GetMapping
  LandMap map() {
    UUID farm = current.id();
    Figures own = figures.of(farm);
    return new LandMap(
        fields.all(farm),
        fields.farmsteads(farm),
        marks.all(farm),
        Arrays.stream(MarkKind.values())
            .map(k -> new KindView(k, k.words(), k.keepAway(own).feet(), k.drawn()))
            .toList(),
        desk.next(farm).orElse(null));
  }

  @PostMapping
  FieldView draw(@Valid @RequestBody Draw drawn) {
    return desk.draw(current.id(), drawn.name().strip(), Drawn.shape(drawn.shape()));
  }

  @PutMapping("/{id}/boundary")
  FieldView redraw(@PathVariable UUID id, @Valid @RequestBody Shape drawn) {
    fields.refuseOlder(current.id(), id, drawn.version());
    return desk.redraw(current.id(), id, Drawn.shape(drawn.shape()));
  }

  @PostMapping("/{id}/hole")
  FieldView hole(@PathVariable UUID id, @Valid @RequestBody Shape drawn) {
    fields.refuseOlder(current.id(), id, drawn.version());
    return desk.hole(current.id(), id, Drawn.as(Polygon.class, drawn.shape(), "a closed outline"));
  }

  @PostMapping("/{id}/split")
  List<FieldView> split(@PathVariable UUID id, @Valid @RequestBody Split asked) {
    LineString line = Drawn.as(LineString.class, asked.line(), "a line");
    return desk.split(current.id(), id, line, asked.name().strip());
  }

  @PostMapping("/{id}/join")
  FieldView join(@PathVariable UUID id, @Valid @RequestBody Join asked) {
    return desk.merge(current.id(), id, asked.other());
  }

  @PostMapping("/undo")
  Undone undo() {
    return new Undone(desk.undo(current.id()).orElse(null));
  }
}
