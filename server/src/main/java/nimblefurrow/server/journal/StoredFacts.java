package nimblefurrow.server.journal;

import nimblefurrow.core.journal.Clipped;
import nimblefurrow.core.journal.CropStageSeen;
import nimblefurrow.core.journal.CutForForage;
import nimblefurrow.core.journal.Disced;
import nimblefurrow.core.journal.FactReader;
import nimblefurrow.core.journal.GroundCoverRead;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.journal.HeightRead;
import nimblefurrow.core.journal.KillRated;
import nimblefurrow.core.journal.LightRead;
import nimblefurrow.core.journal.NitrogenNoted;
import nimblefurrow.core.journal.PestsCounted;
import nimblefurrow.core.journal.RutsRead;
import nimblefurrow.core.journal.SlurrySpread;
import nimblefurrow.core.journal.SoilFelt;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.StandCounted;
import nimblefurrow.core.journal.StemsCounted;
import nimblefurrow.core.journal.Terminated;
import nimblefurrow.core.journal.Unclear;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.journal.Wintered;
import nimblefurrow.server.platform.codes.Codes;

/** Each kind of fact as a row keeps it: only what the kind has is filled in. */
final class StoredFacts implements FactReader<StoredEntryBuilder> {
  private static StoredEntryBuilder row() {
    return StoredEntryBuilder.builder();
  }

  private static StoredEntryBuilder seen(StoredLookBuilder look) {
    return row().look(look.build());
  }

  @Override
  public StoredEntryBuilder disced(Disced fact) {
    return row();
  }

  @Override
  public StoredEntryBuilder sown(Sown fact) {
    return row();
  }

  @Override
  public StoredEntryBuilder slurrySpread(SlurrySpread fact) {
    return row();
  }

  @Override
  public StoredEntryBuilder cutForForage(CutForForage fact) {
    return row();
  }

  @Override
  public StoredEntryBuilder terminated(Terminated fact) {
    return row().route(fact.way().map(Codes::kept).orElse(null));
  }

  @Override
  public StoredEntryBuilder harvested(Harvested fact) {
    return row().yieldPerAcre(fact.yieldPerAcre().orElse(null));
  }

  @Override
  public StoredEntryBuilder cropStageSeen(CropStageSeen fact) {
    return row().stage(Codes.kept(fact.stage()));
  }

  @Override
  public StoredEntryBuilder stemsCounted(StemsCounted fact) {
    return row()
        .species(fact.species().orElse(null))
        .spots(fact.spots())
        .stems(fact.stems())
        .past(fact.past())
        .eye(fact.eye().orElse(null))
        .look(
            fact.where().isEmpty()
                ? null
                : StoredLookBuilder.builder().spots(StoredLook.kept(fact.where())).build());
  }

  @Override
  public StoredEntryBuilder clipped(Clipped fact) {
    return row()
        .frameSquareFeet(fact.frames().frameSquareFeet())
        .dryGrams(fact.frames().dryGrams());
  }

  @Override
  public StoredEntryBuilder standCounted(StandCounted fact) {
    return seen(StoredLookBuilder.builder()
            .plants(fact.count().plants())
            .squareFeet(fact.count().squareFeet())
            .stemsPerPlant(fact.count().stemsPerPlant().orElse(null))
            .spots(StoredLook.kept(fact.where())))
        .species(fact.species().orElse(null));
  }

  @Override
  public StoredEntryBuilder wintered(Wintered fact) {
    return seen(StoredLookBuilder.builder().alive(fact.alive()).looked(fact.looked()))
        .species(fact.species().orElse(null));
  }

  @Override
  public StoredEntryBuilder heightRead(HeightRead fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntryBuilder groundCoverRead(GroundCoverRead fact) {
    return seen(StoredLook.of(fact.readings()).photo(fact.photo() ? true : null));
  }

  @Override
  public StoredEntryBuilder lightRead(LightRead fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntryBuilder soilFelt(SoilFelt fact) {
    return seen(StoredLookBuilder.builder().feel(Codes.kept(fact.feel())));
  }

  @Override
  public StoredEntryBuilder rutsRead(RutsRead fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntryBuilder weedsScored(WeedsScored fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntryBuilder pestsCounted(PestsCounted fact) {
    return seen(StoredLook.of(fact.readings()).pest(Codes.kept(fact.pest())));
  }

  @Override
  public StoredEntryBuilder killRated(KillRated fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntryBuilder nitrogenNoted(NitrogenNoted fact) {
    return seen(StoredLook.of(fact.readings()).tested(fact.tested()));
  }

  /** Never written anew: only what a row cannot mean is unclear. */
  @Override
  public StoredEntryBuilder unclear(Unclear fact) {
    throw new IllegalArgumentException(fact.why());
  }
}
