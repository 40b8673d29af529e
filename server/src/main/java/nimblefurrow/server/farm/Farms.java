package nimblefurrow.server.farm;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.Limits;
import nimblefurrow.core.quantity.OutOfRange;
import nimblefurrow.core.quantity.Unit;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.WeedLoad;
import nimblefurrow.core.scouting.Weeds;
import nimblefurrow.core.weather.Scenario;
import nimblefurrow.core.weather.Site;
import nimblefurrow.server.catalogue.FarmFigures;
import nimblefurrow.server.platform.Conflict;
import nimblefurrow.server.platform.NotOnThisFarm;
import nimblefurrow.server.platform.web.Maybe;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Farms and their settings. */
@Service
public class Farms {
  /** A farm's settings; {@code asOf} is the day that a demo is set to. */
  public record FarmView(
      UUID id,
      String name,
      Site site,
      UnitSystem units,
      boolean demo,
      @Maybe LocalDate asOf,
      WeatherSource weatherSource,
      long stationSeed,
      String scenario,
      int weatherVersion,
      HouseRules rules,
      double spare,
      double mostCv,
      WeedLoad weeds,
      WeedClass weedClass,
      @Maybe String zone,
      int version) {
    /**
     * The farm's clock: of its zone where one is chosen, else the standard time of its longitude,
     * an hour for every 15 degrees.
     */
    public ZoneId clock() {
      return zone != null ? ZoneId.of(zone) : ofLongitude();
    }

    private ZoneOffset ofLongitude() {
      return ZoneOffset.ofHours((int) Math.round(site.longitude() / DEGREES_AN_HOUR));
    }

    /** The same farm as it was on another day, to be told what was told then. */
    public FarmView on(LocalDate day) {
      return new FarmView(
          id,
          name,
          site,
          units,
          demo,
          day,
          weatherSource,
          stationSeed,
          scenario,
          weatherVersion,
          rules,
          spare,
          mostCv,
          weeds,
          weedClass,
          zone,
          version);
    }
  }

  private static final double DEGREES_AN_HOUR = 15;

  private final FarmRows farms;
  private final FarmFigures figures;
  private final Clock clock;
  private final JdbcClient database;

  Farms(FarmRows farms, FarmFigures figures, Clock clock, JdbcClient database) {
    this.database = database;
    this.farms = farms;
    this.figures = figures;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public FarmView view(UUID id) {
    return view(row(id));
  }

  /** The day it is on a farm: today, or the day a demo is set to. */
  public LocalDate today(FarmView farm) {
    return farm.asOf() != null ? farm.asOf() : LocalDate.now(clock.withZone(farm.clock()));
  }

  @Transactional(readOnly = true)
  public boolean none() {
    return farms.count() == 0;
  }

  @Transactional
  public FarmView start(String name, double latitude, double longitude) {
    return view(farms.save(new Farm(name.strip(), latitude, longitude)));
  }

  @Transactional
  public FarmView startDemo(
      String name, double latitude, double longitude, long stationSeed, LocalDate asOf) {
    Farm farm = new Farm(name, latitude, longitude);
    farm.demo = true;
    farm.asOf = asOf;
    farm.stationSeed = stationSeed;
    farm.weatherSource = WeatherSource.SIMULATED;
    return view(farms.save(farm));
  }

  /** The made-up farm that a farm has to look at; empty while it has none. */
  @Transactional(readOnly = true)
  public Optional<UUID> sampleOf(UUID farm) {
    return farms.findBySampleOf(farm).map(f -> f.id);
  }

  /** The farm that a made-up one was made for; empty for all others. */
  @Transactional(readOnly = true)
  public Optional<UUID> sampleFor(UUID sample) {
    return Optional.ofNullable(row(sample).sampleOf);
  }

  /** Gives a made-up farm to a farm that has none, to look at and take apart. */
  @Transactional
  public void makeSample(UUID sample, UUID of) {
    row(sample).sampleOf = row(of).id;
  }

  @Transactional
  public FarmView rename(UUID id, String name, Integer seen) {
    Farm farm = fresh(id, seen);
    farm.name = Limits.given("farm name", name).strip();
    return kept(farm);
  }

  @Transactional
  public FarmView units(UUID id, UnitSystem units, Integer seen) {
    Farm farm = fresh(id, seen);
    farm.units = Limits.given("units", units);
    return kept(farm);
  }

  /**
   * Sets the farm's clock.
   *
   * @param zone by its name, for example "America/Chicago"; null: the standard time of its
   *     longitude
   */
  @Transactional
  public FarmView zone(UUID id, String zone, Integer seen) {
    if (zone != null && !ZoneId.getAvailableZoneIds().contains(zone)) {
      throw new OutOfRange("zone", "zone is one such as America/Chicago, got " + zone);
    }
    Farm farm = fresh(id, seen);
    farm.zone = zone;
    return kept(farm);
  }

  @Transactional
  public FarmView rules(
      UUID id, HouseRules rules, double spare, double mostCv, Weeds weeds, Integer seen) {
    Farm farm = fresh(id, seen);
    farm.spare = Limits.within("spare seed as a share of the need", spare, 0, 0.5, Unit.NONE);
    farm.mostCv = Limits.within("unevenness borne", mostCv, 0.05, 0.5, Unit.NONE);
    farm.placing = rules.placing();
    farm.rows = rules.rows();
    farm.overCorn = rules.overCorn();
    farm.overBeans = rules.overBeans();
    farm.rolling = rules.rolling();
    farm.rollingCorn = rules.rollingCorn();
    farm.weeds = weeds.load();
    farm.weedClass = weeds.kind();
    return kept(farm);
  }

  /** Sets the day a demo farm is on; other farms live on the real day. */
  @Transactional
  public FarmView goTo(UUID id, LocalDate day) {
    Farm farm = row(id);
    if (!farm.demo) {
      throw new OutOfRange("day", "the day can only be set on the demo farm");
    }
    if (day.getYear() < 2026 || day.isAfter(LocalDate.of(2028, 12, 31))) {
      throw new OutOfRange(
          "day", "the demo plays from 1 January 2026 to 31 December 2028, got " + day);
    }
    farm.asOf = day;
    return view(farm);
  }

  /** Runs a demo's station through another made-up season; a farm of one's own has only its own. */
  @Transactional
  public FarmView runThrough(UUID id, Scenario scenario) {
    Farm farm = row(id);
    if (!farm.demo) {
      throw new Conflict("made-up seasons are for the demo; look at the demo to try them");
    }
    farm.scenario = scenario.code();
    return weatherFrom(id, farm.weatherSource);
  }

  /** Says that the farm's weather has changed or comes from elsewhere now. */
  @Transactional
  public FarmView weatherFrom(UUID id, WeatherSource source) {
    Farm farm = row(id);
    farm.weatherSource = source;
    farm.weatherVersion =
        database.sql("select nextval('weather_version')").query(Integer.class).single();
    return view(farm);
  }

  /** The farm as it was seen by whoever changes its settings. */
  private Farm fresh(UUID id, Integer seen) {
    Farm farm = row(id);
    Conflict.refuseOlder(farm.version, seen);
    return farm;
  }

  private FarmView kept(Farm farm) {
    return view(farms.saveAndFlush(farm));
  }

  private Farm row(UUID id) {
    return farms.findById(id).orElseThrow(() -> new NotOnThisFarm("farm"));
  }

  private FarmView view(Farm farm) {
    return new FarmView(
        farm.id,
        farm.name,
        new Site(farm.latitude, farm.longitude),
        farm.units,
        farm.demo,
        farm.asOf,
        farm.weatherSource,
        farm.stationSeed,
        farm.scenario,
        farm.weatherVersion,
        new HouseRules(
            farm.overCorn,
            farm.overBeans,
            farm.rolling,
            farm.rollingCorn,
            farm.placing,
            farm.rows,
            figures.of(farm.id)),
        farm.spare,
        farm.mostCv,
        farm.weeds,
        farm.weedClass,
        farm.zone,
        farm.version);
  }
}
