package nimblefurrow.core.quantity;

import java.util.Arrays;
import java.util.List;

/**
 * Why an answer is what it is: a sentence with its figures kept as quantities, so that it can be
 * read in either unit system. Each {@code {}} in the text stands for the next figure.
 */
public record Reason(String text, List<Object> figures) {
  public Reason {
    figures = List.copyOf(figures);
  }

  /** A sentence with a figure for each {@code {}}: {@code Reason.of("opens on {}", date)}. */
  public static Reason of(String text, Object... figures) {
    return new Reason(text, Arrays.asList(figures));
  }

  /** The sentence with its figures said in the given units. */
  public String in(UnitSystem units) {
    StringBuilder said = new StringBuilder();
    int from = 0;
    for (Object figure : figures) {
      int hole = text.indexOf("{}", from);
      if (hole < 0) {
        break;
      }
      said.append(text, from, hole).append(units.say(figure));
      from = hole + 2;
    }
    return said.append(text.substring(from)).toString();
  }
}
