package nimblefurrow.core.loads;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Durations;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;

/**
 * A machine on wheels that stops to be filled: drill, planter, air seeder, spreader, box on a
 * combine.
 *
 * @param working acres an hour while it works
 * @param fill each stop with the tender
 * @param tender pounds that the tender brings; 0 where bags are carried
 */
public record Wheeled(Hopper hopper, WorkRate working, Duration fill, Mass tender)
    implements SetUp {
  private static final FigureKey FILLING_LIMITS = FigureKey.of("loads", "filling_limits");

  public Wheeled {
    Limits.given("hopper", hopper);
    Limits.given("field capacity", working);
    Limits.within("filling", Durations.inMinutes(fill), 0, 240, Unit.MINUTE);
  }

  @Override
  public LoadPlan plan(OnField on, SeedBlend blend) {
    Area field = on.area();
    Mass load = hopper.load(blend);
    if (load.pounds() <= 0) {
      return LoadPlan.impossible(Reason.of("the box holds no seed: its load is 0"));
    }
    Loads loads = Loads.of(field, blend.rate(), load);
    double filling = loads.count() * Durations.inHours(fill);
    double hours = working.hoursFor(field) + filling;
    List<LoadPlan.Need> needs = new ArrayList<>();
    if (tender.pounds() > 0) {
      int trips = (int) Math.ceil(loads.total().pounds() / tender.pounds() - 1e-9);
      needs.add(new LoadPlan.Need("tender loads", trips));
    }
    return LoadPlan.done(
        loads,
        WorkRate.acresPerHour(field.acres() / hours),
        Durations.hours(hours),
        Durations.hours(working.hoursFor(loads.acresPerLoad())).plus(fill),
        needs,
        filling > blend.figures().of(FILLING_LIMITS) * hours ? "filling" : "driving",
        List.of());
  }
}
