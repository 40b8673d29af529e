package nimblefurrow.core.figures;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.lang.reflect.Field;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import nimblefurrow.core.quantity.OutOfRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FiguresTest {
  private static final Figures SHIPPED = Figures.shipped();
  private static final FigureKey THIN_MAT = FigureKey.of("termination", "thin_mat");

  /** Every key that a rule asks for is in the files, and every figure in the files is asked for. */
  @Test
  void rulesAndFilesKnowTheSameFigures() throws IllegalAccessException {
    Set<FigureKey> asked = new HashSet<>();
    for (JavaClass type :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("nimblefurrow.core")) {
      for (JavaField field : type.getFields()) {
        if (field.getRawType().isEquivalentTo(FigureKey.class)) {
          Field key = field.reflect();
          key.setAccessible(true);
          asked.add((FigureKey) key.get(null));
        }
      }
    }
    assertThat(asked).hasSizeGreaterThan(200);
    asked.forEach(key -> assertThat(SHIPPED.of(key)).isNotNaN());
    Set<FigureKey> kept =
        SHIPPED.all().stream()
            .map(Figure::id)
            .filter(id -> id.column().equals(FigureId.VALUE))
            .map(id -> FigureKey.of(id.sheet(), id.row()))
            .collect(Collectors.toSet());
    assertThat(asked).containsAll(kept);
  }

  @Test
  void everyFigureSaysWhatItIsWithinWhichLimitsAndFromWhere() {
    assertThat(SHIPPED.all()).hasSizeGreaterThan(1000);
    assertThat(SHIPPED.all())
        .allSatisfy(
            figure -> {
              assertThat(figure.words()).isNotBlank();
              assertThat(figure.source()).isNotBlank();
              assertThat(figure.low()).isLessThan(figure.high());
              assertThat(figure.starting().orElse(figure.low()))
                  .isBetween(figure.low(), figure.high());
            });
  }

  @Test
  void aFarmsChangeLiesOverTheStartingValueOnly() {
    Figures own = SHIPPED.with(Map.of(FigureId.of(THIN_MAT), 4500.0));
    assertThat(own.of(THIN_MAT)).isEqualTo(4500);
    assertThat(SHIPPED.of(THIN_MAT)).isEqualTo(4000);
    assertThat(own.figure(FigureId.of(THIN_MAT)).starting()).contains(4000.0);
    assertThat(own).isEqualTo(SHIPPED.with(Map.of(FigureId.of(THIN_MAT), 4500.0)));
    assertThat(own).isNotEqualTo(SHIPPED);
    assertThat(own.with(Map.of()).of(THIN_MAT)).isEqualTo(4000);
  }

  @Test
  void aCellOfATableIsChangedInItsRowAlone() {
    FigureId milk = new FigureId("roller-kill", "oats", "milk");
    Figures own = SHIPPED.with(Map.of(milk, 0.5));
    Sheet table = own.sheet("roller-kill");
    assertThat(table.row("oats").number("milk")).isEqualTo(0.5);
    assertThat(table.row("oats").number("dough")).isEqualTo(0.94);
    assertThat(table.row("cereal-rye").number("milk")).isEqualTo(0.93);
    assertThat(SHIPPED.sheet("roller-kill").row("oats").number("milk")).isEqualTo(0.88);
  }

  @ParameterizedTest
  @CsvSource({
    "termination,thin_mat,value,100,'mat (dry) under which the roller kills less is 500–10,000'",
    "roller-kill,oats,milk,1.2,stems killed at milk or early pod is 0–1",
    "termination,no_such,value,1,figure is one of the catalogue's",
    "station,persistence,value,0.5,figure is one of the catalogue's"
  })
  void whatCannotBeIsRefusedByName(
      String sheet, String row, String column, double value, String said) {
    assertThatThrownBy(() -> SHIPPED.with(Map.of(new FigureId(sheet, row, column), value)))
        .isInstanceOf(OutOfRange.class)
        .hasMessageContaining(said);
  }
}
