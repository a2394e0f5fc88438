package civitane.core;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

/** The core knows no framework, and inside it dependencies run one way. */
public class StructureTest {
  private static final JavaClasses CORE = new ClassFileImporter()
      .withImportOption(new ImportOption.DoNotIncludeTests())
      .importPackages("civitane.core");

  @Test
  public void knowsNoFramework() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "jakarta..",
            "java.sql..",
            "tools.jackson..",
            "com.fasterxml..",
            "org.hibernate..")
        .check(CORE);
  }

  @Test
  public void hasNoClockAndNoChance() {
    noClasses()
        .should()
        .callMethod(java.time.LocalDate.class, "now")
        .orShould()
        .callMethod(java.time.Instant.class, "now")
        .orShould()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .dependOnClassesThat()
        .areAssignableTo(java.util.Random.class)
        .check(CORE);
  }

  @Test
  public void dependenciesRunOneWay() {
    layeredArchitecture()
        .consideringOnlyDependenciesInLayers()
        .layer("services")
        .definedBy("civitane.core.services..")
        .layer("claims")
        .definedBy("civitane.core.claims..")
        .layer("rules")
        .definedBy("civitane.core.rules..")
        .layer("income and identity")
        .definedBy("civitane.core.income..", "civitane.core.identity..", "civitane.core.matching..")
        .layer("facts and rates")
        .definedBy("civitane.core.facts..", "civitane.core.rates..", "civitane.core.registers..")
        .layer("money and time")
        .definedBy("civitane.core.money..", "civitane.core.time..")
        .whereLayer("services")
        .mayNotBeAccessedByAnyLayer()
        .whereLayer("rules")
        .mayOnlyBeAccessedByLayers("services", "claims")
        .whereLayer("income and identity")
        .mayOnlyBeAccessedByLayers("services", "claims", "rules")
        .whereLayer("facts and rates")
        .mayOnlyBeAccessedByLayers("services", "claims", "rules", "income and identity")
        .check(CORE);
  }

  @Test
  public void packagesHaveNoCycles() {
    slices().matching("civitane.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  @Test
  public void noServiceKnowsAnother() {
    slices()
        .matching("civitane.core.services.(*)..")
        .should()
        .notDependOnEachOther()
        .check(CORE);
  }
}
