package app.diaphan.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ModuleRuleTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("app.diaphan.core");

  @Test
  void theCoreKnowsNoFramework() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "org.hibernate..",
            "jakarta..",
            "com.fasterxml..",
            "tools.jackson..",
            "app.diaphan.server..")
        .check(CORE);
  }

  @Test
  void packagesDependOneWay() {
    slices().matching("app.diaphan.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  @Test
  void theCoreHasNoClockAndNoChance() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.util.Random")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .callMethod(System.class, "nanoTime")
        .orShould()
        .dependOnClassesThat()
        .resideInAPackage("java.time..")
        .check(CORE);
  }
}
