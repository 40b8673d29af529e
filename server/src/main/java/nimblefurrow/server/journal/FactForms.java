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
import nimblefurrow.server.journal.ActForm.DiscedForm;
import nimblefurrow.server.journal.ActForm.ForageCutForm;
import nimblefurrow.server.journal.ActForm.HarvestedForm;
import nimblefurrow.server.journal.ActForm.SlurryForm;
import nimblefurrow.server.journal.ActForm.SownForm;
import nimblefurrow.server.journal.ActForm.TerminatedForm;
import nimblefurrow.server.journal.SightingForm.ClippedForm;
import nimblefurrow.server.journal.SightingForm.CropStageForm;
import nimblefurrow.server.journal.SightingForm.GroundCoverForm;
import nimblefurrow.server.journal.SightingForm.HeightForm;
import nimblefurrow.server.journal.SightingForm.KillForm;
import nimblefurrow.server.journal.SightingForm.LightForm;
import nimblefurrow.server.journal.SightingForm.NitrogenForm;
import nimblefurrow.server.journal.SightingForm.PestsForm;
import nimblefurrow.server.journal.SightingForm.RutsForm;
import nimblefurrow.server.journal.SightingForm.SoilForm;
import nimblefurrow.server.journal.SightingForm.StandForm;
import nimblefurrow.server.journal.SightingForm.StemsForm;
import nimblefurrow.server.journal.SightingForm.WeedsForm;
import nimblefurrow.server.journal.SightingForm.WinteredForm;

/** Each kind of fact as it is shown. */
public final class FactForms implements FactReader<FactForm> {

  @Override
  public FactForm disced(Disced fact) {
    return new DiscedForm();
  }

  @Override
  public FactForm sown(Sown fact) {
    return new SownForm();
  }

  @Override
  public FactForm slurrySpread(SlurrySpread fact) {
    return new SlurryForm();
  }

  @Override
  public FactForm cutForForage(CutForForage fact) {
    return new ForageCutForm();
  }

  @Override
  public FactForm terminated(Terminated fact) {
    return new TerminatedForm(fact.way().orElse(null));
  }

  @Override
  public FactForm harvested(Harvested fact) {
    return new HarvestedForm(fact.yieldPerAcre().orElse(null));
  }

  @Override
  public FactForm cropStageSeen(CropStageSeen fact) {
    return new CropStageForm(fact.stage());
  }

  @Override
  public FactForm stemsCounted(StemsCounted fact) {
    return new StemsForm(
        fact.species().orElse(null),
        fact.spots(),
        fact.stems(),
        fact.past(),
        SpotForm.of(fact.where()));
  }

  @Override
  public FactForm clipped(Clipped fact) {
    return new ClippedForm(fact.frames().frameSquareFeet(), fact.frames().dryGrams());
  }

  @Override
  public FactForm standCounted(StandCounted fact) {
    return new StandForm(
        fact.species().orElse(null),
        fact.count().plants(),
        fact.count().squareFeet(),
        fact.count().stemsPerPlant().orElse(null),
        SpotForm.of(fact.where()));
  }

  @Override
  public FactForm wintered(Wintered fact) {
    return new WinteredForm(fact.species().orElse(null), fact.alive(), fact.looked());
  }

  @Override
  public FactForm heightRead(HeightRead fact) {
    return new HeightForm(fact.readings().bySpot(), SpotForm.of(fact.readings().where()));
  }

  @Override
  public FactForm groundCoverRead(GroundCoverRead fact) {
    return new GroundCoverForm(
        fact.readings().bySpot(), SpotForm.of(fact.readings().where()), fact.photo());
  }

  @Override
  public FactForm lightRead(LightRead fact) {
    return new LightForm(fact.readings().bySpot(), SpotForm.of(fact.readings().where()));
  }

  @Override
  public FactForm soilFelt(SoilFelt fact) {
    return new SoilForm(fact.feel());
  }

  @Override
  public FactForm rutsRead(RutsRead fact) {
    return new RutsForm(fact.readings().bySpot(), SpotForm.of(fact.readings().where()));
  }

  @Override
  public FactForm weedsScored(WeedsScored fact) {
    return new WeedsForm(fact.readings().bySpot(), SpotForm.of(fact.readings().where()));
  }

  @Override
  public FactForm pestsCounted(PestsCounted fact) {
    return new PestsForm(
        fact.pest(), fact.readings().bySpot(), SpotForm.of(fact.readings().where()));
  }

  @Override
  public FactForm killRated(KillRated fact) {
    return new KillForm(fact.readings().bySpot(), SpotForm.of(fact.readings().where()));
  }

  @Override
  public FactForm nitrogenNoted(NitrogenNoted fact) {
    return new NitrogenForm(
        fact.readings().bySpot(), SpotForm.of(fact.readings().where()), fact.tested());
  }

  /** Its figures cannot be, so none are shown. */
  @Override
  public FactForm unclear(Unclear fact) {
    return null;
  }
}
