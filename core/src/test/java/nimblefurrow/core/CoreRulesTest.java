package nimblefurrow.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noFields;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Collection;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** The ground floor stays the ground floor. */
class CoreRulesTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("nimblefurrow.core");

  @Test
  void coreSeesOnlyTheJdkAndItsFewLibraries() {
    classes()
        .that()
        .resideInAPackage("nimblefurrow.core..")
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "nimblefurrow.core..",
            "java..",
            "org.locationtech.jts..",
            "net.sf.geographiclib..",
            "org.apache.commons.statistics..",
            "org.apache.commons.rng..",
            "org.apache.commons.csv..")
        .check(CORE);
  }

  @Test
  void coreHasNoClockOfItsOwn() {
    noClasses().should().callMethod(java.time.Instant.class, "now").check(CORE);
    noClasses().should().callMethod(java.time.LocalDate.class, "now").check(CORE);
    noClasses().should().callMethod(java.time.LocalDateTime.class, "now").check(CORE);
    noClasses().should().callMethod(System.class, "currentTimeMillis").check(CORE);
  }

  @Test
  void packagesDoNotGoInCircles() {
    slices().matching("nimblefurrow.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  /**
   * Numbers of the job stand in data files; what is left are units, tolerances and input bounds.
   */
  @Test
  void rulesHoldNoTablesOfTheirOwn() {
    noFields()
        .that()
        .areStatic()
        .and()
        .areDeclaredInClassesThat()
        .resideOutsideOfPackages("nimblefurrow.core.figures..")
        .should()
        .haveRawType(assignableTo(Map.class))
        .orShould()
        .haveRawType(assignableTo(Collection.class))
        .check(CORE);
  }

  /** What ends a cover, what it does to plants and what it needs do not look up to the season. */
  @Test
  void floorsStandOnEachOther() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("ground")
        .definedBy("..core.quantity..", "..core.ensemble..", "..core.figures..")
        .layer("land and weather")
        .definedBy("..core.weather..", "..core.land..", "..core.price..", "..core.houserules..")
        .layer("plants and passes")
        .definedBy(
            "..core.cashcrop..",
            "..core.cover..",
            "..core.calibration..",
            "..core.coverage..",
            "..core.flight..")
        .layer("work and scouting")
        .definedBy(
            "..core.chain..",
            "..core.yard..",
            "..core.fitness..",
            "..core.job..",
            "..core.play..",
            "..core.board..",
            "..core.scouting..")
        .layer("sowing and ending")
        .definedBy(
            "..core.seeding..", "..core.loads..", "..core.termination..", "..core.practice..")
        .layer("advice")
        .definedBy("..core.advice..")
        .layer("season")
        .definedBy("..core.season..")
        .whereLayer("season")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("advice")
        .mayOnlyBeAccessedByLayers("season")
        .whereLayer("sowing and ending")
        .mayOnlyBeAccessedByLayers("advice", "season")
        .whereLayer("work and scouting")
        .mayOnlyBeAccessedByLayers("sowing and ending", "advice", "season")
        .check(CORE);
  }
}
