package nimblefurrow.core.advice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Catalogue;
import nimblefurrow.core.cover.Mix;
import nimblefurrow.core.quantity.Money;
import nimblefurrow.core.quantity.Reason;
import nimblefurrow.core.quantity.UnitSystem;
import nimblefurrow.core.seeding.SeedingMethod;
import org.junit.jupiter.api.Test;

/** What most fields have in common, and why one does not. */
class CommonChoiceTest {
  private static final Mix RYE = Mix.of(Catalogue.shipped().species("cereal-rye"));
  private static final Mix OATS = Mix.of(Catalogue.shipped().species("oats"));

  private static Option option(Mix mix, SeedingMethod way) {
    return new Option(mix, way, LocalDate.of(2026, 10, 1), 50, 0.4, 0.25, Money.of(20), List.of());
  }

  private static Advice advice(Option... ranked) {
    return new Advice(List.of(ranked), List.of());
  }

  private static final Advice RYE_FIRST =
      advice(option(RYE, SeedingMethod.DRILL), option(OATS, SeedingMethod.DRILL));
  private static final Advice OATS_FIRST =
      advice(option(OATS, SeedingMethod.DRILL), option(RYE, SeedingMethod.DRILL));

  @Test
  void whatIsFirstOnMostFieldsIsCommonAndOfEqualsTheFirst() {
    assertThat(CommonChoice.of(List.of(OATS_FIRST, RYE_FIRST, RYE_FIRST)))
        .contains(new CommonChoice(RYE, SeedingMethod.DRILL, 2));
    assertThat(CommonChoice.of(List.of(OATS_FIRST, RYE_FIRST)))
        .contains(new CommonChoice(OATS, SeedingMethod.DRILL, 1));
    assertThat(CommonChoice.of(List.of(advice(), RYE_FIRST)))
        .contains(new CommonChoice(RYE, SeedingMethod.DRILL, 1));
    assertThat(CommonChoice.of(List.of(advice()))).isEmpty();
  }

  @Test
  void aFieldThatDiffersSaysWhy() {
    CommonChoice rye = new CommonChoice(RYE, SeedingMethod.DRILL, 3);
    List<Optional<String>> said = new ArrayList<>();
    Advice ruledOut =
        new Advice(
            List.of(option(OATS, SeedingMethod.DRILL)),
            List.of(
                new WhyNot(
                    RYE.members().get(0).species(),
                    SeedingMethod.DRILL,
                    WhyNot.Kind.RESTRICTION,
                    Reason.of("kept out for {}", LocalDate.of(2026, 12, 1)))));
    for (Advice field :
        List.of(RYE_FIRST, OATS_FIRST, ruledOut, advice(option(RYE, SeedingMethod.AIRPLANE)))) {
      said.add(rye.whyNotIn(field).map(r -> r.in(UnitSystem.US)));
    }
    assertThat(said)
        .containsExactly(
            Optional.empty(),
            Optional.of("cereal rye ranks lower here: 25 % in time, serves 40 %"),
            Optional.of("Cereal rye: kept out for 1 Dec"),
            Optional.of("cereal rye, drill after harvest, does not fit here"));
  }
}
