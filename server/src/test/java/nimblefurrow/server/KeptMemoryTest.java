package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.ref.WeakReference;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.weather.Outlook;
import nimblefurrow.server.demo.DemoFarm;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.Seasons;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Walking through days leaves no day's weather behind: the suite shares out 768 MB. */
@ExtendWith(RunningServer.class)
class KeptMemoryTest {
  private static final int DAYS = 45;

  /** 154 MB of outlooks of some 13 MB, one that is being asked, and one not yet swept. */
  private static final int MOST_ALIVE = 14;

  @Test
  void aDayThatNobodyAsksForAnyMoreIsLetGo() {
    assertThat(Long.getLong("furrow.memory"))
        .as("what the smallest machine has")
        .isEqualTo(768L << 20);
    String mail = "walk@memory.example";
    UUID farm = RunningServer.bean(DemoFarm.class).build("Walk Farm", mail, "op" + mail, 6);
    Caller planner = new Caller(RunningServer.address()).signIn(mail, DemoFarm.PASSWORD);
    String field = planner.get("/api/v1/fields").json().get(0).path("field").path("id").asString();
    Seasons seasons = RunningServer.bean(Seasons.class);
    List<WeakReference<Outlook>> outlooks = new ArrayList<>();
    for (int d = 0; d < DAYS; d++) {
      LocalDate day = LocalDate.of(2027, 3, 20).plusDays(d);
      planner.put("/api/v1/farm/day", Map.of("day", day));
      for (String view :
          List.of(
              "/api/v1/season",
              "/api/v1/dispatch",
              "/api/v1/termination",
              "/api/v1/scout",
              "/api/v1/termination/hours?work=SPRAY",
              "/api/v1/openings/" + field)) {
        assertThat(planner.get(view).status()).as("%s on %s", view, day).isEqualTo(200);
      }
      outlooks.add(new WeakReference<>(outlook(seasons, farm, day)));
    }
    System.gc();
    long alive = outlooks.stream().filter(o -> o.get() != null).count();
    assertThat(alive).as("days still held").isBetween(1L, (long) MOST_ALIVE);
  }

  private static Outlook outlook(Seasons seasons, UUID farm, LocalDate day) {
    return seasons.toldOn(farm, day).map(FarmSeason::day).orElseThrow().outlook();
  }
}
