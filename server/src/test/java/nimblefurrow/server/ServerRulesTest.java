package nimblefurrow.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** The walls between the server's rooms. */
class ServerRulesTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("nimblefurrow.server");

  @Test
  void roomsDoNotGoInCircles() {
    slices().matching("nimblefurrow.server.(*)..").should().beFreeOfCycles().check(SERVER);
  }

  @Test
  void entitiesAndRepositoriesStayInTheirRoom() {
    classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate().check(SERVER);
    classes().that().areAssignableTo(Repository.class).should().bePackagePrivate().check(SERVER);
  }

  @Test
  void controllersKeepNothingThemselves() {
    noClasses()
        .that()
        .areAnnotatedWith(RestController.class)
        .should()
        .dependOnClassesThat()
        .areAnnotatedWith(Entity.class)
        .check(SERVER);
  }
}
