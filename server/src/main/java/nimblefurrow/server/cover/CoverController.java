package nimblefurrow.server.cover;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.server.chain.Chains;
import nimblefurrow.server.chain.CoverDetails;
import nimblefurrow.server.chain.Link;
import nimblefurrow.server.chain.LinkKind;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.AskingOnly;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.season.Words;
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
@RequestMapping("/api/v1/cover")
class CoverController {
  /**
   * @param place 0 for the running cover, 1 for the one after the next cut
   * @param zone the one zone that it is for; null for the field
   */
  record Try(
      @NotNull UUID fieldId,
      @Maybe Integer place,
      @Maybe UUID zone,
      @NotNull @Valid CoverDetails candidate) {}

  record Keep(
      @NotNull @Valid CoverDetails cover,
      @Maybe Integer place,
      @Maybe UUID zone,
      @Maybe Integer version) {}

  /**
   * @param trouble why the cover that is kept cannot be worked out; then it is not told
   */
  record FieldCover(
      @Maybe CoverDetails cover,
      @Maybe String trouble,
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
  private final CoverKeeper keeper;
  private final Chains chains;
  private final Fields fields;
  private final CurrentFarm current;

  CoverController(
      Seasons seasons,
      CoverDesk desk,
      CoverKeeper keeper,
      Chains chains,
      Fields fields,
      CurrentFarm current) {
    this.keeper = keeper;
    this.fields = fields;
    this.seasons = seasons;
    this.desk = desk;
    this.chains = chains;
    this.current = current;
  }

  @GetMapping("/{fieldId}")
  FieldCover of(
      @PathVariable UUID fieldId,
      @RequestParam(required = false) Integer place,
      @RequestParam(required = false) UUID zone) {
    return view(seasons.one(current.id(), fieldId, zone), orRunning(place));
  }

  private static int orRunning(Integer place) {
    return place == null ? 0 : place;
  }

  @PostMapping("/try")
  @AskingOnly
  CoverDesk.CoverAnswer tried(@Valid @RequestBody Try asked) {
    asked.candidate().checked();
    OneField one = seasons.one(current.id(), asked.fieldId(), asked.zone());
    return desk.answer(one.day(), one.cover(orRunning(asked.place())), asked.candidate());
  }

  @PutMapping("/{fieldId}")
  FieldCover keep(@PathVariable UUID fieldId, @Valid @RequestBody Keep kept) {
    fields.hold(current.id(), fieldId);
    OneField one = seasons.one(current.id(), fieldId, kept.zone());
    FarmDay farm = one.day();
    FieldSeasons field = one.cover(orRunning(kept.place()));
    keeper.write(current.id(), farm, field, kept.zone(), kept.cover(), kept.version());
    OneField after = seasons.one(current.id(), fieldId, kept.zone());
    FieldSeasons now = after.cover(orRunning(kept.place()));
    now.broken()
        .ifPresent(
            broken -> {
              throw new OutOfRange("cover", broken.says());
            });
    desk.answer(after.day(), now, kept.cover()); // refuses what cannot be worked out
    return view(after, orRunning(kept.place()));
  }

  @DeleteMapping("/{fieldId}")
  void drop(
      @PathVariable UUID fieldId,
      @RequestParam(required = false) Integer place,
      @RequestParam(required = false) UUID zone) {
    FieldSeasons field = seasons.one(current.id(), fieldId, zone).cover(orRunning(place));
    if (field.clearing() != null && field.kept().isPresent()) {
      throw new Conflict(
          "another cover follows this one: take the cut out of the field's chain first");
    }
    if (field.now().field().cover().filter(c -> c.seeded() != null).isPresent()) {
      throw new Conflict("this cover is sown: it cannot be taken out of the plan any more");
    }
    field.kept().ifPresent(link -> chains.remove(current.id(), link.id()));
  }

  private static FieldCover view(OneField field, int place) {
    FieldSeasons f = field.cover(place);
    UnitSystem units = field.day().units();
    var next = f.now().field().next();
    return new FieldCover(
        f.cover().map(Link::cover).orElse(null),
        f.broken().map(b -> b.says().in(units)).orElse(null),
        f.kept().map(Link::version).orElse(null),
        Words.ground(f.crop()),
        f.crop().starts(),
        f.next(),
        next.planned(),
        f.now().field().cover().filter(c -> c.seeded() != null).isPresent(),
        f.crop().kind() == LinkKind.CUT,
        f.makesRoom(units).orElse(null),
        place,
        field.running().andAfter().stream()
            .map(o -> "after " + Words.ground(o.crop()).toLowerCase(Locale.ROOT))
            .toList());
  }
}
