package nimblefurrow.server.farm;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.server.platform.CurrentFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The farm's settings, each saved on its own. */
@RestController
@RequestMapping("/api/v1/farm")
class FarmController {
  record Settings(
      String name,
      double latitude,
      double longitude,
      UnitSystem units,
      boolean demo,
      @Maybe LocalDate asOf,
      LocalDate today,
      WeatherSource weatherSource,
      HouseRules.OverCorn overCorn,
      HouseRules.OverBeans overBeans,
      HouseRules.Rolling rolling,
      HouseRules.Rolling rollingCorn,
      WeedLoad weeds,
      WeedClass weedClass,
      HouseRules.Placing placing,
      HouseRules.Rows rows,
      double spare,
      double mostCv,
      @Maybe String zone,
      String clock,
      int version,
      List<MarkedDay> markedDays) {}

  record MarkedDay(LocalDate day, String words) {}

  record Name(@NotBlank @Size(max = 120) String name, @Maybe Integer version) {}

  record Units(@NotNull UnitSystem units, @Maybe Integer version) {}

  /**
   * @param zone null: the standard time of the farm's longitude
   */
  record ClockForm(@Maybe @Size(max = 60) String zone, @Maybe Integer version) {}

  record Day(@NotNull LocalDate day) {}

  record Rules(
      @NotNull HouseRules.OverCorn overCorn,
      @NotNull HouseRules.OverBeans overBeans,
      @NotNull HouseRules.Rolling rolling,
      @Maybe HouseRules.Rolling rollingCorn,
      @Maybe WeedLoad weeds,
      @Maybe WeedClass weedClass,
      @Maybe HouseRules.Placing placing,
      @Maybe HouseRules.Rows rows,
      @Maybe Double spare,
      @Maybe Double mostCv,
      @Maybe Integer version) {}

  private static final List<MarkedDay> MARKED =
      List.of(
          new MarkedDay(LocalDate.of(2026, 6, 8), "Interseeding in June"),
          new MarkedDay(LocalDate.of(2026, 9, 2), "Over the top in September"),
          new MarkedDay(LocalDate.of(2026, 10, 1), "After harvest in October"),
          new MarkedDay(LocalDate.of(2027, 4, 12), "Burndown in April"),
          new MarkedDay(LocalDate.of(2027, 5, 20), "Rolling in late May"));

  private final Farms farms;
  private final CurrentFarm current;

  FarmController(Farms farms, CurrentFarm current) {
    this.farms = farms;
    this.current = current;
  }

  @GetMapping
  Settings settings() {
    return settings(farms.view(current.id()));
  }

  @PutMapping("/name")
  Settings rename(@Valid @RequestBody Name typed) {
    return settings(farms.rename(current.id(), typed.name(), typed.version()));
  }

  @PutMapping("/units")
  Settings units(@Valid @RequestBody Units typed) {
    return settings(farms.units(current.id(), typed.units(), typed.version()));
  }

  @PutMapping("/day")
  Settings goTo(@Valid @RequestBody Day typed) {
    return settings(farms.goTo(current.id(), typed.day()));
  }

  @PutMapping("/zone")
  Settings zone(@Valid @RequestBody ClockForm typed) {
    return settings(farms.zone(current.id(), typed.zone(), typed.version()));
  }

  @PutMapping("/rules")
  Settings rules(@Valid @RequestBody Rules typed) {
    Farms.FarmView now = farms.view(current.id());
    HouseRules rules =
        new HouseRules(
            typed.overCorn(),
            typed.overBeans(),
            typed.rolling(),
            typed.rollingCorn() == null ? now.rules().rollingCorn() : typed.rollingCorn(),
            typed.placing() == null ? now.rules().placing() : typed.placing(),
            typed.rows() == null ? now.rules().rows() : typed.rows(),
            now.rules().figures());
    return settings(
        farms.rules(
            current.id(),
            rules,
            typed.spare() == null ? now.spare() : typed.spare(),
            typed.mostCv() == null ? now.mostCv() : typed.mostCv(),
            new Weeds(
                typed.weeds() == null ? now.weeds() : typed.weeds(),
                typed.weedClass() == null ? now.weedClass() : typed.weedClass()),
            typed.version()));
  }

  private Settings settings(Farms.FarmView farm) {
    return new Settings(
        farm.name(),
        farm.site().latitude(),
        farm.site().longitude(),
        farm.units(),
        farm.demo(),
        farm.asOf(),
        farms.today(farm),
        farm.weatherSource(),
        farm.rules().overCorn(),
        farm.rules().overBeans(),
        farm.rules().rolling(),
        farm.rules().rollingCorn(),
        farm.weeds(),
        farm.weedClass(),
        farm.rules().placing(),
        farm.rules().rows(),
        farm.spare(),
        farm.mostCv(),
        farm.zone(),
        farm.clock().getId(),
        farm.version(),
        farm.demo() ? MARKED : List.of());
  }
}
