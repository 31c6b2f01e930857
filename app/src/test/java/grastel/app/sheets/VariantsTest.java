package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.classes.Classes.ClassInfo;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ValueData;
import grastel.core.exercise.plan.SheetPlan;
import grastel.core.scanner.hand.Hand;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** Sheets that draw themselves anew, another variant for each student. */
class VariantsTest extends ApplicationTest {
    private UUID sheet(SignedIn teacher, String kind, Map<String, ValueData> values) {
        return as(
                teacher,
                () -> sheets.create(null, SheetData.of(kit.papers().get(0).id(), kind, values))
                        .id());
    }

    private UUID run(SignedIn teacher, UUID sheet, ClassInfo of) {
        return created(teacher, "/api/sheets/" + sheet + "/runs", Map.of("schoolClass", of.id(), "variants", true));
    }

    private List<String> pictures(SignedIn teacher, UUID run) {
        return as(teacher, () -> printings.pages(run)).stream()
                .map(page -> as(teacher, () -> printings.printed(page.id())).plan())
                .map(plan -> plan.fields().get(0).picture().cells())
                .toList();
    }

    @Test
    void eachStudentGetsTheNextVariantAndTheFirstTheSheetsOwn() {
        SignedIn teacher = newTeacher();
        ClassInfo of = newClass(teacher);
        UUID sheet = sheet(teacher, "faceted-composition", Map.of("variant", ValueData.of(999)));
        SheetPlan own = as(
                teacher, () -> sheets.latest(java.util.Set.of(sheet)).get(sheet).plan());
        UUID run = run(teacher, sheet, of);
        List<String> pictures = pictures(teacher, run);
        assertThat(pictures).hasSize(3).doesNotHaveDuplicates();
        assertThat(pictures.get(0)).isEqualTo(own.fields().get(0).picture().cells());

        UUID first = sheet(teacher, "faceted-composition", Map.of("variant", ValueData.of(1)));
        assertThat(pictures.get(1))
                .as("after the last variant comes the first")
                .isEqualTo(as(
                                teacher,
                                () -> sheets.latest(java.util.Set.of(first))
                                        .get(first)
                                        .plan())
                        .fields()
                        .get(0)
                        .picture()
                        .cells());
        assertThat(JsonPath.<Boolean>read(content(get(teacher, "/api/sheets/runs")), "$[0].personal"))
                .as("it is a printing of the class's sheet")
                .isFalse();
    }

    @Test
    void whatAStudentDrewIsHeldAgainstTheirOwnVariant() {
        SignedIn teacher = newTeacher();
        ClassInfo of = newClass(teacher);
        UUID run = run(teacher, sheet(teacher, "faceted-composition", Map.of()), of);
        UUID page = confirmed(teacher, printedPage(teacher, run, 2), Hand.EXACT, 4);
        String read = content(get(teacher, "/api/returns/pages/{id}", page));
        assertThat(JsonPath.<List<Integer>>read(read, "$.goals[*].level"))
                .as(read)
                .isNotEmpty()
                .allMatch(level -> level >= 3);
    }

    @Test
    void whatHasNoVariantsIsPrintedAlike() {
        SignedIn teacher = newTeacher();
        ClassInfo of = newClass(teacher);
        UUID sheet = as(teacher, () -> sheets.create(null, scale("S07", 5, 20))).id();
        UUID run = run(teacher, sheet, of);
        List<UUID> versions = as(teacher, () -> printings.pages(run)).stream()
                .map(page -> as(teacher, () -> printings.printed(page.id())).version())
                .distinct()
                .toList();
        assertThat(versions).hasSize(1);
    }
}
