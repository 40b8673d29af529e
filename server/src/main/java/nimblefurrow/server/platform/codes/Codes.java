package nimblefurrow.server.platform.codes;

import java.util.Locale;
import nimblefurrow.core.quantity.Coded;

/**
 * Constants as rows keep them: their lasting codes in capitals. So they were written from the first
 * row on, when the constants' own names happened to be the same; now a name may change and a row
 * stays readable.
 */
public final class Codes {
  private Codes() {}

  /** How a constant is kept; null for none. */
  public static String kept(Coded constant) {
    return constant == null ? null : constant.code().toUpperCase(Locale.ROOT);
  }

  /**
   * The constant that was kept; null for none.
   *
   * @throws IllegalStateException when no constant has this code any more, which is a mistake of
   *     ours
   */
  public static <E extends Enum<E> & Coded> E read(Class<E> kind, String kept) {
    return kept == null
        ? null
        : Coded.of(kind, kept.toLowerCase(Locale.ROOT))
            .orElseThrow(() -> new IllegalStateException("kept " + kind + " " + kept));
  }
}
