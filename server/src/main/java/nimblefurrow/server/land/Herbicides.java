package nimblefurrow.server.land;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.seeding.Restriction;
import nimblefurrow.server.field.Fields;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.codes.Codes;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Herbicides that were put on a field, with what their labels keep out and for how long. */
@Service
public class Herbicides {
  public record UseView(
      UUID id,
      UUID fieldId,
      String active,
      LocalDate appliedOn,
      int days,
      LocalDate until,
      List<Family> families,
      List<String> species) {
    public Restriction restriction() {
      return new Restriction(active, appliedOn, days, Set.copyOf(families), Set.copyOf(species));
    }
  }

  private final HerbicideUses uses;
  private final Fields fields;

  Herbicides(HerbicideUses uses, Fields fields) {
    this.uses = uses;
    this.fields = fields;
  }

  @Transactional(readOnly = true)
  public List<UseView> of(UUID farmId, UUID fieldId) {
    fields.one(farmId, fieldId);
    return uses.findByFarmIdAndFieldIdOrderByAppliedOnDesc(farmId, fieldId).stream()
        .map(Herbicides::view)
        .toList();
  }

  /** What was put on any field of the farm, by field. */
  @Transactional(readOnly = true)
  public Map<UUID, List<UseView>> all(UUID farmId) {
    return uses.findByFarmIdOrderByAppliedOnDesc(farmId).stream()
        .map(Herbicides::view)
        .collect(Collectors.groupingBy(UseView::fieldId));
  }

  @Transactional
  public UseView add(UUID farmId, UUID fieldId, Restriction typed) {
    fields.one(farmId, fieldId);
    if (typed.families().isEmpty() && typed.species().isEmpty()) {
      throw new OutOfRange(
          "what it keeps out", "name at least one species or kind that the label keeps out");
    }
    typed.species().forEach(Catalogue.shipped()::species);
    HerbicideUse use = new HerbicideUse(farmId, fieldId);
    use.active = typed.active().strip();
    use.appliedOn = typed.applied();
    use.days = typed.days();
    use.families = typed.families().stream().sorted().map(Codes::kept).toList();
    use.species = typed.species().stream().sorted().toList();
    return view(uses.save(use));
  }

  @Transactional
  public void remove(UUID farmId, UUID id) {
    uses.delete(
        uses.findByFarmIdAndId(farmId, id).orElseThrow(() -> new NotOnThisFarm("herbicide")));
  }

  private static UseView view(HerbicideUse u) {
    return new UseView(
        u.id,
        u.fieldId,
        u.active,
        u.appliedOn,
        u.days,
        u.appliedOn.plusDays(u.days),
        u.families.stream().map(f -> Codes.read(Family.class, f)).toList(),
        u.species);
  }
}
