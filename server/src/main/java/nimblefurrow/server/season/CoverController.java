package nimblefurrow.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.farm.Chains;
import nimblefurrow.server.farm.Chains.Link;
import nimblefurrow.server.farm.CoverDetails;
import nimblefurrow.server.farm.LinkKind;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.Maybe;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Choosing a cover: try candidates, see what each means, keep one. */
@RestController
@RequestMapping("/api/cover")
class CoverController {
  /**
   * @param place 0 for the running cover, 1 for the one after the next cut
   */
  record Try(@NotNull UUID fieldId, @Maybe Integer place, @NotNull @Valid CoverDetails candidate) {}

  record Keep(@NotNull @Valid CoverDetails cover, @Maybe Integer place, @Maybe Integer version) {}

  record FieldCover(
      @Maybe CoverDetails cover,
      @Maybe Integer version,
      String crop,
      LocalDate planted,
      String next,
      LocalDate nextPlanned,
      boolean sown,
      boolean afterCut,
      @Maybe String makesRoom,
      int place,
      List<String> places) {}

  private final Seasons seasons;
  private final CoverDesk desk;
  private final Chains chains;
  private final CurrentFarm current;

  CoverController(Seasons seasons, CoverDesk desk, Chains chains, CurrentFarm current) {
    this.seasons = seasons;
    this.desk = desk;
    this.chains = chains;
    this.current = current;
  }

  @GetMapping("/{fieldId}")
  FieldCover of(@PathVariable UUID fieldId, @RequestParam(required = false) Integer place) {
    return view(seasons.one(current.id(), fieldId), orRunning(place));
  }

  private static int orRunning(Integer place) {
    return place == null ? 0 : place;
  }

  @PostMapping("/try")
  CoverDesk.CoverAnswer tried(@Valid @RequestBody Try asked) {
    Seasons.FarmSeason farm = seasons.one(current.id(), asked.fieldId());
    return desk.answer(farm, farm.onlyField(orRunning(asked.place())), asked.candidate());
  }

  @PutMapping("/{fieldId}")
  FieldCover keep(@PathVariable UUID fieldId, @Valid @RequestBody Keep kept) {
    Seasons.FarmSeason farm = seasons.one(current.id(), fieldId);
    FieldSeasons field = farm.onlyField(orRunning(kept.place()));
    refuseStale(field.cover(), kept.version());
    if (field.now().field().cover().filter(c -> c.seeded() != null).isPresent()
        && !field
            .cover()
            .orElseThrow()
            .cover()
            .mix(farm.catalogue())
            .equals(kept.cover().mix(farm.catalogue()))) {
      throw new Conflict(
          "this cover is sown: what was sown stands in the logbook; its end can still be changed");
    }
    LocalDate starts = chains.placeAfter(current.id(), fieldId, field.crop().id());
    chains.putCover(current.id(), fieldId, starts, kept.cover(), field.cover());
    return of(fieldId, kept.place());
  }

  @DeleteMapping("/{fieldId}")
  void drop(@PathVariable UUID fieldId, @RequestParam(required = false) Integer place) {
    FieldSeasons field = seasons.one(current.id(), fieldId).onlyField(orRunning(place));
    if (field.clearing() != null && field.cover().isPresent()) {
      throw new Conflict(
          "another cover follows this one: take the cut out of the field's chain first");
    }
    if (field.now().field().cover().filter(c -> c.seeded() != null).isPresent()) {
      throw new Conflict("this cover is sown: it cannot be taken out of the plan any more");
    }
    field.cover().ifPresent(link -> chains.remove(current.id(), link.id()));
  }

  private static void refuseStale(Optional<Link> cover, Integer version) {
    if (cover.isPresent() && (version == null || version != cover.get().version())) {
      throw new Conflict(
          "someone else has changed this cover meanwhile: load it again, then repeat your change");
    }
  }

  private static FieldCover view(Seasons.FarmSeason farm, int place) {
    FieldSeasons f = farm.onlyField(place);
    UnitSystem units = farm.farm().units();
    var next = f.now().field().next();
    return new FieldCover(
        f.cover().map(Link::cover).orElse(null),
        f.cover().map(Link::version).orElse(null),
        Words.ground(f.crop()),
        f.crop().starts(),
        f.next(),
        next.planned(),
        f.now().field().cover().filter(c -> c.seeded() != null).isPresent(),
        f.crop().kind() == LinkKind.CUT,
        f.makesRoom(units).orElse(null),
        place,
        farm.onlyField().andAfter().stream()
            .map(o -> "after " + Words.ground(o.crop()).toLowerCase(Locale.ROOT))
            .toList());
  }
}
