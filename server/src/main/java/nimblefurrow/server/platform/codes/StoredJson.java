package nimblefurrow.server.platform.codes;

import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * The one door by which rows that are read and written by SQL keep JSON: only {@link Stored}
 * records pass. (Entities keep theirs through Hibernate, under the same rule.)
 */
@Component
public class StoredJson {
  private final JsonMapper json;

  StoredJson(JsonMapper json) {
    this.json = json;
  }

  public String write(Stored kept) {
    return json.writeValueAsString(kept);
  }

  public String write(List<? extends Stored> kept) {
    return json.writeValueAsString(kept);
  }

  /** What a column holds. */
  public <T extends Stored> T read(String text, Class<T> kind) {
    return json.readValue(text, kind);
  }

  /** What a column holds that keeps a list. */
  public <T extends Stored> List<T> all(String text, Class<T> kind) {
    return json.readValue(text, json.getTypeFactory().constructCollectionType(List.class, kind));
  }
}
