package nimblefurrow.server.termination;

import nimblefurrow.server.season.FieldSeasons;

/** A cover that stands and has to be terminated before a crop. */
final class LivingCover {
  private LivingCover() {}

  /** Whether one stands on a field. */
  static boolean stands(FieldSeasons f) {
    return f.now()
        .field()
        .cover()
        .filter(c -> c.seeded() != null && c.ended() == null && c.clears().isEmpty())
        .filter(c -> !c.mix().winterHardy().isEmpty())
        .filter(c -> f.now().mat().isPresent())
        .isPresent();
  }
}
