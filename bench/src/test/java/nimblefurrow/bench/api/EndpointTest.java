package nimblefurrow.bench.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a mark in an address stands for: else nothing of a farm is put there, and nothing tried. */
class EndpointTest {
  @ParameterizedTest
  @CsvSource({
    "/api/v1/fields/{id}/growth, id, field",
    "/api/v1/land/{id}/split, id, field",
    "/api/v1/log/{id}, id, entry",
    "/api/v1/lot-papers/{id}, id, paper",
    "/api/v1/flight/runs/{id}/pause, id, flight",
    "/api/v1/mixes/{id}, id, mix",
    "/api/v1/marks/{id}, id, mark",
    "/api/v1/termination-dates/{id}, id, termination-date",
    "/api/v1/machines/{id}, id, machine",
    "/api/v1/cover/{fieldId}, fieldId, field",
    "/api/v1/weather/{day}, day, day"
  })
  void anIdIsOfTheThingThatItsAddressNames(String path, String parameter, String kind) {
    assertThat(new Endpoint("GET", path, List.of(), Optional.empty(), false).kindOf(parameter))
        .isEqualTo(kind);
  }
}
