package grastel.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import grastel.core.Sample;
import grastel.core.exercise.goal.Goal;
import grastel.core.exercise.goal.Ladder;
import grastel.core.judging.Level;
import grastel.core.planning.Skill;
import grastel.core.progress.Attempt.Shown;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/**
 * A class of thirty over twelve weeks. What each can really do is known: it begins anywhere and grows by its own pace. A sheet
 * shows it through the hand's day and the reader's error, as a level.
 */
class ClassOverTermTest {
    private static final Instant SEPTEMBER = Instant.parse("2026-09-01T09:00:00Z");
    private static final int STUDENTS = 30;
    private static final int WEEKS = 12;
    /** One sheet in four is missed. */
    private static final double COMES = 0.75;
    /** How far a hand's day is from what it can, levels. */
    private static final double DAY = 0.4;
    /** The reader's, levels. */
    private static final double READ = 0.15;

    /** What a student can do in a week, levels. */
    private record Truth(double first, double aWeek) {
        double at(int week) {
            return Math.max(0.6, Math.min(4.4, first + aWeek * week));
        }
    }

    private static Attempt attempt(Truth truth, int week, Random random) {
        double shown = truth.at(week) + DAY * random.nextGaussian() + READ * random.nextGaussian();
        Level level = Level.values()[(int) Math.max(1, Math.min(4, Math.round(shown)))];
        return new Attempt(
                SEPTEMBER.plus(7L * week, ChronoUnit.DAYS),
                "pressure-scale",
                List.of(new Shown(
                        Goal.EQUAL_STEPS,
                        level,
                        null,
                        null,
                        new Ladder(50, 30, 18),
                        null,
                        null,
                        new UUID(1, week),
                        "1")));
    }

    @Test
    void standingsFollowWhatStudentsCanReallyDo() {
        double least = 1;
        double sum = 0;
        int classes = 20;
        for (int seed = 0; seed < classes; seed++) {
            Random random = new Random(seed);
            List<Double> truths = new ArrayList<>();
            List<Double> standings = new ArrayList<>();
            for (int s = 0; s < STUDENTS; s++) {
                Truth truth = new Truth(random.nextDouble(0.5, 3.5), random.nextDouble(0, 0.12));
                List<Attempt> attempts = new ArrayList<>();
                for (int week = 0; week < WEEKS; week++) {
                    if (random.nextDouble() < COMES) {
                        attempts.add(attempt(truth, week, random));
                    }
                }
                new StudentRecord(attempts, ZoneOffset.UTC)
                        .standing(Skill.EQUAL_STEPS)
                        .ifPresent(standing -> {
                            truths.add(truth.at(WEEKS - 1));
                            standings.add(standing.level());
                        });
            }
            double r = correlation(truths, standings);
            least = Math.min(least, r);
            sum += r;
        }
        Sample.note("standings against truth: r %.3f over %d classes, least %.3f", sum / classes, classes, least);
        assertThat(sum / classes).isGreaterThanOrEqualTo(0.9);
    }

    private static double correlation(List<Double> a, List<Double> b) {
        double meanA = a.stream().mapToDouble(x -> x).average().orElseThrow();
        double meanB = b.stream().mapToDouble(x -> x).average().orElseThrow();
        double ab = 0;
        double aa = 0;
        double bb = 0;
        for (int i = 0; i < a.size(); i++) {
            ab += (a.get(i) - meanA) * (b.get(i) - meanB);
            aa += (a.get(i) - meanA) * (a.get(i) - meanA);
            bb += (b.get(i) - meanB) * (b.get(i) - meanB);
        }
        return ab / Math.sqrt(aa * bb);
    }
}
