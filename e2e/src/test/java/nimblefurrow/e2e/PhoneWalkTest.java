package nimblefurrow.e2e;

import org.junit.jupiter.api.Test;

/** The walk through all views on a phone; a class of its own, so that it goes beside the others. */
class PhoneWalkTest {
  @Test
  void everyViewOnAPhone() {
    WalkTest.walk(390, 844);
  }
}
