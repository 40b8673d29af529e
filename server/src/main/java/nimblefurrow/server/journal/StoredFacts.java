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
import nimblefurrow.core.scouting.Quadrats;
import nimblefurrow.server.platform.Codes;

/** Each kind of fact as a row keeps it: only what the kind has is filled in. */
final class StoredFacts implements FactReader<StoredEntry> {
  private static StoredEntry row(
      String route,
      String stage,
      String species,
      Quadrats frames,
      Double yieldPerAcre,
      StoredLook look) {
    return new StoredEntry(
        null,
        null,
        route,
        stage,
        species,
        null,
        null,
        null,
        frames == null ? null : frames.frameSquareFeet(),
        frames == null ? null : frames.dryGrams(),
        yieldPerAcre,
        look,
        null,
        null);
  }

  private static StoredEntry nothing() {
    return seen(null);
  }

  private static StoredEntry seen(StoredLook look) {
    return row(null, null, null, null, null, look);
  }

  @Override
  public StoredEntry disced(Disced fact) {
    return nothing();
  }

  @Override
  public StoredEntry sown(Sown fact) {
    return nothing();
  }

  @Override
  public StoredEntry slurrySpread(SlurrySpread fact) {
    return nothing();
  }

  @Override
  public StoredEntry cutForForage(CutForForage fact) {
    return nothing();
  }

  @Override
  public StoredEntry terminated(Terminated fact) {
    return row(fact.way().map(Codes::kept).orElse(null), null, null, null, null, null);
  }

  @Override
  public StoredEntry harvested(Harvested fact) {
    return row(null, null, null, null, fact.yieldPerAcre().orElse(null), null);
  }

  @Override
  public StoredEntry cropStageSeen(CropStageSeen fact) {
    return row(null, Codes.kept(fact.stage()), null, null, null, null);
  }

  @Override
  public StoredEntry stemsCounted(StemsCounted fact) {
    return new StoredEntry(
        null,
        null,
        null,
        null,
        fact.species().orElse(null),
        fact.spots(),
        fact.stems(),
        fact.past(),
        null,
        null,
        null,
        fact.where().isEmpty() ? null : StoredLook.places(fact.where()),
        fact.eye().orElse(null),
        null);
  }

  @Override
  public StoredEntry clipped(Clipped fact) {
    return row(null, null, null, fact.frames(), null, null);
  }

  @Override
  public StoredEntry standCounted(StandCounted fact) {
    return row(
        null,
        null,
        fact.species().orElse(null),
        null,
        null,
        StoredLook.plants(
            fact.count().plants(),
            fact.count().squareFeet(),
            fact.count().stemsPerPlant().orElse(null),
            fact.where()));
  }

  @Override
  public StoredEntry wintered(Wintered fact) {
    return row(
        null,
        null,
        fact.species().orElse(null),
        null,
        null,
        StoredLook.alive(fact.alive(), fact.looked()));
  }

  @Override
  public StoredEntry heightRead(HeightRead fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntry groundCoverRead(GroundCoverRead fact) {
    return seen(StoredLook.of(fact.readings()).from(fact.photo() ? true : null, null));
  }

  @Override
  public StoredEntry lightRead(LightRead fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntry soilFelt(SoilFelt fact) {
    return seen(StoredLook.felt(Codes.kept(fact.feel())));
  }

  @Override
  public StoredEntry rutsRead(RutsRead fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntry weedsScored(WeedsScored fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntry pestsCounted(PestsCounted fact) {
    return seen(StoredLook.of(fact.readings()).of(Codes.kept(fact.pest())));
  }

  @Override
  public StoredEntry killRated(KillRated fact) {
    return seen(StoredLook.of(fact.readings()));
  }

  @Override
  public StoredEntry nitrogenNoted(NitrogenNoted fact) {
    return seen(StoredLook.of(fact.readings()).from(null, fact.tested()));
  }

  /** Never written anew: only what a row cannot mean is unclear. */
  @Override
  public StoredEntry unclear(Unclear fact) {
    throw new IllegalArgumentException(fact.why());
  }
}
