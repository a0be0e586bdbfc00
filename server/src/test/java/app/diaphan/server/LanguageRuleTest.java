package app.diaphan.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import app.diaphan.core.Sentence;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.PrintStream;
import org.junit.jupiter.api.Test;

class LanguageRuleTest {
  private static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .withImportOption(place -> !place.contains("__")) // What Spring generates.
          .importPackages("app.diaphan.core", "app.diaphan.server");

  /** {@link Sentence} puts texts together without asking the machine for its language. */
  @Test
  void nothingFollowsTheLanguageOfTheMachine() {
    noClasses()
        .should()
        .callMethod(String.class, "formatted", Object[].class)
        .orShould()
        .callMethod(String.class, "format", String.class, Object[].class)
        .orShould()
        .callMethod(PrintStream.class, "printf", String.class, Object[].class)
        .orShould()
        .callMethod(String.class, "toLowerCase")
        .orShould()
        .callMethod(String.class, "toUpperCase")
        .check(ALL);
  }
}
