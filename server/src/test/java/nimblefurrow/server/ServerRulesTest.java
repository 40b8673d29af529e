package nimblefurrow.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import jakarta.persistence.Entity;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblefurrow.core.figures.FigureKey;
import nimblefurrow.core.figures.Figures;
import nimblefurrow.server.platform.codes.Stored;
import nimblefurrow.server.platform.codes.StoredJson;
import org.hibernate.annotations.JdbcTypeCode;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

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
  void theSearchStandsOnItsRulesAndNotTheOtherWayRound() {
    slices()
        .matching("nimblefurrow.scheduler.(*)..")
        .should()
        .beFreeOfCycles()
        .check(
            new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests())
                .importPackages("nimblefurrow.scheduler"));
  }

  @Test
  void entitiesAndRepositoriesStayInTheirRoom() {
    classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate().check(SERVER);
    classes()
        .that()
        .areAssignableTo(Repository.class)
        .and()
        .areInterfaces()
        .should()
        .bePackagePrivate()
        .check(SERVER);
  }

  /** A figure that the server names is in the figures' files. */
  @Test
  void everyFigureThatIsNamedIsThere() throws Exception {
    int named = 0;
    for (var type : SERVER) {
      for (JavaField field : type.getFields()) {
        if (field.getRawType().isEquivalentTo(FigureKey.class)
            && field.getModifiers().contains(JavaModifier.STATIC)) {
          var declared = Class.forName(type.getName()).getDeclaredField(field.getName());
          declared.setAccessible(true);
          assertThat(Figures.shipped().of((FigureKey) declared.get(null)))
              .as(field.getFullName())
              .isNotNaN();
          named++;
        }
      }
    }
    assertThat(named).isGreaterThan(3);
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

  /** Two classes of one name are two words for one thing, or one word for two. */
  @Test
  void noTwoClassesShareAName() {
    Map<String, List<String>> byName = new TreeMap<>();
    new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("nimblefurrow.core", "nimblefurrow.scheduler", "nimblefurrow.server")
            .stream()
            .filter(type -> type.isTopLevelClass() && !type.getName().contains("$"))
            .filter(type -> !type.getSimpleName().equals("package-info"))
            .forEach(
                type ->
                    byName
                        .computeIfAbsent(type.getSimpleName(), n -> new ArrayList<>())
                        .add(type.getName()));
    assertThat(byName).hasSizeGreaterThan(700);
    assertThat(byName.values()).filteredOn(same -> same.size() > 1).isEmpty();
  }

  /** What two doors need stands beside them; a door is only opened from outside. */
  @Test
  void nobodyCallsAController() {
    int doors = 0;
    List<String> calls = new ArrayList<>();
    for (var type : SERVER) {
      if (type.isTopLevelClass() && type.isAnnotatedWith(RestController.class)) {
        doors++;
        type.getDirectDependenciesToSelf().stream()
            .map(d -> d.getOriginClass().getName())
            .filter(from -> !from.startsWith(type.getName()))
            .filter(from -> !from.contains("EntriesOfOldPages"))
            .forEach(from -> calls.add(from + " → " + type.getSimpleName()));
      }
    }
    assertThat(doors).isGreaterThan(50);
    assertThat(calls).isEmpty();
  }

  /** What a row keeps as JSON is written down in records of its own, which nobody else speaks. */
  @Test
  void storedRecordsAreNeitherCoresNorTheApis() {
    fields()
        .that()
        .areDeclaredInClassesThat()
        .areAnnotatedWith(Entity.class)
        .and()
        .areAnnotatedWith(JdbcTypeCode.class)
        .should(beStored())
        .check(SERVER);
    noClasses()
        .that()
        .areAnnotatedWith(RestController.class)
        .should()
        .dependOnClassesThat()
        .haveSimpleNameStartingWith("Stored")
        .check(SERVER);
    fields()
        .that()
        .areDeclaredInClassesThat()
        .haveSimpleNameStartingWith("Stored")
        .should()
        .notHaveRawType(resideInAPackage("nimblefurrow.core.."))
        .check(SERVER);
  }

  private static boolean uses(JavaClass type, Class<?> what) {
    return type.getDirectDependenciesFromSelf().stream()
        .anyMatch(d -> d.getTargetClass().isEquivalentTo(what));
  }

  /** Rows that are written by SQL keep JSON under the same rule, through one door. */
  @Test
  void whatSqlKeepsAsJsonIsStoredRecordsToo() {
    List<String> others =
        SERVER.stream()
            .filter(type -> uses(type, JdbcClient.class) && uses(type, JsonMapper.class))
            .map(JavaClass::getName)
            .toList();
    assertThat(others).isEmpty();
    assertThat(SERVER.stream().filter(type -> uses(type, StoredJson.class)).count())
        .isGreaterThan(5);
    classes()
        .that()
        .implement(Stored.class)
        .should()
        .haveSimpleNameStartingWith("Stored")
        .check(SERVER);
    assertThat(SERVER.stream().filter(type -> type.isAssignableTo(Stored.class)).count())
        .isGreaterThan(10);
  }

  /** A field's type, or what its list is of, is a stored record or plain text. */
  private static ArchCondition<JavaField> beStored() {
    return new ArchCondition<>("be of a stored record") {
      @Override
      public void check(JavaField field, ConditionEvents events) {
        boolean stored =
            field.getType().getAllInvolvedRawTypes().stream()
                .filter(t -> t.getPackageName().startsWith("nimblefurrow"))
                .allMatch(t -> t.getSimpleName().startsWith("Stored"));
        events.add(new SimpleConditionEvent(field, stored, field.getFullName()));
      }
    };
  }
}
