package org.ropebridge;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The rooms of the core, and the arrows between them: only downwards. */
@AnalyzeClasses(
    packages = "org.ropebridge",
    importOptions = {ImportOption.DoNotIncludeTests.class, ImportOption.DoNotIncludeJars.class})
class ArchitectureTest {

  @ArchTest
  static final ArchRule ARROWS_POINT_DOWN =
      layeredArchitecture()
          .consideringOnlyDependenciesInLayers()
          .layer("answer")
          .definedBy("org.ropebridge.answer..")
          .layer("health")
          .definedBy("org.ropebridge.health..")
          .layer("gaps")
          .definedBy("org.ropebridge.gaps..")
          .layer("survey")
          .definedBy("org.ropebridge.survey..")
          .layer("upload")
          .definedBy("org.ropebridge.upload..")
          .layer("sql")
          .definedBy("org.ropebridge.sql..")
          .layer("steering")
          .definedBy("org.ropebridge.steering..")
          .layer("reading")
          .definedBy("org.ropebridge.reading..")
          .layer("language")
          .definedBy("org.ropebridge.language..")
          .layer("lexicon")
          .definedBy("org.ropebridge.lexicon..")
          .layer("plan")
          .definedBy("org.ropebridge.plan..")
          .layer("access")
          .definedBy("org.ropebridge.access..")
          .layer("model")
          .definedBy("org.ropebridge.model..")
          .whereLayer("health")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("gaps")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("answer")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("sql")
          .mayOnlyBeAccessedByLayers("answer", "survey", "health")
          .whereLayer("survey")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("upload")
          .mayOnlyBeAccessedByLayers("sql")
          .whereLayer("reading")
          .mayOnlyBeAccessedByLayers("steering", "sql", "answer", "gaps", "health")
          .whereLayer("steering")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("language")
          .mayOnlyBeAccessedByLayers("reading", "survey", "upload")
          .whereLayer("lexicon")
          .mayOnlyBeAccessedByLayers("language", "reading", "steering", "answer")
          .whereLayer("plan")
          .mayOnlyBeAccessedByLayers(
              "lexicon", "language", "reading", "steering", "sql", "answer", "health")
          .whereLayer("access")
          .mayOnlyBeAccessedByLayers("plan", "sql", "answer");

  @ArchTest
  static final ArchRule THE_CORE_KNOWS_NO_SERVER_AND_NO_CONNECTION =
      noClasses()
          .that()
          .resideOutsideOfPackage("org.ropebridge.demo..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "java.net.http..", "javax.sql..", "java.awt..")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.sql.Connection");

  @ArchTest
  static final ArchRule ONLY_SQL_KNOWS_THE_SQL_TREE =
      noClasses()
          .that()
          .resideOutsideOfPackage("org.ropebridge.sql..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("org.jooq..");
}
