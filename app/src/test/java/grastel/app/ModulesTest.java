package grastel.app;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.simpleName;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import grastel.app.platform.Owned;
import jakarta.persistence.Entity;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.modulith.core.ApplicationModules;

@AnalyzeClasses(packages = "grastel.app", importOptions = DoNotIncludeTests.class)
@Tag("app")
class ModulesTest {
    /** Where a place's front doors are: not in a room. */
    private static final String DOORS = "doors";

    @ArchTest
    static final ArchRule EVERY_ROW_BUT_OF_ACCOUNTS_HAS_AN_OWNER = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .and(DescribedPredicate.not(simpleName("Teacher")
                    .or(simpleName("SignInTry"))
                    .or(simpleName("SignInBucket"))
                    .or(simpleName("Invite"))))
            .should()
            .beAssignableTo(Owned.class);

    @ArchTest
    static final ArchRule ONLY_BACKGROUND_TASKS_ACT_AS_THE_SYSTEM = noClasses()
            .that()
            .haveSimpleNameEndingWith("Controller")
            .should()
            .callMethod(grastel.app.platform.Ownership.class, "asSystem", java.util.function.Supplier.class);

    /** The description of the interface knows types by their simple names: two of one name would become one. */
    @ArchTest
    static void whatTheInterfaceSpeaksInHasANameOfItsOwn(JavaClasses all) {
        Map<String, List<String>> byName = all.stream()
                .filter(c -> c.isRecord() && c.getSimpleName().matches(".*(View|Request|Data|Row)"))
                .collect(Collectors.groupingBy(
                        JavaClass::getSimpleName, Collectors.mapping(JavaClass::getName, Collectors.toList())));
        assertThat(byName.values()).allMatch(names -> names.size() == 1);
    }

    @ArchTest
    static final ArchRule RETURNS_GO_UPSTAIRS =
            upstairs("grastel.app.returns", "api", "page", "work", "intake", DOORS, "feedback", "screen");

    @ArchTest
    static final ArchRule SHEETS_GO_UPSTAIRS =
            upstairs("grastel.app.sheets", "api", "rows", "planning", "paper", DOORS, "screen", "packs", "migrations");

    @ArchTest
    static final ArchRule COURSE_GOES_UPSTAIRS =
            upstairs("grastel.app.course", DOORS, "rota", "calendar", "outlines", "paper", "screen");

    /** Rooms of a place: each may rest on those before it only. */
    private static ArchRule upstairs(String place, String... rooms) {
        LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInAnyPackage(place + "..");
        for (String room : rooms) {
            house = house.layer(room).definedBy(room.equals(DOORS) ? place : place + "." + room);
        }
        for (int i = 0; i < rooms.length; i++) {
            String[] above = Arrays.copyOfRange(rooms, i + 1, rooms.length);
            house = above.length == 0
                    ? house.whereLayer(rooms[i]).mayNotBeAccessedByAnyLayer()
                    : house.whereLayer(rooms[i]).mayOnlyBeAccessedByLayers(above);
        }
        return house;
    }

    @Test
    void placesTalkOnlyThroughFrontDoors() {
        ApplicationModules.of(GrastelApplication.class).verify();
    }
}
