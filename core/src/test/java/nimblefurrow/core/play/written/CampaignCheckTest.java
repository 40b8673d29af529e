package nimblefurrow.core.play.written;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import nimblefurrow.core.play.written.DrawnCampaign.Load;
import nimblefurrow.core.play.written.DrawnCampaign.Season;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A bad campaign is refused in one sentence that names where, what and the value. */
class CampaignCheckTest {
  @TempDir Path folder;

  private static ObjectNode good() {
    return DrawnCampaign.json(Season.AUTUMN, Load.TIGHT, 12, 3, 5);
  }

  @Test
  void theGivenAndDrawnOnesAreTaken() {
    CampaignCheck.check(good());
    assertThat(WorkedCampaign.of(good()).campaign.jobs()).hasSize(12);
    assertThat(WorkedCampaign.all("checks")).isNotEmpty();
  }

  /** Where, as a path into the file; what is put there; what is said. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "/days | 0 | the campaign: days is 1 to 400, got 0",
        "/days | \"x\" | the campaign: days is 1 to 400, got \"x\"",
        "/days | 4.5 | the campaign: days is a whole number, got 4.5",
        "/roadPerHour | -1 | the campaign: roadPerHour is 0 to",
        "/sites | 3 | the campaign: sites is a list, got 3",
        "/sites/0 | [0] | the campaign: sites are a square",
        "/sites/0/1 | -2 | the campaign: sites is 0 to 100, got -2",
        "/drivers | null | the campaign: drivers is a list",
        "/drivers/0/id | \"\" | a driver: id is a name",
        "/drivers/0/id | \"driver2\" | driver driver2: id is one's own",
        "/drivers/0/off | [99] | driver driver1: off is 0 to 97, got 99",
        "/tractors | [\"t\", \"t\"] | the campaign: tractors hold a name each",
        "/machines/0/id | 7 | a machine: id is a name, got 7",
        "/machines/0/kind | null | machine slurry1: kind is a name",
        "/machines/0/acPerHour | 0 | machine slurry1: acPerHour is",
        "/machines/0/acPerHour | -6 | machine slurry1: acPerHour is",
        "/machines/0/drivers | [\"nobody\"] | machine slurry1: drivers are those of the campaign, got \"nobody\"",
        "/machines/0/tractors | [\"none\"] | machine slurry1: tractors are those of the campaign",
        "/machines/0/booked | [-1] | machine slurry1: booked is 0 to 97, got -1",
        "/machines/0/hired | 3 | machine slurry1: hired is null or holds",
        "/machines/0/hired | {\"price\":-1,\"minAcres\":1,\"notice\":1} | machine slurry1: price is 0 to",
        "/machines/0/hired | {\"price\":1,\"minAcres\":1,\"notice\":-1} | machine slurry1: notice is 0 to",
        "/machines/0/site | 2 | machine slurry1: site is 0 to 1, got 2",
        "/machines | [] | kinds name one at least that a machine is of",
        "/hours | {} | the campaign: hours hold the fit tenths",
        "/hours/DRILL~1silt | [[1]] | hours DRILL/silt: tells of 3 years like the others, got 1",
        "/hours/DRILL~1silt/1 | [80] | hours DRILL/silt, year 1: has 98 days, got 1",
        "/hours/DRILL~1silt/1/0 | -5 | hours DRILL/silt, year 1: fit tenths is 0 to 240, got -5",
        "/hours/DRILL~1silt/1/0 | 241 | hours DRILL/silt, year 1: fit tenths is 0 to 240, got 241",
        "/shifts/early | [1] | shifts early: tells of 3 years like the hours, got 1",
        "/shifts/early/0 | 400 | shifts early: days is -60 to 60, got 400",
        "/jobs | [] | the campaign: holds 1 to 20,000 jobs, got 0",
        "/jobs/0/id | null | a job: id is a name",
        "/jobs/0/field | null | field is a name",
        "/jobs/0/site | -1 | site is 0 to 1, got -1",
        "/jobs/0/soil | \"moon\" | there are no hours for",
        "/jobs/0/kinds | [\"COMBINE\"] | kinds name one at least that a machine is of, got [\"COMBINE\"]",
        "/jobs/0/acres | 0 | acres is 0.01 to 50,000, got 0",
        "/jobs/0/acres | -40 | acres is 0.01 to 50,000, got -40",
        "/jobs/0/acres | \"many\" | acres is 0.01 to 50,000, got \"many\"",
        "/jobs/0/setup | -1 | setup is 0 to 100, got -1",
        "/jobs/0/goes | 0 | goes is 0.01 to 10, got 0",
        "/jobs/0/open | 98 | open is 0 to 97, got 98",
        "/jobs/0/open | 97 | close is 97 to 97",
        "/jobs/0/close | -1 | close is",
        "/jobs/0/lost | -1 | lost is 0 to",
        "/jobs/0/curve | [[3]] | curve holds pairs",
        "/jobs/0/curve | [[9,1],[3,2]] | curve has its days in their order",
        "/jobs/0/curve | [[3,-1]] | curve is 0 to",
        "/jobs/0/shift | \"moon\" | shift is null or one of the shifts, got \"moon\"",
        "/jobs/0/after | {\"job\":\"nothing\",\"min\":1,\"max\":2} | after names another job of the campaign, got \"nothing\"",
        "/jobs/0/after | {\"job\":\"f002-last\",\"min\":5,\"max\":2} | max is 5 to 400, got 2",
        "/jobs/0/after | {\"min\":1} | after: job is a name, got none"
      })
  void badOnesAreRefusedByName(String where, String put, String says) {
    ObjectNode file = good();
    put(file, where, JsonMapper.shared().readTree(put));
    assertThatThrownBy(() -> WorkedCampaign.of(file))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining(says.strip())
        .hasMessageMatching(
            where.startsWith("/jobs/0/") && !where.endsWith("/id") ? "job f001.*" : ".*");
  }

  private static void put(ObjectNode file, String where, JsonNode value) {
    int last = where.lastIndexOf('/');
    JsonNode parent = last == 0 ? file : file.at(where.substring(0, last));
    String name = where.substring(last + 1).replace("~1", "/");
    if (parent instanceof ArrayNode list) {
      list.set(Integer.parseInt(name), value);
    } else {
      ((ObjectNode) parent).set(name, value);
    }
  }

  @Test
  void whatIsNoJsonIsSaidToBeNone() throws Exception {
    Path file = folder.resolve("c.json");
    for (byte[] content :
        new byte[][] {
          "{\"days\":".getBytes(), "[]".getBytes(), {}, {(byte) 0xff, (byte) 0xfe, 0}
        }) {
      Files.write(file, content);
      assertThatThrownBy(() -> WorkedCampaign.read(file))
          .isInstanceOf(IllegalArgumentException.class)
          .hasMessageMatching("(this file is no JSON|the campaign).*");
    }
  }
}
