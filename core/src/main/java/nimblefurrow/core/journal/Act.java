package nimblefurrow.core.journal;

/**
 * Something done to a field. Example: {@link Sown}. Not a plan, and not a job that is begun: work
 * is written down when it is over.
 */
public sealed interface Act extends Fact
    permits Disced, Sown, SlurrySpread, CutForForage, Terminated, Harvested {}
