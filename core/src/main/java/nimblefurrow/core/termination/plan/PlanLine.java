package nimblefurrow.core.termination.plan;

import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Reason;

/**
 * One thing to know or to do, under its heading: "second pass", "5 to 7 days later it brings 88 %
 * in all".
 *
 * @param warns whether it speaks against going on as planned
 */
public record PlanLine(String topic, Reason says, boolean warns) {
  public PlanLine {
    Limits.given("topic", topic);
    Limits.given("what is said", says);
  }

  static PlanLine of(String topic, String says, Object... figures) {
    return new PlanLine(topic, Reason.of(says, figures), false);
  }

  static PlanLine warning(String topic, String says, Object... figures) {
    return new PlanLine(topic, Reason.of(says, figures), true);
  }
}
