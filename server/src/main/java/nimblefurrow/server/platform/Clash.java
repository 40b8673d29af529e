package nimblefurrow.server.platform;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.dao.DataIntegrityViolationException;

/**
 * What two people saved at the same moment, told by the rule of the database that let only one of
 * them through.
 */
public final class Clash {
  private static final Map<String, String> BY_RULE =
      Map.of(
          "app_user_email_key", "these cannot be used to start a farm: sign in, or take others",
          "field_name", "there is a field of this name already",
          "named_mix_farm_id_name_key", "there is a mix of this name already",
          "chain_link_place", "the field's chain was changed at the same moment: load it again",
          "log_entry_pkey", "this entry's id is taken: write it anew");

  private Clash() {}

  public static String words(DataIntegrityViolationException broken) {
    String cause = String.valueOf(broken.getMostSpecificCause().getMessage());
    Optional<String> known =
        BY_RULE.entrySet().stream()
            .filter(e -> cause.contains(e.getKey()))
            .map(Map.Entry::getValue)
            .findFirst();
    return known.orElse(
        "someone else has saved the same meanwhile: load it again, then repeat your change");
  }

  /** Whether the database refused because of others' rows, not because of what was typed. */
  public static boolean betweenRows(DataIntegrityViolationException broken) {
    String cause =
        String.valueOf(broken.getMostSpecificCause().getMessage()).toLowerCase(Locale.ROOT);
    return cause.contains("duplicate key") || cause.contains("foreign key");
  }
}
