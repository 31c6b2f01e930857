package grastel.app;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.simpleName;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import grastel.app.platform.Owned;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

@AnalyzeClasses(packages = "grastel.app", importOptions = DoNotIncludeTests.class)
class ModulesTest {
    @ArchTest
    static final ArchRule EVERY_ROW_BUT_A_TEACHER_HAS_AN_OWNER = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .and(DescribedPredicate.not(simpleName("Teacher")))
            .should()
            .beAssignableTo(Owned.class);

    @ArchTest
    static final ArchRule ONLY_BACKGROUND_TASKS_ACT_AS_THE_SYSTEM = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .callMethod(grastel.app.platform.Ownership.class, "asSystem", java.util.function.Supplier.class);

    @Test
    void placesTalkOnlyThroughFrontDoors() {
        ApplicationModules.of(GrastelApplication.class).verify();
    }
}
