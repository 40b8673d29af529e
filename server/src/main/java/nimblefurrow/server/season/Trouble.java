package nimblefurrow.server.season;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.server.field.FieldView;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * A field that cannot be worked out, and why. It says so in its own lane, row or line; the others
 * are told as ever.
 */
public record Trouble(FieldView field, Reason says) {
  private static final Logger LOG = LoggerFactory.getLogger(Trouble.class);

  /**
   * Works something out for one field of many.
   *
   * @param trouble is told why it cannot be, in words
   * @return what was worked out; empty where it cannot be
   */
  public static <T> Optional<T> attempt(
      FieldView field, Supplier<T> work, Consumer<Trouble> trouble) {
    try {
      return Optional.of(work.get());
    } catch (OutOfRange refused) {
      trouble.accept(new Trouble(field, refused.reason()));
    } catch (RuntimeException broken) {
      LOG.warn("field {} cannot be worked out", field.id(), broken);
      trouble.accept(
          new Trouble(
              field, Reason.of("what is kept of it contradicts itself: change its crop or cover")));
    }
    return Optional.empty();
  }
}
