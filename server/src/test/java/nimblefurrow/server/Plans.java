package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Set;
import tools.jackson.databind.JsonNode;

/** Plans as a browser gets them: asked for, and looked at until they are there. */
final class Plans {
  private static final Set<String> OPEN = Set.of("WAITING", "SEARCHING");

  /** No wall clock of a slow machine decides; only what never ends fails. */
  private static final long LONG_ENOUGH = 600_000_000_000L;

  private Plans() {}

  /** Asks for a plan and answers the search once it is over. */
  static JsonNode searched(Caller planner) {
    Caller.Answer asked = planner.post("/api/v1/dispatch/plan", Map.of());
    assertThat(asked.status()).as(asked.text()).isEqualTo(200);
    return over(planner);
  }

  /** The last search, once it is over. */
  static JsonNode over(Caller planner) {
    long begin = System.nanoTime();
    JsonNode run = planner.get("/api/v1/dispatch/plan").json();
    while (OPEN.contains(run.path("state").asString())) {
      assertThat(System.nanoTime() - begin).as("a search that ends").isLessThan(LONG_ENOUGH);
      run = planner.get("/api/v1/dispatch/plan").json();
    }
    return run;
  }

  /** Plans anew and answers the board. */
  static JsonNode board(Caller planner) {
    assertThat(searched(planner).path("state").asString()).isEqualTo("DONE");
    return planner.get("/api/v1/dispatch").json();
  }
}
