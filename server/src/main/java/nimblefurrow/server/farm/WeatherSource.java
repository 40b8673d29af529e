package nimblefurrow.server.farm;

/** Where a farm's weather comes from. */
public enum WeatherSource {
  NONE,
  SIMULATED,
  IMPORTED
}
