package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

/** Machines that tests put on small farms. */
final class SeedingFarm {
  private SeedingFarm() {}

  /** A drone of 88 lb with six batteries; answers its id. */
  static String drone(Caller caller) {
    String id = machine(caller, "Test drone", "DRONE", 15);
    Map<String, Object> setup = new HashMap<>();
    setup.put("widthFt", 30);
    setup.put("speedMph", 14);
    setup.put("hopperFt3", 2.6);
    setup.put("fill", 0.95);
    setup.put("loadLimitLb", 88);
    setup.put("fillMinutes", 2);
    setup.put("batteries", 6);
    setup.put("batteryMinutes", 9);
    setup.put("chargers", 3);
    setup.put("chargeMinutes", 11);
    setup.put("coolMinutes", 4);
    setup.put("turnSeconds", 4);
    setUp(caller, id, setup);
    return id;
  }

  /** A 15 ft drill of 30 ft³; answers its id. */
  static String drill(Caller caller) {
    String id = machine(caller, "Test drill", "DRILL", 6);
    setUp(
        caller,
        id,
        Map.of(
            "widthFt",
            15,
            "speedMph",
            5,
            "efficiency",
            0.7,
            "hopperFt3",
            30,
            "fill",
            0.95,
            "fillMinutes",
            12,
            "scaleHigh",
            100,
            "fixedPerYear",
            6000,
            "acresPerYear",
            1000,
            "runningPerHour",
            64));
    return id;
  }

  /** A thousand pounds of freshly tested rye in store. */
  static void rye(Caller caller) {
    caller.post(
        "/api/v1/lots",
        Map.of(
            "species",
            "cereal-rye",
            "name",
            "Test rye",
            "purity",
            98,
            "germination",
            85,
            "testedOn",
            caller.get("/api/v1/session").json().path("today").asString(),
            "pounds",
            1000));
  }

  static String machine(Caller caller, String name, String kind, double acresPerHour) {
    Caller.Answer made =
        caller.post(
            "/api/v1/machines",
            Map.of(
                "name",
                name,
                "kind",
                kind,
                "acresPerHour",
                acresPerHour,
                "hired",
                false,
                "costPerAcre",
                15));
    assertThat(made.status()).as(made.text()).isEqualTo(200);
    return made.json().path("id").asString();
  }

  /** The version of a machine as it is kept now. */
  static int version(Caller caller, String id) {
    for (var machine : caller.get("/api/v1/machines").json()) {
      if (machine.path("id").asString().equals(id)) {
        return machine.path("version").asInt();
      }
    }
    throw new IllegalStateException("no machine " + id);
  }

  static void setUp(Caller caller, String id, Map<String, Object> setup) {
    Caller.Answer answer =
        caller.put("/api/v1/machines/" + id + "/setup?version=" + version(caller, id), setup);
    assertThat(answer.status()).as(answer.text()).isEqualTo(200);
  }
}
