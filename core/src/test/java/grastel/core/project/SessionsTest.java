package grastel.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import grastel.core.exercise.FieldWork;
import grastel.core.exercise.Piece;
import grastel.core.exercise.Pieces;
import grastel.core.exercise.Setting;
import grastel.core.exercise.Shipped;
import grastel.core.exercise.asked.ChosenValues;
import grastel.core.exercise.plan.ExercisePlan;
import grastel.core.exercise.plan.FieldPlan;
import grastel.core.project.WorkSessions.Session;
import grastel.core.project.WorkSessions.Share;
import grastel.core.reference.Frame;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class SessionsTest {
    private static Stream<Arguments> pictures() {
        Random random = new Random(17);
        return Stream.generate(() -> {
                    double longest = random.nextDouble(1, 90);
                    List<Double> zones = random.doubles(random.nextInt(1, 13), 0.2, longest)
                            .boxed()
                            .toList();
                    return Arguments.of(zones, random.nextDouble(20, 100));
                })
                .limit(300);
    }

    /** Nothing lost or doubled, order kept, no session over its length, a zone goes on only into the next session. */
    @ParameterizedTest
    @MethodSource("pictures")
    void everyMinuteIsInOneSession(List<Double> zones, double length) {
        Map<Integer, Double> minutes = new HashMap<>();
        for (int i = 0; i < zones.size(); i++) {
            minutes.put(i + 1, zones.get(i));
        }
        List<Integer> order = minutes.keySet().stream().sorted((a, b) -> b - a).toList();
        List<Session> sessions = WorkSessions.of(order, minutes, length);
        assertThat(sessions).allMatch(s -> s.minutes() <= length - WorkSessions.AROUND_MINUTES + 1e-6);
        Map<Integer, Double> laid = sessions.stream()
                .flatMap(s -> s.work().stream())
                .collect(Collectors.groupingBy(Share::zone, Collectors.summingDouble(Share::minutes)));
        assertThat(laid.remove(0)).isCloseTo(WorkSessions.OUTLINES_MINUTES, within(1e-6));
        assertThat(laid.keySet()).isEqualTo(minutes.keySet());
        laid.forEach((zone, sum) -> assertThat(sum).isCloseTo(minutes.get(zone), within(1e-6)));
        List<Integer> first = sessions.stream()
                .flatMap(s -> s.work().stream())
                .map(Share::zone)
                .distinct()
                .filter(z -> z > 0)
                .toList();
        assertThat(first).isEqualTo(order);
        for (int i = 0; i < sessions.size(); i++) {
            List<Share> work = sessions.get(i).work();
            for (int k = 0; k < work.size(); k++) {
                if (work.get(k).goesOn()) {
                    assertThat(k).isEqualTo(work.size() - 1);
                    assertThat(sessions.get(i + 1).work().get(0).zone())
                            .isEqualTo(work.get(k).zone());
                }
            }
        }
    }

    @Test
    void aZoneThatFitsIsNotParted() {
        List<Session> sessions = WorkSessions.of(List.of(1, 2, 3), Map.of(1, 12.0, 2, 9.0, 3, 30.0), 50);
        assertThat(sessions).hasSize(2);
        assertThat(sessions.get(0).work()).extracting(Share::zone).containsExactly(0, 1, 2);
        assertThat(sessions.get(1).work()).containsExactly(new Share(3, 30, false));
    }

    @Test
    void minutesAreThoseOfTheSheetAndTheCourse() {
        Piece piece = Pieces.FLOAT;
        Setting setting = Pieces.setting(piece);
        ExercisePlan plan = Shipped.plan("finished-piece", ChosenValues.NONE, setting);
        FieldPlan field = plan.fields().get(0);
        Map<Integer, Double> minutes = WorkSessions.minutes(
                piece.work(setting), field.picture().order(), new Frame(piece.widthMm(), piece.heightMm()), setting);
        assertThat(minutes.values().stream().mapToDouble(m -> m).sum())
                .isCloseTo(
                        FieldWork.minutes(field, plan.palette(), setting.band().cm2PerMinute()), within(1e-6));
        assertThat(field.picture().order()).containsAll(minutes.keySet());
    }

    @Test
    void aSessionNeedsTimeToDraw() {
        assertThatIllegalArgumentException().isThrownBy(() -> WorkSessions.of(List.of(1), Map.of(1, 5.0), 12));
    }
}
