package nimblefurrow.server.loads;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import nimblefurrow.core.loads.LoadPlan;
import nimblefurrow.core.loads.OnField;
import nimblefurrow.core.loads.SetUp;
import nimblefurrow.core.price.OwnCost;
import nimblefurrow.core.price.Quote;
import nimblefurrow.core.quantity.Area;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.SeedRate;
import nimblefurrow.core.quantity.WorkRate;
import nimblefurrow.core.seeding.SeedBlend;
import nimblefurrow.server.machine.MachineSetup;
import nimblefurrow.server.machine.Machines.MachineView;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.season.FarmDay;
import org.springframework.stereotype.Service;

/** What a machine's pass costs on a field, own, hired or rented. */
@Service
public class PriceDesk {
  /** Stands for a rate at which the machine cannot go at all, ac/h. */
  private static final int CURVE_POINTS = 20;

  private static final double CURVE_STEP = 10;
  private static final double SLOWEST = 0.01;

  /** All in $/ac at this field; absent where the machine has no such price. */
  public record PriceView(
      @Maybe Double own,
      @Maybe Double byAcre,
      @Maybe Double byHour,
      @Maybe Double charged,
      boolean hourly,
      @Maybe Double crossingLbAc,
      List<PricePoint> curve,
      @Maybe Double rented,
      double pass) {}

  /** What a bulk rate (lb/ac) would cost by the acre and by the hour, $/ac. */
  public record PricePoint(double lbAc, double byAcre, double byHour) {}

  /** The pass and, where its seed parts, each pass again. */
  PriceView price(
      FarmDay farm,
      SeedBlend blend,
      MachineView machine,
      List<SeedBlend> passes,
      List<LoadPlan> plans,
      OnField on) {
    MachineSetup s = machine.setup();
    Area area = on.area();
    Optional<WorkRate> worked = LoadPlan.rate(plans, area);
    if (worked.isEmpty()) {
      return new PriceView(
          null,
          null,
          null,
          null,
          false,
          null,
          List.of(),
          null,
          machine.costPerAcre().doubleValue());
    }
    WorkRate rate = worked.get();
    Optional<Money> own =
        s.fixedPerYear() == null && s.runningPerHour() == null
            ? Optional.empty()
            : Optional.of(
                new OwnCost(
                        or(s.fixedPerYear(), 0),
                        or(s.acresPerYear(), 500),
                        or(s.runningPerHour(), 0))
                    .perAcre(rate));
    Optional<Quote> quote =
        s.quotePerAcre() == null && s.quotePerHour() == null
            ? Optional.empty()
            : Optional.of(
                new Quote(
                    or(s.quotePerAcre(), 0),
                    or(s.quotePerHour(), 0),
                    or(s.quoteSetUp(), 0),
                    // Without a price by the hour it is always by the acre, and the other way
                    // round.
                    SeedRate.poundsPerAcre(
                        s.quotePerHour() == null
                            ? 1000
                            : s.quotePerAcre() == null ? 0 : or(s.quoteThresholdLbAc(), 1000))));
    Optional<Money> rented =
        s.rentPerDay() == null
            ? Optional.empty()
            : Optional.of(
                OwnCost.rented(
                    s.rentPerDay(),
                    farm.weather().fit().hoursPerDay(machine.kind()),
                    or(s.runningPerHour(), 0),
                    rate));
    Money pass =
        quote
            .map(q -> q.charged(area, blend.rate(), rate, plans.size()))
            .or(() -> rented)
            .or(() -> own)
            .orElse(Money.of(machine.costPerAcre().doubleValue()));
    DoubleFunction<Double> pace =
        lb -> acresPerHour(machine, on, passes, lb / blend.rate().poundsPerAcre());
    return new PriceView(
        own.map(Money::value).orElse(null),
        quote
            .filter(q -> q.perAcre() > 0)
            .map(q -> q.byAcre(area, plans.size()).value())
            .orElse(null),
        quote.filter(q -> q.perHour() > 0).map(q -> q.byHour(area, rate).value()).orElse(null),
        quote.map(q -> q.charged(area, blend.rate(), rate, plans.size()).value()).orElse(null),
        quote.map(q -> q.hourly(blend.rate())).orElse(false),
        quote
            .filter(q -> q.perHour() > 0)
            .flatMap(q -> q.crossing(pace, passes.size()))
            .map(SeedRate::poundsPerAcre)
            .orElse(null),
        quote
            .filter(q -> q.perHour() > 0 && q.perAcre() > 0)
            .map(q -> curve(q, area, pace, plans.size()))
            .orElse(List.of()),
        rented.map(Money::value).orElse(null),
        pass.value());
  }

  private static List<PricePoint> curve(
      Quote quote, Area area, DoubleFunction<Double> pace, int passes) {
    return IntStream.rangeClosed(1, CURVE_POINTS)
        .mapToDouble(i -> i * CURVE_STEP)
        .mapToObj(
            lb ->
                new PricePoint(
                    lb,
                    quote.byAcre(area, passes).value(),
                    quote.byHour(area, WorkRate.acresPerHour(pace.apply(lb))).value()))
        .toList();
  }

  /** Acres an hour if all passes went at another rate, one after the other. */
  private static double acresPerHour(
      MachineView machine, OnField on, List<SeedBlend> passes, double factor) {
    SetUp setUp = Rigs.of(machine, passes.get(0).figures());
    double rate =
        setUp
            .rate(on, passes.stream().map(pass -> pass.times(factor)).toList())
            .map(WorkRate::acresPerHour)
            .orElse(SLOWEST);
    return Math.max(SLOWEST, rate);
  }

  private static double or(Double value, double otherwise) {
    return value == null ? otherwise : value;
  }
}
