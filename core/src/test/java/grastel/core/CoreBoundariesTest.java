package grastel.core;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "grastel.core", importOptions = DoNotIncludeTests.class)
class CoreBoundariesTest {
    @ArchTest
    static final ArchRule KNOWS_NO_FRAMEWORK = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..",
                    "jakarta..",
                    "org.hibernate..",
                    "java.sql..",
                    "java.net..",
                    "org.slf4j..",
                    "java.util.logging..",
                    "com.fasterxml..",
                    "tools.jackson..");

    @ArchTest
    static final ArchRule ARROWS_POINT_DOWN = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("colour")
            .definedBy("grastel.core.colour")
            .layer("media")
            .definedBy("grastel.core.media..")
            .layer("layering")
            .definedBy("grastel.core.layering..")
            .layer("recipe")
            .definedBy("grastel.core.recipe")
            .layer("exercise")
            .definedBy("grastel.core.exercise..")
            .layer("planning")
            .definedBy("grastel.core.planning..")
            .layer("page")
            .definedBy("grastel.core.page..")
            .layer("reading")
            .definedBy("grastel.core.reading..")
            .layer("judging")
            .definedBy("grastel.core.judging..")
            .layer("scanner")
            .definedBy("grastel.core.scanner..")
            .layer("chart")
            .definedBy("grastel.core.chart")
            .whereLayer("chart")
            .mayNotBeAccessedByAnyLayer()
            .layer("progress")
            .definedBy("grastel.core.progress")
            .layer("reference")
            .definedBy("grastel.core.reference")
            .layer("project")
            .definedBy("grastel.core.project")
            .whereLayer("project")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("reference")
            .mayOnlyBeAccessedByLayers("project")
            .whereLayer("progress")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("scanner")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("judging")
            .mayOnlyBeAccessedByLayers("progress")
            .whereLayer("planning")
            .mayOnlyBeAccessedByLayers("progress")
            .whereLayer("reading")
            .mayOnlyBeAccessedByLayers("judging", "chart", "reference")
            .whereLayer("page")
            .mayOnlyBeAccessedByLayers("reading", "scanner", "chart")
            .whereLayer("exercise")
            .mayOnlyBeAccessedByLayers(
                    "judging", "page", "planning", "reading", "scanner", "progress", "reference", "project")
            .whereLayer("recipe")
            .mayOnlyBeAccessedByLayers("exercise", "planning", "project")
            .whereLayer("layering")
            .mayOnlyBeAccessedByLayers(
                    "recipe", "exercise", "judging", "planning", "scanner", "chart", "progress", "project");

    /** What all stand on stands on nothing. */
    @ArchTest
    static final ArchRule WORDS_AND_WHAT_IS_KNOWN_ARE_BELOW = noClasses()
            .that()
            .resideInAnyPackage("grastel.core.words", "grastel.core.checks")
            .should()
            .dependOnClassesThat(resideInAPackage("grastel.core..")
                    .and(not(resideInAnyPackage("grastel.core.words", "grastel.core.checks"))));

    /** Who draws knows no page, a page no device. */
    @ArchTest
    static final ArchRule SCANNER_GOES_UPSTAIRS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("hand")
            .definedBy("grastel.core.scanner.hand")
            .layer("sheet")
            .definedBy("grastel.core.scanner.sheet")
            .layer("picture")
            .definedBy("grastel.core.scanner.picture")
            .layer("scanner")
            .definedBy("grastel.core.scanner")
            .whereLayer("scanner")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("picture")
            .mayOnlyBeAccessedByLayers("scanner")
            .whereLayer("sheet")
            .mayOnlyBeAccessedByLayers("picture", "scanner");

    /** Rooms of reading rest on one another; judging and others see what was measured and the front door. */
    @ArchTest
    static final ArchRule READING_GOES_UPSTAIRS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("picture")
            .definedBy("grastel.core.reading.picture")
            .layer("place")
            .definedBy("grastel.core.reading.place")
            .layer("light")
            .definedBy("grastel.core.reading.light")
            .layer("keys")
            .definedBy("grastel.core.reading.keys")
            .layer("strips")
            .definedBy("grastel.core.reading.strips")
            .layer("fields")
            .definedBy("grastel.core.reading.fields")
            .layer("lines")
            .definedBy("grastel.core.reading.lines")
            .layer("front")
            .definedBy("grastel.core.reading")
            .layer("others")
            .definedBy("grastel.core.judging..", "grastel.core.chart..", "grastel.core.reference..")
            .whereLayer("place")
            .mayOnlyBeAccessedByLayers("light", "fields", "lines", "front")
            .whereLayer("light")
            .mayOnlyBeAccessedByLayers("keys", "fields", "front")
            .whereLayer("keys")
            .mayOnlyBeAccessedByLayers("fields", "front")
            .whereLayer("strips")
            .mayOnlyBeAccessedByLayers("fields", "front", "others")
            .whereLayer("fields")
            .mayOnlyBeAccessedByLayers("front", "others")
            .whereLayer("lines")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("front")
            .mayOnlyBeAccessedByLayers("others");

    /** Goals and what is asked know of no plan, plans of no kind that makes them. */
    @ArchTest
    static final ArchRule EXERCISES_GO_UPSTAIRS = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("goal")
            .definedBy("grastel.core.exercise.goal")
            .layer("asked")
            .definedBy("grastel.core.exercise.asked")
            .layer("plan")
            .definedBy("grastel.core.exercise.plan")
            .layer("makers")
            .definedBy("grastel.core.exercise")
            .whereLayer("goal")
            .mayOnlyBeAccessedByLayers("plan", "makers")
            .whereLayer("asked")
            .mayOnlyBeAccessedByLayers("plan", "makers")
            .whereLayer("plan")
            .mayOnlyBeAccessedByLayers("makers");
}
