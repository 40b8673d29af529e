package nimblefurrow.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
}
