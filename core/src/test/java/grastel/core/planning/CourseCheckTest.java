package grastel.core.planning;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.exercise.FieldWork.PictureWork;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.goal.GradeBand;
import grastel.core.exercise.plan.Recipe.Technique;
import grastel.core.media.Pencil;
import grastel.core.planning.ClassFacts.Secure;
import grastel.core.planning.Stage.Kind;
import grastel.core.planning.Stage.Part;
import grastel.core.planning.Warning.FewSecure;
import grastel.core.planning.Warning.NeededBeforeTaught;
import grastel.core.planning.Warning.NoRoom;
import grastel.core.planning.Warning.PencilMissing;
import grastel.core.planning.Warning.PinNotHeld;
import grastel.core.planning.Warning.PoorStop;
import grastel.core.planning.Warning.QuickAreIdle;
import grastel.core.planning.Warning.SolventForBeginners;
import grastel.core.planning.Warning.SolventNotInMethod;
import grastel.core.planning.Warning.TooFewCopies;
import grastel.core.planning.calendar.Period;
import grastel.core.planning.calendar.Period.State;
import grastel.core.recipe.Method;
import grastel.core.recipe.MethodAnswer;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class CourseCheckTest {
    private static final LocalDateTime FIRST = LocalDateTime.of(2026, 9, 3, 11, 5);
    private static final ClassTime PLAIN = new ClassTime(5, 5, 1);
    private static final Pencil RED = Shipped.pencil("S07");
    private static final Pencil BLUE = Shipped.pencil("S16");

    private final Map<String, Set<Skill>> gives = new HashMap<>();
    private Map<Skill, Secure> secure = Map.of();
    private Map<Pencil, Integer> copies = Map.of(RED, 24, BLUE, 24);
    private Method method = Method.USUAL;
    private GradeBand band = GradeBand.DEVELOPING;
    private int weeks = 8;

    @Test
    void aSoundCourseHasNothingToSay() {
        gives.put("a", Set.of(Skill.PRESSURE));
        gives.put("b", Set.of(Skill.EVEN_TONE));
        assertThat(check(lesson("a", drawn(25, Stop.GOOD)), lesson("b", drawn(25, Stop.GOOD))))
                .isEmpty();
    }

    @Test
    void aSkillIsNeededBeforeItIsTaught() {
        gives.put("fade", Set.of(Skill.GRADATION));
        gives.put("scale", Set.of(Skill.PRESSURE, Skill.EVEN_TONE, Skill.EQUAL_STEPS));
        assertThat(check(lesson("fade", drawn(25, Stop.GOOD)), lesson("scale", drawn(25, Stop.GOOD))))
                .containsExactlyInAnyOrder(
                        new NeededBeforeTaught("fade", Set.of(Skill.EQUAL_STEPS), "scale"),
                        new NeededBeforeTaught("fade", Set.of(Skill.EVEN_TONE), "scale"));
        assertThat(check(lesson("scale", drawn(25, Stop.GOOD)), lesson("fade", drawn(25, Stop.GOOD))))
                .isEmpty();
    }

    @Test
    void whatTheClassIsSecureInNeedsNoLesson() {
        gives.put("fade", Set.of(Skill.GRADATION));
        secure = Map.of(Skill.EQUAL_STEPS, new Secure(18, 24), Skill.EVEN_TONE, new Secure(24, 24));
        assertThat(check(lesson("fade", drawn(25, Stop.GOOD)))).isEmpty();
    }

    @Test
    void fewerThanTwoThirdsAreSecure() {
        gives.put("scale", Set.of(Skill.PRESSURE, Skill.EVEN_TONE, Skill.EQUAL_STEPS));
        gives.put("fade", Set.of(Skill.GRADATION));
        secure = Map.of(Skill.EQUAL_STEPS, new Secure(15, 24), Skill.EVEN_TONE, new Secure(16, 24));
        assertThat(check(lesson("scale", drawn(25, Stop.GOOD)), lesson("fade", drawn(25, Stop.GOOD))))
                .containsExactly(new FewSecure("fade", Skill.EQUAL_STEPS, 15, 24));
    }

    @Test
    void oneOfTwoWaysIsEnough() {
        gives.put("form", Set.of(Skill.FORM_AND_LIGHT));
        secure = Map.of(
                Skill.GRADATION, new Secure(24, 24),
                Skill.TINT_HUE_SHADE, new Secure(2, 24),
                Skill.ANALOGOUS_BLENDING, new Secure(20, 24));
        assertThat(check(lesson("form", drawn(25, Stop.GOOD)))).isEmpty();
    }

    @Test
    void aPencilThatIsNotAtHandHasItsSubstitute() {
        copies = Map.of(BLUE, 24, Shipped.pencil("S08"), 24);
        assertThat(check(lesson("a", drawn(25, Stop.GOOD, RED))))
                .singleElement()
                .satisfies(w -> {
                    PencilMissing missing = (PencilMissing) w;
                    assertThat(missing.pencil()).isEqualTo(RED);
                    assertThat(missing.substitute().pencil()).isEqualTo(Shipped.pencil("S08"));
                });
    }

    @Test
    void aPencilCalibratedSinceTheSheetWasPlannedIsStillAtHand() {
        copies = Map.of(RED.measuredAs(BLUE.masstone(), 0.3, 1.1), 24);
        assertThat(check(lesson("a", drawn(25, Stop.GOOD, RED)))).isEmpty();
    }

    @Test
    void whereNobodySaidWhatTheClassHasNothingIsMissing() {
        copies = null;
        assertThat(check(lesson("a", drawn(25, Stop.GOOD, RED)))).isEmpty();
    }

    @Test
    void tooFewCopiesAreEnoughInTurnsWhereOtherPencilsAreUsedMeanwhile() {
        copies = Map.of(RED, 12, BLUE, 18);
        // 24 students, half of the minutes with each: 12 copies in turns
        assertThat(check(lesson("a", drawn(12, Stop.GOOD, RED), drawn(12, Stop.GOOD, BLUE))))
                .containsExactly(new TooFewCopies("a", RED, 24, 12, 12), new TooFewCopies("a", BLUE, 24, 18, 12));
        assertThat(check(lesson("a", drawn(25, Stop.GOOD, RED))))
                .containsExactly(new TooFewCopies("a", RED, 24, 12, 24));
    }

    @Test
    void solventAgainstTheMethodOrForBeginners() {
        Lesson wet = lesson("wet", new Stage("", Kind.DISSOLVE, Part.NONE, 25, Stop.MUST, List.of()));
        assertThat(check(wet)).containsExactly(new SolventNotInMethod("wet"));
        method = new Method(List.of(MethodAnswer.SOLVENT_SPARING));
        assertThat(check(wet)).isEmpty();
        band = GradeBand.FIRST_STEPS;
        assertThat(check(wet)).containsExactly(new SolventForBeginners("wet"));
    }

    @Test
    void aCourseLongerThanTheTermIsSaidWithItsMinutes() {
        weeks = 1;
        assertThat(check(lesson("a", drawn(25, Stop.GOOD)), lesson("b", shown(20))))
                .containsExactly(new NoRoom("b", Schedule.Why.NO_PERIOD_LEFT, 20));
    }

    @Test
    void theQuickHaveNothingToDo() {
        assertThat(check(lesson("a", shown(12)))).containsExactly(new QuickAreIdle("a", FIRST, 18));
    }

    @Test
    void aPeriodEndsInsideAFamily() {
        assertThat(check(lesson("a", drawn(20, Stop.POOR), drawn(20, Stop.GOOD))))
                .contains(new PoorStop("a", FIRST));
    }

    @Test
    void aPinOnNoPeriod() {
        Lesson pinned = new Lesson("a", List.of(drawn(25, Stop.GOOD)), FIRST.plusDays(1));
        assertThat(check(pinned)).containsExactly(new PinNotHeld("a", FIRST.plusDays(1)));
    }

    private List<Warning> check(Lesson... lessons) {
        List<Period> periods = IntStream.range(0, weeks)
                .mapToObj(FIRST::plusWeeks)
                .map(at -> new Period(at, at, 40, "", State.USUAL))
                .toList();
        return CourseCheck.of(
                List.of(lessons),
                gives,
                Scheduler.lay(List.of(lessons), periods, PLAIN, List.of()),
                PLAIN,
                new ClassFacts(24, band, method, secure, copies, ClassFacts.USUALLY_READY));
    }

    private static Lesson lesson(String id, Stage... stages) {
        return new Lesson(
                id,
                IntStream.range(0, stages.length)
                        .mapToObj(i -> new Stage(
                                String.valueOf(i),
                                stages[i].kind(),
                                Part.NONE,
                                stages[i].minutes(),
                                stages[i].stop(),
                                stages[i].work()))
                        .toList(),
                null);
    }

    private static Stage shown(double minutes) {
        return new Stage("", Kind.SHOW, Part.NONE, minutes, Stop.GOOD, List.of());
    }

    private static Stage drawn(double minutes, Stop stop, Pencil... pencils) {
        List<PictureWork> work = List.of(pencils).stream()
                .map(p -> new PictureWork(Technique.COLOUR, p, 10, 2, 0.4, minutes / pencils.length))
                .toList();
        return new Stage("", Kind.WORK, Part.NONE, minutes, stop, work);
    }
}
