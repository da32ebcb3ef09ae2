package org.ropebridge.service;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.flywaydb.core.api.migration.JavaMigration;

/** The rooms of the service, and that the core does not know it. */
@AnalyzeClasses(packages = "org.ropebridge", importOptions = ImportOption.DoNotIncludeTests.class)
class RoomsTest {

  @ArchTest
  static final ArchRule ARROWS_POINT_DOWN =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("demo")
          .definedBy("org.ropebridge.service.demo..")
          .layer("health")
          .definedBy("org.ropebridge.service.health..")
          .layer("gaps")
          .definedBy("org.ropebridge.service.gaps..")
          .layer("ownwords")
          .definedBy("org.ropebridge.service.ownwords..")
          .layer("kept")
          .definedBy("org.ropebridge.service.kept..")
          .layer("log")
          .definedBy("org.ropebridge.service.log..")
          .layer("uploads")
          .definedBy("org.ropebridge.service.uploads..")
          .layer("drafts")
          .definedBy("org.ropebridge.service.drafts..")
          .layer("questions")
          .definedBy("org.ropebridge.service.questions..")
          .layer("models")
          .definedBy("org.ropebridge.service.models..")
          .layer("sources")
          .definedBy("org.ropebridge.service.sources..")
          .layer("accounts")
          .definedBy("org.ropebridge.service.accounts..")
          .whereLayer("demo")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("uploads")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("health")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("gaps")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("kept")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("drafts")
          .mayOnlyBeAccessedByLayers("gaps")
          .whereLayer("ownwords")
          .mayOnlyBeAccessedByLayers("questions", "gaps")
          .whereLayer("log")
          .mayOnlyBeAccessedByLayers("questions", "gaps", "ownwords", "kept")
          .whereLayer("questions")
          .mayOnlyBeAccessedByLayers("drafts", "gaps", "health", "kept")
          .whereLayer("models")
          .mayOnlyBeAccessedByLayers(
              "drafts", "questions", "gaps", "ownwords", "kept", "health", "demo")
          .whereLayer("sources")
          .mayOnlyBeAccessedByLayers("drafts", "models", "questions", "uploads", "health", "demo");

  @ArchTest
  static final ArchRule THE_CORE_DOES_NOT_KNOW_THE_SERVICE =
      noClasses()
          .that()
          .resideOutsideOfPackages("org.ropebridge.service..", "org.ropebridge.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("org.ropebridge.service..", "org.springframework..");

  @ArchTest
  static final ArchRule ONLY_SOURCES_CONNECT_TO_WAREHOUSES =
      noClasses()
          .that()
          .resideInAPackage("org.ropebridge.service..")
          .and()
          .resideOutsideOfPackage("org.ropebridge.service.sources..")
          .and()
          .areNotAssignableTo(JavaMigration.class)
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("java.sql..", "javax.sql..", "com.zaxxer..");
}
