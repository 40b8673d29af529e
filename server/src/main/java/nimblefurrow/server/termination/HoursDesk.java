package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import nimblefurrow.core.fitness.Footing;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.quantity.Share;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.termination.hours.HourBlock;
import nimblefurrow.core.termination.hours.HourOutlook;
import nimblefurrow.core.termination.hours.SprayNeed;
import nimblefurrow.core.termination.hours.WorkBlock;
import nimblefurrow.core.termination.spray.Label;
import nimblefurrow.core.yard.StarterYard;
import nimblefurrow.server.machine.Machines;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.product.PlannedSprays;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FarmSeason;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.termination.HoursView.FieldBlock;
import nimblefurrow.server.termination.HoursView.FieldHours;
import nimblefurrow.server.termination.HoursView.HourWork;
import nimblefurrow.server.termination.HoursView.LimitWords;
import nimblefurrow.server.termination.HoursView.WorkHour;
import nimblefurrow.server.weather.KeptWithOutlook;
import nimblefurrow.server.weather.Weathers;
import org.springframework.stereotype.Service;

/** Works ten days out by the hour for the fields whose covers are to be rolled or sprayed. */
@Service
class HoursDesk {
  private static final int DAYS = 10;

  /** Ten days of hours with their ranges. */
  private static final int BYTES = 90_000;

  private static final double SHARE = 0.02;

  /** What hours depend on: the same is worked out once. */
  private record Asked(Footing ground, List<SprayNeed> needs) {}

  private final KeptWithOutlook<Asked, List<HourOutlook>> known;

  private final Seasons seasons;
  private final Machines machines;
  private final PlannedSprays sprays;

  HoursDesk(Seasons seasons, Machines machines, PlannedSprays sprays, Weathers weathers) {
    this.sprays = sprays;
    this.known = weathers.keeping(SHARE, (asked, hours) -> BYTES);
    this.seasons = seasons;
    this.machines = machines;
  }

  /**
   * @param kind how the product works; each field's own planned product where neither it nor {@code
   *     rainFree} is said
   * @param rainFree hours that the label wants; the usual ones of the kind where none are said
   */
  HoursView hours(UUID farmId, HourWork work, Label.Kind kind, Double rainFree) {
    boolean said = kind != null || rainFree != null;
    SprayNeed asked =
        new SprayNeed(kind == null ? Label.Kind.SYSTEMIC : kind, Optional.ofNullable(rainFree));
    Map<UUID, PlannedSprays.Planned> planned =
        work == HourWork.ROLL || said ? Map.of() : sprays.all(farmId);
    FarmSeason farm = seasons.needed(farmId);
    FarmDay day = farm.day();
    Optional<MachineView> machine =
        machines.all(farmId).stream().filter(m -> m.kind() == work.machine).findFirst();
    WorkRate rate =
        machine
            .map(m -> WorkRate.acresPerHour(m.acresPerHour()))
            .or(() -> StarterYard.usualRate(work.machine, day.figures()))
            .orElseThrow();
    List<FieldSeasons> living =
        farm.fields().stream()
            .filter(LivingCover::stands)
            .filter(f -> work == HourWork.ROLL || !f.field().organic())
            .toList();
    Function<FieldSeasons, Asked> needs =
        f ->
            new Asked(
                f.now().field().facts().ground(true),
                Optional.ofNullable(planned.get(f.key()))
                    .map(PlannedSprays.Planned::needs)
                    .orElse(List.of(asked)));
    List<Asked> grounds = living.stream().map(needs).distinct().toList();
    List<List<HourOutlook>> hours =
        grounds.parallelStream().map(ground -> hours(day, ground)).toList();
    List<FieldHours> fields =
        living.stream()
            .map(
                f ->
                    field(
                        f,
                        work,
                        rate,
                        grounds.indexOf(needs.apply(f)),
                        Optional.ofNullable(planned.get(f.key())),
                        hours,
                        day))
            .sorted(
                Comparator.comparing((FieldHours f) -> !f.chosen())
                    .thenComparing(
                        FieldHours::opens, Comparator.nullsLast(Comparator.naturalOrder()))
                    .thenComparing(FieldHours::field))
            .toList();
    Map<String, String> limits = new HashMap<>();
    List<List<WorkHour>> told = new ArrayList<>();
    for (List<HourOutlook> ground : hours) {
      told.add(ground.stream().map(h -> hour(h, work, limits)).toList());
    }
    return new HoursView(
        day.today(),
        work,
        said ? asked.kind() : null,
        machine.map(MachineView::name).orElse(null),
        rate.acresPerHour(),
        Percent.of(day.figures().of(HourBlock.LIKELY)),
        fields,
        told,
        limits.entrySet().stream()
            .map(e -> new LimitWords(e.getKey(), e.getValue()))
            .sorted(Comparator.comparing(LimitWords::words))
            .toList(),
        Cautions.of(work.machine, day.figures()));
  }

  private List<HourOutlook> hours(FarmDay day, Asked asked) {
    return known.get(
        day.weather().name(),
        asked,
        k ->
            HourOutlook.of(
                day.outlook(), day.weather().fit(), k.ground(), day.today(), DAYS, k.needs()));
  }

  private static FieldHours field(
      FieldSeasons f,
      HourWork work,
      WorkRate rate,
      int ground,
      Optional<PlannedSprays.Planned> planned,
      List<List<HourOutlook>> hours,
      FarmDay day) {
    List<WorkBlock> blocks =
        WorkBlock.of(
            HourBlock.of(hours.get(ground), h -> good(h, work), day.figures()),
            rate,
            f.now().field().facts().area());
    boolean chosen =
        f.now().field().cover().orElseThrow().termination().needs().contains(work.machine);
    Optional<LocalDate> opens = f.now().termination().flatMap(r -> r.opens().median());
    List<WorkBlock> ripe =
        blocks.stream()
            .filter(b -> !chosen || opens.filter(from -> from.isAfter(day(b))).isEmpty())
            .toList();
    Optional<WorkBlock> best = WorkBlock.best(ripe);
    return new FieldHours(
        f.field().id(),
        f.zone().orElse(null),
        f.field().name(),
        f.field().acres(),
        f.field().organic(),
        chosen,
        opens.orElse(null),
        ground,
        planned.map(PlannedSprays.Planned::words).orElse(null),
        planned.flatMap(p -> p.labels().rainFreeHours()).orElse(null),
        blocks.stream()
            .map(b -> FieldBlock.of(b, ripe.contains(b), best.filter(b::equals).isPresent()))
            .toList());
  }

  private static LocalDate day(WorkBlock block) {
    return block.block().start().toLocalDate();
  }

  private static Share good(HourOutlook hour, HourWork work) {
    return work == HourWork.ROLL ? hour.crimp() : hour.spray();
  }

  private static WorkHour hour(HourOutlook h, HourWork work, Map<String, String> limits) {
    String limit = work == HourWork.ROLL ? h.crimpLimit().name() : h.sprayLimit().name();
    String words = work == HourWork.ROLL ? h.crimpLimit().words() : h.sprayLimit().words();
    if (!words.isEmpty()) {
      limits.put(limit, words);
    }
    return new WorkHour(
        h.start(),
        (int) Math.round(good(h, work).percent()),
        limit,
        Math.round(10 * h.temperature().middle()) / 10.0,
        Math.round(10 * h.wind().middle()) / 10.0,
        (int) Math.round(h.rain().percent()),
        Math.round(100 - h.leavesWet().percent()));
  }
}
