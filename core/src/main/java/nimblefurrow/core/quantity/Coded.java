package nimblefurrow.core.quantity;

import java.util.Optional;

/**
 * A constant with a lasting name, under which it is kept in files and rows: "keep_nitrogen". The
 * constant itself and the words that people read may change; the code never does.
 */
public interface Coded {
  /** Its lasting name: small letters, digits and underscores. */
  String code();

  /**
   * The constant of a kind with this code; empty when there is none. Example: {@code
   * Coded.of(Operation.class, "first_disc")}.
   */
  static <E extends Enum<E> & Coded> Optional<E> of(Class<E> kind, String code) {
    for (E constant : kind.getEnumConstants()) {
      if (constant.code().equals(code)) {
        return Optional.of(constant);
      }
    }
    return Optional.empty();
  }
}
