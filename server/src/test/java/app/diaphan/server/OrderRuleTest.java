package app.diaphan.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Which rooms of the server know which others. */
class OrderRuleTest {
  private static final JavaClasses SERVER =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .withImportOption(place -> !place.contains("__")) // What Spring generates.
          .importPackages("app.diaphan.server");

  @Test
  void packagesDependOneWay() {
    slices().matching("app.diaphan.server.(**)").should().beFreeOfCycles().check(SERVER);
  }

  @Test
  void onlyCommandsStartTheServerAndOnlyTheServerHasAnswers() {
    classes()
        .that()
        .haveFullyQualifiedName("app.diaphan.server.ServerApplication")
        .should()
        .onlyHaveDependentClassesThat()
        .resideInAnyPackage("app.diaphan.server", "app.diaphan.server.command")
        .check(SERVER);
    classes()
        .that()
        .resideInAPackage("app.diaphan.server.web")
        .should()
        .onlyHaveDependentClassesThat()
        .resideInAnyPackage("app.diaphan.server.web", "app.diaphan.server.command")
        .check(SERVER);
  }
}
