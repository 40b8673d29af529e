package nimblefurrow.core.journal;

/**
 * Whoever has to tell the kinds of facts apart: what puts them into words, what keeps them. There
 * is no other way, so that a kind which is new is known everywhere or does not compile.
 *
 * @param <T> what is made of a fact
 */
public interface FactReader<T> {
  T disced(Disced fact);

  T sown(Sown fact);

  T slurrySpread(SlurrySpread fact);

  T cutForForage(CutForForage fact);

  T terminated(Terminated fact);

  T harvested(Harvested fact);

  T cropStageSeen(CropStageSeen fact);

  T stemsCounted(StemsCounted fact);

  T clipped(Clipped fact);

  T standCounted(StandCounted fact);

  T wintered(Wintered fact);

  T heightRead(HeightRead fact);

  T groundCoverRead(GroundCoverRead fact);

  T lightRead(LightRead fact);

  T soilFelt(SoilFelt fact);

  T rutsRead(RutsRead fact);

  T weedsScored(WeedsScored fact);

  T pestsCounted(PestsCounted fact);

  T killRated(KillRated fact);

  T nitrogenNoted(NitrogenNoted fact);

  T unclear(Unclear fact);
}
