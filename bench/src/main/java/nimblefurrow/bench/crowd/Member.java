package nimblefurrow.bench.crowd;

import java.time.Instant;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.function.BiConsumer;
import nimblefurrow.bench.api.Belongings;
import nimblefurrow.bench.api.Visitor;
import nimblefurrow.bench.api.Visitor.Reply;

/** Somebody at work: looks at the sheet, opens fields, and now and then writes something down. */
final class Member {
  private static final double MEAN_THOUGHT_MILLIS = 4000;
  private static final double WRITES = 0.1;

  private final Visitor visitor;
  private final Belongings farm;
  private final Random random;
  private final BiConsumer<String, Reply> took;

  Member(Visitor visitor, Belongings farm, long seed, BiConsumer<String, Reply> took) {
    this.visitor = visitor;
    this.farm = farm;
    this.random = new Random(seed);
    this.took = took;
  }

  void work(Instant end) {
    think();
    while (Instant.now().isBefore(end) && !Thread.currentThread().isInterrupted()) {
      if (random.nextDouble() < WRITES) {
        write();
      } else {
        read();
      }
      think();
    }
  }

  private void think() {
    try {
      Thread.sleep((long) (MEAN_THOUGHT_MILLIS * (0.5 + random.nextDouble())));
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  private void read() {
    int what = random.nextInt(100);
    if (what < 30) {
      took.accept("season", visitor.get("/api/v1/season"));
    } else if (what < 48) {
      took.accept("season, one field", visitor.get("/api/v1/season/" + field()));
    } else if (what < 63) {
      took.accept("dispatch", visitor.get("/api/v1/dispatch"));
    } else if (what < 73) {
      took.accept("cover", visitor.get("/api/v1/cover/" + field()));
    } else if (what < 83) {
      took.accept("fields", visitor.get("/api/v1/fields"));
    } else if (what < 92) {
      took.accept("log", visitor.get("/api/v1/log"));
    } else if (what < 96) {
      took.accept("order", visitor.get("/api/v1/order"));
    } else {
      took.accept("ways in compared", visitor.get("/api/v1/loads/methods/" + field()));
    }
  }

  private void write() {
    switch (random.nextInt(4)) {
      case 0 ->
          took.accept(
              "write: a price",
              visitor.send(
                  "PUT",
                  "/api/v1/order/prices",
                  "{\"species\":\"cereal-rye\",\"dealer\":\"Bench\",\"packLb\":50,\"pricePerLb\":%s}"
                      .formatted(0.2 + random.nextInt(20) / 100.0)));
      case 1 ->
          took.accept(
              "write: a mark",
              visitor.send(
                  "POST",
                  "/api/v1/marks",
                  "{\"kind\":\"HOUSE\",\"shape\":\"{\\\"type\\\":\\\"Point\\\",\\\"coordinates\\\":[-97.0%d,40.0]}\"}"
                      .formatted(random.nextInt(90) + 10)));
      case 2 ->
          took.accept(
              "write: a stage seen",
              visitor.send(
                  "POST",
                  "/api/v1/log",
                  "{\"id\":\"%s\",\"fieldId\":\"%s\",\"fact\":{\"kind\":\"CROP_STAGE\",\"stage\":\"V6\"},\"on\":\"2026-07-0%d\"}"
                      .formatted(UUID.randomUUID(), field(), random.nextInt(9) + 1)));
      default -> changeCover(field());
    }
  }

  private void changeCover(String field) {
    Reply kept = visitor.get("/api/v1/cover/" + field);
    took.accept("cover", kept);
    if (kept.status() == 200 && !kept.json().path("sown").asBoolean()) {
      took.accept(
          "write: the cover",
          visitor.send(
              "PUT",
              "/api/v1/cover/" + field,
              "{\"version\":%d,\"cover\":{\"goal\":\"KEEP_NITROGEN\",\"termination\":\"EARLY_SPRAY\","
                  + "\"way\":\"DRILL\",\"members\":[{\"species\":\"cereal-rye\",\"share\":%s}]}}"
                      .formatted(
                          kept.json().path("version").asInt(), 0.8 + random.nextInt(5) / 10.0)));
    }
  }

  private String field() {
    List<String> fields = farm.ids("field");
    return fields.get(random.nextInt(fields.size()));
  }
}
