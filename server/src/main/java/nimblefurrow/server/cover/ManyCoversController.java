package nimblefurrow.server.cover;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Keeps covers of many fields; one that cannot be kept leaves the others as they are. */
@RestController
@RequestMapping("/api/v1/cover/many")
class ManyCoversController {
  private static final int MOST_FIELDS = 1000;

  /**
   * @param version of the cover that it takes the place of, as it was read; none where there was
   *     none
   */
  record FieldCoverForm(
      @NotNull UUID fieldId, @NotNull @Valid CoverDetails cover, @Maybe Integer version) {}

  record ManyCoversForm(
      @NotEmpty @Size(max = MOST_FIELDS) List<@NotNull @Valid FieldCoverForm> covers) {}

  /**
   * @param refused why the field's cover is as it was
   */
  record CoverKept(UUID fieldId, String field, @Maybe String refused) {}

  private final Seasons seasons;
  private final SeedNeeds desk;
  private final CoverKeeper keeper;
  private final Fields fields;
  private final CurrentFarm current;

  ManyCoversController(
      Seasons seasons, SeedNeeds desk, CoverKeeper keeper, Fields fields, CurrentFarm current) {
    this.seasons = seasons;
    this.desk = desk;
    this.keeper = keeper;
    this.fields = fields;
    this.current = current;
  }

  @PutMapping
  List<CoverKept> keep(@Valid @RequestBody ManyCoversForm form) {
    UUID farm = current.id();
    form.covers().stream()
        .map(FieldCoverForm::fieldId)
        .sorted()
        .forEach(id -> fields.hold(farm, id));
    FarmSeason season = seasons.needed(farm);
    List<CoverKept> told = new ArrayList<>();
    for (FieldCoverForm one : form.covers()) {
      FieldSeasons field = season.field(one.fieldId());
      told.add(
          new CoverKept(one.fieldId(), field.field().name(), refusal(season.day(), field, one)));
    }
    return told;
  }

  /** Checks first, then writes: what is refused has written nothing. */
  private String refusal(FarmDay day, FieldSeasons field, FieldCoverForm form) {
    try {
      form.cover().checked();
      desk.seed(day, field, form.cover());
      keeper.write(current.id(), day, field, null, form.cover(), form.version());
      return null;
    } catch (OutOfRange refused) {
      return refused.in(day.units());
    } catch (Conflict refused) {
      return refused.getMessage();
    }
  }
}
