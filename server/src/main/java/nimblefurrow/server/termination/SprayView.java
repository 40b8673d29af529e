package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.termination.spray.FallBurndown;
import nimblefurrow.core.termination.spray.SprayKill;
import nimblefurrow.core.termination.spray.SprayPlan;
import nimblefurrow.core.termination.spray.Tank;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.FieldSeasons;

/**
 * A burndown planned.
 *
 * @param acres of the field, {@code sprayed} less buffers
 * @param reaches share of a residual that reaches the soil now, {@code washed} after half an inch
 */
record SprayView(
    String field,
    LocalDate on,
    LocalDate planting,
    String next,
    double poundsAe,
    double acres,
    double sprayed,
    List<SprayMember> members,
    List<SprayWay> ways,
    @Maybe TankView tank,
    List<String> forbids,
    List<String> against,
    List<String> mixing,
    List<String> asks,
    int reaches,
    int washed,
    @Maybe LocalDate fallUntil,
    @Maybe LocalDate fallUp) {
  record SprayMember(String species, double poundsAe, int kill, @Maybe String partner) {}

  record SprayWay(
      String words, int grass, @Maybe Integer broadleaf, int least, double moreDollars, int days) {}

  record TankView(
      double ouncesPerAcre,
      double acresPerTank,
      int fullTanks,
      double lastAcres,
      double lastGallons,
      double lastProductGallons,
      double tankProductGallons,
      double productGallons) {
    static TankView of(Tank t) {
      return new TankView(
          t.ouncesPerAcre(),
          t.acresPerTank(),
          t.fullTanks(),
          t.lastAcres(),
          t.lastGallons(),
          t.lastProductGallons(),
          t.tankProductGallons(),
          t.productGallons());
    }
  }

  /** A burndown as its reader sees it. */
  static SprayView of(SprayDesk.Burndown told) {
    FieldSeasons field = told.field();
    SprayPlan plan = told.plan();
    Optional<FallBurndown> fall = told.fall();
    UnitSystem units = told.units();
    boolean early = fall.filter(f -> !plan.on().isAfter(f.up())).isPresent();
    return new SprayView(
        field.field().name(),
        plan.on(),
        field.now().field().next().planned(),
        field.next(),
        plan.poundsPerAcre(),
        field.now().field().facts().area().acres(),
        told.left().acres(),
        plan.kills().stream()
            .map(
                k ->
                    new SprayMember(
                        k.species(), k.pounds(), Percent.of(k.kill()), k.partner().orElse(null)))
            .toList(),
        plan.ways().stream().map(SprayView::way).toList(),
        plan.tank().map(TankView::of).orElse(null),
        said(plan.forbids(), units),
        said(plan.against(), units),
        said(plan.mixing(), units),
        said(plan.asks(), units),
        (int) Math.round(plan.reachesSoil().percent()),
        (int) Math.round(plan.reachesWashed().percent()),
        early ? fall.get().until() : null,
        early ? fall.get().up() : null);
  }

  private static SprayWay way(SprayKill k) {
    return new SprayWay(
        k.way().words(),
        Percent.of(k.grass()),
        k.broadleaf() < 1 ? Percent.of(k.broadleaf()) : null,
        Percent.of(k.least()),
        k.moreDollars(),
        k.daysBetween());
  }

  private static List<String> said(List<Reason> reasons, UnitSystem units) {
    return reasons.stream().map(r -> r.in(units)).toList();
  }
}
