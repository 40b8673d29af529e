package nimblefurrow.server.farm;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.cover.WeedClass;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.core.houserules.HouseRules;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.scouting.WeedLoad;

@Entity
@Table(name = "farm")
class Farm {
  private static final HouseRules USUAL = HouseRules.usual(Figures.shipped());

  @Id UUID id;
  String name;
  double latitude;
  double longitude;

  @Enumerated(EnumType.STRING)
  UnitSystem units = UnitSystem.US;

  boolean demo;

  /** The farm that this made-up one was made for; null for all others. */
  @Column(name = "sample_of")
  UUID sampleOf;

  @Column(name = "as_of")
  LocalDate asOf;

  @Enumerated(EnumType.STRING)
  @Column(name = "weather_source")
  WeatherSource weatherSource = WeatherSource.NONE;

  @Column(name = "station_seed")
  long stationSeed;

  String scenario = "usual";

  /** Null: the standard time of its longitude. */
  String zone;

  @Column(name = "weather_version")
  int weatherVersion;

  @Enumerated(EnumType.STRING)
  @Column(name = "over_corn")
  HouseRules.OverCorn overCorn = USUAL.overCorn();

  @Enumerated(EnumType.STRING)
  @Column(name = "over_beans")
  HouseRules.OverBeans overBeans = USUAL.overBeans();

  @Enumerated(EnumType.STRING)
  HouseRules.Rolling rolling = USUAL.rolling();

  @Enumerated(EnumType.STRING)
  @Column(name = "rolling_corn")
  HouseRules.Rolling rollingCorn = USUAL.rollingCorn();

  @Enumerated(EnumType.STRING)
  WeedLoad weeds = WeedLoad.USUAL;

  @Column(name = "weed_class")
  WeedClass weedClass = WeedClass.MIXED;

  @Enumerated(EnumType.STRING)
  @Column(name = "seed_placing")
  HouseRules.Placing placing = USUAL.placing();

  @Enumerated(EnumType.STRING)
  @Column(name = "row_school")
  HouseRules.Rows rows = USUAL.rows();

  double spare = 0.03;

  @Column(name = "most_cv")
  double mostCv = 0.20;

  @Version int version;

  protected Farm() {}

  Farm(String name, double latitude, double longitude) {
    this.id = UUID.randomUUID();
    this.name = name;
    this.latitude = latitude;
    this.longitude = longitude;
    this.stationSeed = id.getMostSignificantBits() & 0xffffff;
  }
}
