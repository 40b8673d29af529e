package nimblefurrow.server.platform.web;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException.Reference;
import tools.jackson.databind.exc.InvalidFormatException;

/** What was typed where something of another kind belongs, told in the words of a form. */
record Mistyped(String field, String says) {
  private static final int MOST_SHOWN = 60;

  static Mistyped of(InvalidFormatException typed) {
    String field =
        typed.getPath().stream()
            .map(Reference::getPropertyName)
            .filter(name -> name != null)
            .reduce((outer, inner) -> inner)
            .orElse("value");
    String got = cut(String.valueOf(typed.getValue()));
    return new Mistyped(
        field, "%s is %s, got “%s”".formatted(words(field), wanted(typed.getTargetType()), got));
  }

  private static String wanted(Class<?> type) {
    if (type == LocalDate.class) {
      return "a day like 2026-10-03";
    }
    if (type.isEnum()) {
      return Arrays.stream(type.getEnumConstants())
          .map(c -> ((Enum<?>) c).name())
          .collect(Collectors.joining(", ", "one of ", ""));
    }
    if (type == UUID.class) {
      return "one that is known here";
    }
    return type == Boolean.class || type == boolean.class ? "yes or no" : "a number";
  }

  /** What was typed, short enough to be said. */
  static String cut(String typed) {
    return typed.length() > MOST_SHOWN ? typed.substring(0, MOST_SHOWN) + "…" : typed;
  }

  /** A form's field as it is spoken: {@code bookedDays} is "booked days". */
  static String words(String field) {
    return field.replaceAll("([A-Z])", " $1").toLowerCase(Locale.ROOT);
  }
}
