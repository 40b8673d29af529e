package nimblefurrow.core.seeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblefurrow.core.quantity.Mass;
import nimblefurrow.core.seeding.SeedStore.Sown;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SeedStoreTest {
  @ParameterizedTest
  @CsvSource({
    "Rye A,5000,Rye A,1800,3200",
    "Rye A,5000,rye a ,1800,3200",
    "Rye A,5000,Rye B,1800,5000",
    "Rye A,1000,Rye A,1800,0",
    "Rye A,0,Rye A,0,0"
  })
  void whatIsLeft(String lot, double bought, String sownOf, double sown, double left) {
    List<Sown> log =
        List.of(
            new Sown(sownOf, Mass.ofPounds(sown / 2)), new Sown(sownOf, Mass.ofPounds(sown / 2)));
    assertThat(SeedStore.left(lot, Mass.ofPounds(bought), log).pounds()).isEqualTo(left);
  }
}
