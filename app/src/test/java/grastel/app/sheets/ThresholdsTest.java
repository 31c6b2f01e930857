package grastel.app.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import grastel.app.ApplicationTest;
import grastel.app.platform.SignedIn;
import grastel.app.sheets.api.RunInfo;
import grastel.app.sheets.api.SheetData;
import grastel.app.sheets.api.SheetData.ExerciseData;
import grastel.core.exercise.goal.Goal;
import grastel.core.page.PageSize;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** How strict goals are: as usual, for a class, for one sheet. */
class ThresholdsTest extends ApplicationTest {
    /** The usual spread of equal steps is 25 % for a developing class. */
    @Test
    void thresholdsFollowTheSheetThenTheClassAndStayAsPrinted() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = newClass(teacher).id();
        SheetData usual = as(teacher, () -> scale("S07", 5, 20));
        SheetData ofClass =
                new SheetData(schoolClass, null, usual.paper(), PageSize.A4, List.copyOf(usual.exercises()));
        hold(teacher, schoolClass, Map.of("EQUAL_STEPS", 1.2));
        ExerciseData scale = usual.exercises().get(0);
        SheetData own = new SheetData(
                schoolClass,
                null,
                usual.paper(),
                PageSize.A4,
                List.of(new ExerciseData(scale.kind(), scale.values(), Map.of(Goal.EQUAL_STEPS, 0.8))));

        assertThat(spread(teacher, usual)).containsExactly(25.0);
        assertThat(spread(teacher, ofClass)).containsExactly(30.0);
        assertThat(spread(teacher, own)).containsExactly(20.0);

        RunInfo run =
                as(teacher, () -> printings.print(sheets.create("Held", ofClass).id(), schoolClass));
        hold(teacher, schoolClass, Map.of());
        assertThat(as(teacher, () -> printings.plan(run.id()))
                        .exercises()
                        .get(0)
                        .factor(Goal.EQUAL_STEPS))
                .isEqualTo(1.2);
        assertThat(spread(teacher, ofClass)).containsExactly(25.0);
    }

    private void hold(SignedIn teacher, UUID schoolClass, Map<String, Double> thresholds) {
        assertThat(put(teacher, "/api/classes/{id}/thresholds", Map.of("thresholds", thresholds), schoolClass))
                .hasStatusOk();
    }

    private List<Double> spread(SignedIn teacher, SheetData data) {
        String draft = content(post(teacher, "/api/sheets/preview", Map.of("data", data)));
        return JsonPath.read(draft, "$.exercises[0].goals[?(@.goal == 'EQUAL_STEPS')].secure");
    }

    @Test
    void aThresholdMovedBeyondSenseOrOfNoGoalIsRefused() {
        SignedIn teacher = newTeacher();
        UUID schoolClass = newClass(teacher).id();

        assertThat(put(
                        teacher,
                        "/api/classes/{id}/thresholds",
                        Map.of("thresholds", Map.of("EQUAL_STEPS", 9)),
                        schoolClass))
                .hasStatus(422)
                .bodyText()
                .contains("thresholds[EQUAL_STEPS]");
        assertThat(put(
                        teacher,
                        "/api/classes/{id}/thresholds",
                        Map.of("thresholds", Map.of("LOUDNESS", 1)),
                        schoolClass))
                .hasStatus(400);
    }
}
