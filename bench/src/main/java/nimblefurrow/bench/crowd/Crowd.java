package nimblefurrow.bench.crowd;

import java.io.PrintStream;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import nimblefurrow.bench.api.Belongings;
import nimblefurrow.bench.api.BenchServer;
import nimblefurrow.bench.api.Visitor;

/**
 * 200 people at once, of one farm and of twenty, each with a year of entries, four seconds of
 * thought between two requests, one in ten of which changes something. Wanted on two cores: 95 of
 * 100 answers within half a second, no 5xx.
 */
public final class Crowd {
  private static final int FARMS = 20;
  private static final int PEOPLE = 200;
  private static final int ENTRIES = 1_500;
  private static final Duration LASTS = Duration.ofSeconds(150);

  private record Took(String what, int status, double millis, long minute) {}

  private Crowd() {}

  /**
   * Whether the wanted figures were met.
   *
   * @param farms how many farms the people are of; 0: first one, then twenty
   */
  public static boolean run(PrintStream out, int farms) throws InterruptedException {
    try (BenchServer server = BenchServer.start()) {
      if (farms > 0) {
        return run(out, server, farms);
      }
      boolean one = run(out, server, 1);
      boolean many = run(out, server, FARMS);
      return one && many;
    }
  }

  private static boolean run(PrintStream out, BenchServer server, int count)
      throws InterruptedException {
    out.printf(
        "%d people on %d %s, each with a year of entries%n",
        PEOPLE, count, count == 1 ? "farm" : "farms");
    List<Belongings> farms = new ArrayList<>();
    List<Visitor> people = new ArrayList<>();
    for (int farm = 0; farm < count; farm++) {
      String name = "crowd" + count + "x" + farm;
      server.year(server.farm(name, 28), ENTRIES);
      for (int i = 0; i < PEOPLE / count; i++) {
        people.add(Visitor.signedIn(server.address(), "planner@%s.example".formatted(name)));
      }
      farms.add(Belongings.of(people.get(people.size() - 1)));
    }
    ConcurrentLinkedQueue<Took> all = new ConcurrentLinkedQueue<>();
    Instant begin = Instant.now();
    Instant end = begin.plus(LASTS);
    Processors before = Processors.now();
    ExecutorService each = Executors.newFixedThreadPool(people.size());
    for (int p = 0; p < people.size(); p++) {
      Member person =
          new Member(
              people.get(p),
              farms.get(p * count / people.size()),
              p,
              (what, reply) ->
                  all.add(
                      new Took(
                          what,
                          reply.status(),
                          reply.millis(),
                          Duration.between(begin, Instant.now()).toMinutes())));
      each.submit(() -> person.work(end));
    }
    each.shutdown();
    if (!each.awaitTermination(LASTS.toSeconds() + 120, TimeUnit.SECONDS)) {
      out.println("some people never got their answer");
      each.shutdownNow();
      return false;
    }
    out.printf(
        Locale.ROOT,
        "of the machine's time %.0f %% were busy and %.0f %% taken by its other tenants%n",
        100 * Processors.now().busySince(before),
        100 * Processors.now().stolenSince(before));
    return report(out, all);
  }

  private static boolean report(PrintStream out, Collection<Took> all) {
    Map<String, List<Took>> byWhat = new TreeMap<>();
    all.forEach(t -> byWhat.computeIfAbsent(t.what(), w -> new ArrayList<>()).add(t));
    out.printf("%-26s %7s %7s %7s %7s %7s%n", "what", "asked", "median", "95 %", "99 %", "worst");
    byWhat.forEach((what, took) -> line(out, what, took));
    Map<Long, List<Took>> byMinute =
        all.stream()
            .collect(Collectors.groupingBy(Took::minute, TreeMap::new, Collectors.toList()));
    byMinute.forEach((minute, took) -> line(out, "minute " + (minute + 1), took));
    double[] sorted = line(out, "all", all);
    TreeMap<Integer, Integer> statuses = new TreeMap<>();
    all.forEach(t -> statuses.merge(t.status(), 1, Integer::sum));
    out.println("by status " + statuses);
    return at(sorted, 0.95) < 500 && statuses.lastKey() < 500;
  }

  private static double[] line(PrintStream out, String what, Collection<Took> took) {
    double[] sorted = took.stream().mapToDouble(Took::millis).sorted().toArray();
    out.printf(
        Locale.ROOT,
        "%-26s %7d %7.0f %7.0f %7.0f %7.0f%n",
        what,
        sorted.length,
        at(sorted, 0.5),
        at(sorted, 0.95),
        at(sorted, 0.99),
        Arrays.stream(sorted).max().orElse(0));
    return sorted;
  }

  private static double at(double[] sorted, double share) {
    return sorted.length == 0
        ? 0
        : sorted[(int) Math.min(sorted.length - 1, sorted.length * share)];
  }
}
