package nimblefurrow.server.journal;

import com.fasterxml.jackson.annotation.JsonAlias;
import java.util.Optional;
import nimblefurrow.core.journal.CutForForage;
import nimblefurrow.core.journal.Disced;
import nimblefurrow.core.journal.Fact;
import nimblefurrow.core.journal.Harvested;
import nimblefurrow.core.journal.SlurrySpread;
import nimblefurrow.core.journal.Sown;
import nimblefurrow.core.journal.Terminated;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.server.platform.web.Maybe;

/** What was done, as it is typed and as it is shown. */
public sealed interface ActForm extends FactForm {
  /** See {@link Disced}. */
  record DiscedForm() implements ActForm {
    @Override
    public Fact fact() {
      return new Disced();
    }
  }

  /** See {@link Sown}. */
  record SownForm() implements ActForm {
    @Override
    public Fact fact() {
      return new Sown();
    }
  }

  /** See {@link SlurrySpread}. */
  record SlurryForm() implements ActForm {
    @Override
    public Fact fact() {
      return new SlurrySpread();
    }
  }

  /** See {@link CutForForage}. */
  record ForageCutForm() implements ActForm {
    @Override
    public Fact fact() {
      return new CutForForage();
    }
  }

  /** See {@link Terminated}. */
  record TerminatedForm(@Maybe @JsonAlias("route") TerminationMethod termination)
      implements ActForm {
    @Override
    public Fact fact() {
      return new Terminated(Optional.ofNullable(termination));
    }
  }

  /** See {@link Harvested}. */
  record HarvestedForm(@Maybe Double yieldPerAcre) implements ActForm {
    @Override
    public Fact fact() {
      return new Harvested(Optional.ofNullable(yieldPerAcre));
    }
  }
}
