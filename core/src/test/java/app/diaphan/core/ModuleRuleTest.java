package app.diaphan.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZonedDateTime;
import org.jspecify.annotations.NullMarked;
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
            "app.diaphan.server..")
        .check(CORE);
    // OpenTimelineIO is JSON; documents of our own are not the core's to write.
    noClasses()
        .that()
        .resideOutsideOfPackage("app.diaphan.core.cue..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("tools.jackson..")
        .check(CORE);
  }

  @Test
  void packagesDependOneWay() {
    slices().matching("app.diaphan.core.(*)..").should().beFreeOfCycles().check(CORE);
    slices().matching("app.diaphan.core.(**)").should().beFreeOfCycles().check(CORE);
  }

  /** What a package is for stands in its package-info; nothing in the core is ever null unsaid. */
  @Test
  void everyPackageSaysWhatItIsForAndMeansNoNulls() throws ClassNotFoundException {
    for (String name :
        CORE.stream().map(one -> one.getPackageName()).distinct().sorted().toList()) {
      assertTrue(Class.forName(name + ".package-info").isAnnotationPresent(NullMarked.class), name);
    }
  }

  /** Days may be told to it; what day it is may not be asked. */
  @Test
  void theCoreHasNoClockAndNoChance() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .haveFullyQualifiedName("java.util.Random")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .dependOnClassesThat()
        .belongToAnyOf(Clock.class, Instant.class, ZonedDateTime.class)
        .orShould()
        .callMethod(LocalDate.class, "now")
        .orShould()
        .callMethod(LocalDateTime.class, "now")
        .check(CORE);
    // A limit on time decides whether there is a picture, never which.
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName("app.diaphan.core.picture.Patience")
        .should()
        .callMethod(System.class, "nanoTime")
        .check(CORE);
  }
}
