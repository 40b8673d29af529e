package nimblefurrow.server.termination;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The day on which the crops after covers are planted, moved from where covers are ended. */
@RestController
@RequestMapping("/api/v1/termination/planting")
class PlantingController {
  private static final int MOST_FIELDS = 1000;

  private final Seasons seasons;
  private final Fields fields;
  private final Chains chains;
  private final CurrentFarm current;

  PlantingController(Seasons seasons, Fields fields, Chains chains, CurrentFarm current) {
    this.seasons = seasons;
    this.fields = fields;
    this.chains = chains;
    this.current = current;
  }

  record PlantingForm(
      @NotNull LocalDate day,
      @NotEmpty @Size(max = MOST_FIELDS) List<@NotNull @Valid CoverAsked> fields) {}

  /** Another day of planting for the crops that follow; one that cannot move leaves the others. */
  @PutMapping
  List<CoverKept> plantOn(@Valid @RequestBody PlantingForm form) {
    UUID farm = current.id();
    FarmSeason season = seasons.needed(farm);
    List<CoverKept> told = new ArrayList<>();
    for (UUID id : form.fields().stream().map(CoverAsked::fieldId).distinct().sorted().toList()) {
      fields.hold(farm, id);
      FieldSeasons field = season.field(id);
      told.add(
          new CoverKept(
              id, field.field().name(), moved(farm, field, form.day(), season.day().units())));
    }
    return told;
  }

  private String moved(UUID farm, FieldSeasons field, LocalDate day, UnitSystem units) {
    Optional<Link> crop = field.nextCrop();
    if (crop.isEmpty()) {
      return "no crop is entered after this cover: enter it under Fields, Crops";
    }
    return chains
        .replant(farm, crop.get(), day)
        .map(refused -> refused instanceof OutOfRange far ? far.in(units) : refused.getMessage())
        .orElse(null);
  }
}
