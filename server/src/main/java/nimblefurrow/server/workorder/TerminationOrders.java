package nimblefurrow.server.workorder;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.job.Cautions;
import nimblefurrow.core.quantity.Length;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.hours.SprayNeed;
import nimblefurrow.core.yard.MachineKind;
import nimblefurrow.server.field.FieldView;
import nimblefurrow.server.land.Marks.MarkView;
import nimblefurrow.server.loads.FillingPlace;
import nimblefurrow.server.loads.LoadDesk;
import nimblefurrow.server.platform.files.Paper;
import nimblefurrow.server.platform.files.Pdf;
import nimblefurrow.server.product.PlannedSprays;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import nimblefurrow.server.termination.HoursAhead;
import nimblefurrow.server.termination.TerminationPlans;
import org.springframework.stereotype.Service;

/** One page for whoever ends a cover: how, where, in which hours, and what to mind. */
@Service
class TerminationOrders {
  private static final int HOURS_SHOWN = 5;

  private final Seasons seasons;
  private final TerminationPlans plans;
  private final LoadDesk loads;
  private final PlannedSprays sprays;
  private final Pdf pdf;

  TerminationOrders(
      Seasons seasons, TerminationPlans plans, LoadDesk loads, PlannedSprays sprays, Pdf pdf) {
    this.sprays = sprays;
    this.seasons = seasons;
    this.plans = plans;
    this.loads = loads;
    this.pdf = pdf;
  }

  /**
   * The page of a field.
   *
   * @param zone null: the field, or what zones of their own leave of it
   * @param asked the way; null: the one chosen
   */
  byte[] print(UUID farm, UUID fieldId, UUID zone, TerminationMethod asked) {
    OneField one = seasons.one(farm, fieldId, zone);
    FarmDay day = one.day();
    FieldSeasons season = one.running();
    TerminationPlans.Plan plan = plans.of(farm, day, season, asked);
    LoadDesk.Yard yard = loads.yard(farm);
    Optional<PlannedSprays.Planned> spray =
        Optional.ofNullable(sprays.all(farm).get(season.key()))
            .filter(p -> plan.termination().usesHerbicide());
    FieldView field = season.field();
    Paper paper = new Paper(day.units());
    List<MarkView> near = WorkOrders.near(yard, field);
    List<MarkView> hazards = near.stream().filter(m -> m.kind().hazard()).toList();
    List<MarkView> others = near.stream().filter(m -> !m.kind().hazard()).toList();
    Length bar = day.units() == UnitSystem.US ? Length.ofFeet(500) : Length.ofMetres(150);
    List<FieldMap.Letter> ruts =
        HoursAhead.ruts(season).stream().map(at -> new FieldMap.Letter("R", at)).toList();
    FieldSeason now = season.now();
    Map<String, Object> page = new HashMap<>();
    page.put("u", paper.words());
    page.put("farm", day.farm().name());
    page.put("field", field.name());
    page.put("farmstead", field.farmstead());
    page.put("acres", paper.number(field.acres(), Unit.ACRE, 1));
    page.put("cover", now.field().cover().orElseThrow().mix().name());
    page.put("work", plan.termination().words());
    page.put("on", day.units().say(plan.on()));
    page.put("window", window(now, plan, day.units()));
    page.put("next", season.next().toLowerCase() + " " + day.units().say(planted(now)));
    page.put("access", field.access().isBlank() ? "way in not written down" : field.access());
    page.put("note", field.note());
    page.put(
        "map",
        FieldMap.draw(
            field.shape(), hazards, others, ruts, FillingPlace.of(yard, field).at(), bar));
    page.put("bar", paper.said(bar.feet(), Unit.FOOT, 0));
    page.put("ruts", !ruts.isEmpty());
    page.put("hazards", WorkOrders.hazards(hazards, paper));
    page.put("hours", hours(season, day, plan.termination(), spray));
    page.put(
        "lines",
        plan.lines().stream()
            .map(
                l ->
                    Map.of(
                        "topic", l.topic(), "says", l.says().in(day.units()), "warns", l.warns()))
            .toList());
    page.put("herbicide", plan.termination().usesHerbicide());
    page.put("spray", spray.map(TerminationOrders::spray).orElse(null));
    List<String> cautions = new ArrayList<>();
    plan.termination().needs().forEach(kind -> cautions.addAll(Cautions.of(kind, day.figures())));
    if (plan.termination() == TerminationMethod.GRAZING
        || plan.termination() == TerminationMethod.HAY) {
      day.figures().sheet("feed").rows().forEach(row -> cautions.add(row.text("caution")));
    }
    page.put("cautions", cautions.stream().distinct().toList());
    return pdf.print("ending-order", page);
  }

  /** The products with what their labels ask for, as far as it was read. */
  private static Map<String, Object> spray(PlannedSprays.Planned planned) {
    Map<String, Object> line = new HashMap<>();
    line.put("words", planned.words());
    line.put("rainFree", planned.labels().rainFreeHours().map(h -> Paper.plain(h, 0)).orElse(null));
    line.put("reEntry", planned.labels().reEntryHours().map(h -> Paper.plain(h, 0)).orElse(null));
    return line;
  }

  private static LocalDate planted(FieldSeason now) {
    return now.field().next().planned();
  }

  private static String window(FieldSeason now, TerminationPlans.Plan plan, UnitSystem units) {
    return now.termination()
        .filter(r -> r.method() == plan.termination())
        .flatMap(
            r ->
                r.opens()
                    .median()
                    .flatMap(
                        from ->
                            r.closes()
                                .median()
                                .map(to -> units.say(from) + " to " + units.say(to))))
        .orElse(null);
  }

  /** Blocks of the coming days for the machine that ends it, where hours decide. */
  private static List<Map<String, Object>> hours(
      FieldSeasons season,
      FarmDay day,
      TerminationMethod termination,
      Optional<PlannedSprays.Planned> spray) {
    MachineKind kind = termination.killers().isEmpty() ? null : termination.killers().get(0);
    List<SprayNeed> needs =
        spray.map(PlannedSprays.Planned::needs).orElse(List.of(SprayNeed.USUAL));
    return HoursAhead.blocks(season, day, kind, needs).stream()
        .limit(HOURS_SHOWN)
        .map(
            b ->
                Map.<String, Object>of(
                    "when",
                    day.units().say(b.start().toLocalDate())
                        + ", "
                        + b.start().getHour()
                        + " to "
                        + b.end().getHour()
                        + " h",
                    "chance",
                    Math.round(b.chance().percent())))
        .toList();
  }
}
