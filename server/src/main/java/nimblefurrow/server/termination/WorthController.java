package nimblefurrow.server.termination;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.cover.MatForecast;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.journal.Story;
import nimblefurrow.core.journal.WeedsScored;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.season.FieldFacts;
import nimblefurrow.core.season.FieldSeason;
import nimblefurrow.core.termination.TerminationMethod;
import nimblefurrow.core.termination.worth.ComparedMethod;
import nimblefurrow.core.termination.worth.TippingPoint;
import nimblefurrow.core.termination.worth.TradeOff;
import nimblefurrow.core.termination.worth.TradeOffs;
import nimblefurrow.core.termination.worth.WorthCase;
import nimblefurrow.core.termination.worth.WorthParts;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import nimblefurrow.server.platform.web.Percent;
import nimblefurrow.server.season.FarmDay;
import nimblefurrow.server.season.FieldSeasons;
import nimblefurrow.server.season.OneField;
import nimblefurrow.server.season.Seasons;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What each way of ending a field's cover nets, by the day it is done. */
@RestController
@RequestMapping("/api/v1/termination")
class WorthController {
  /** Money in $/ac: parts of a net, which add up to it. */
  record PartsView(
      double weeds,
      double passes,
      double kill,
      double date,
      double stand,
      double nitrogen,
      double seed,
      double water,
      double feed) {
    static PartsView of(WorthParts p) {
      return new PartsView(
          ten(p.weeds()),
          ten(p.passes()),
          ten(p.kill()),
          ten(p.date()),
          ten(p.stand()),
          ten(p.nitrogen()),
          ten(p.seed()),
          ten(p.water()),
          ten(p.feed()));
    }
  }

  /** A day of a way; the kill in %. */
  record WorthDay(
      LocalDate on, double net, double low, double high, int kill, long matLbAc, PartsView parts) {
    static WorthDay of(TradeOff.OneDay d) {
      return new WorthDay(
          d.on(),
          ten(d.mean()),
          ten(d.range().low()),
          ten(d.range().high()),
          Percent.of(d.kill()),
          Math.round(d.mat()),
          PartsView.of(d.parts()));
    }
  }

  /**
   * A way of ending.
   *
   * @param wins chance in % that it nets more than the best way; absent for the best itself
   * @param regret what choosing it costs against the best in the years that speak for that, $/ac
   * @param turn what would have to be true for it to net as much
   */
  record WorthWay(
      ComparedMethod way,
      String words,
      WorthDay best,
      @Maybe Integer wins,
      @Maybe Double regret,
      @Maybe String turn,
      List<WorthDay> days) {}

  /**
   * A field's trade-off, the way that nets most first.
   *
   * @param avoid days on which it is too late to spray early and too early to plant green
   * @param feed whether hay and grazing are set against the others
   * @param scored whether the weeds were scored in the field
   */
  record WorthView(
      LocalDate today,
      String next,
      LocalDate planned,
      double bushels,
      double price,
      WeedLoad weeds,
      boolean scored,
      boolean feed,
      List<WorthWay> ways,
      List<LocalDate> avoid) {}

  private final Seasons seasons;
  private final CurrentFarm current;

  WorthController(Seasons seasons, CurrentFarm current) {
    this.seasons = seasons;
    this.current = current;
  }

  /**
   * @param grain price of grain against the figures, {@code passes} of passes: 1 as they are
   * @param weeds how weedy it is; as scored in the field, else as the house has it
   * @param feed whether hay and grazing are asked for; else where the cover is to end so
   */
  @GetMapping("/{fieldId}/worth")
  WorthView worth(
      @PathVariable UUID fieldId,
      @RequestParam(required = false) UUID zone,
      @RequestParam(defaultValue = "1") double grain,
      @RequestParam(defaultValue = "1") double passes,
      @RequestParam(required = false) WeedLoad weeds,
      @RequestParam(required = false) Boolean feed) {
    Limits.within("price of grain against the figures", grain, 0.3, 3, Unit.NONE);
    Limits.within("price of passes against the figures", passes, 0.3, 3, Unit.NONE);
    OneField one = seasons.one(current.id(), fieldId, zone);
    FieldSeasons field = one.running();
    FieldSeason now = field.now();
    FarmDay day = one.day();
    MatForecast mat =
        now.mat()
            .filter(m -> now.field().cover().filter(c -> c.ended() == null).isPresent())
            .orElseThrow(() -> new OutOfRange("cover", "there is no cover here to end"));
    FieldFacts facts = now.field().facts();
    WeedLoad load = weeds != null ? weeds : facts.weeds().load();
    TerminationMethod chosen = now.field().cover().orElseThrow().termination();
    boolean fed =
        feed != null
            ? feed
            : chosen == TerminationMethod.HAY || chosen == TerminationMethod.GRAZING;
    WorthCase at =
        WorthCase.of(
            now.field().next().kind(),
            now.field().next().planned(),
            facts.organic(),
            facts.weeds().with(load),
            grain,
            passes,
            facts.grainSoon(),
            day.farm().site(),
            day.figures());
    TradeOff off =
        new TradeOffs(mat, at, day.weather().fit(), facts.ground(true), facts.ground(false))
            .work(fed);
    return new WorthView(
        day.today(),
        field.next(),
        at.planned(),
        at.bushels(),
        at.price(),
        load,
        Story.of(field.entries())
            .from(field.crop().starts())
            .lastRead(WeedsScored.class)
            .isPresent(),
        fed,
        off.ways().stream()
            .sorted(Comparator.comparingDouble((TradeOff.OneWay w) -> -w.best().mean()))
            .map(w -> way(w, off, day.units(), day.figures()))
            .toList(),
        off.avoid());
  }

  private static WorthWay way(TradeOff.OneWay w, TradeOff off, UnitSystem units, Figures figures) {
    var beats = off.against().stream().filter(b -> b.way() == w.way()).findFirst();
    return new WorthWay(
        w.way(),
        w.way().words(),
        WorthDay.of(w.best()),
        beats.map(b -> Percent.of(b.chance())).orElse(null),
        beats.map(b -> ten(b.regret())).orElse(null),
        off.best()
            .flatMap(best -> TippingPoint.of(w.best().parts(), best.best().parts(), figures))
            .map(turn -> turn.words().in(units))
            .orElse(null),
        w.days().stream().map(WorthDay::of).toList());
  }

  private static double ten(double value) {
    return Math.round(10 * value) / 10.0;
  }
}
